import type { Round } from '#core/api';
import type { MorningLook } from '#core/diary';
import type { OutboxLook } from '../sync/outboxStore';

/** Looks between this device and the server's list: what was sent stands here until the list has it, what was taken back is gone for good. */
export interface Settling {
  waiting: readonly OutboxLook[];
  /** Sent, and not in the list that was fetched last. */
  sent: readonly MorningLook[];
  back: ReadonlySet<string>;
  /** How many have left the device so far. */
  left: number;
}

export const settlingOf = (waiting: readonly OutboxLook[]): Settling => ({
  waiting,
  sent: [],
  back: new Set(waiting.filter(({ isTakenBack, refusal }) => isTakenBack && !refusal).map(({ id }) => id)),
  left: 0,
});

/**
 * What has become of looks when something was said, sent or fetched; the same object where nothing has. A list may be fetched before a look arrives at the
 * server and come after it: without this the look would be gone for a moment, and a quick tap would be for the same car again.
 */
export function settle(
  before: Settling,
  waiting: readonly OutboxLook[],
  fetched: Round | undefined,
): Settling {
  const known = new Set(fetched?.cars.flatMap(({ looks }) => looks.map(({ id }) => id)));
  const isSettled = before.waiting === waiting && !before.sent.some(({ id }) => known.has(id));
  if (isSettled) return before;
  const here = new Set(waiting.map(({ id }) => id));
  // That the server would not take one back leaves it there.
  const stays = new Set(
    waiting.filter(({ isTakenBack, refusal }) => isTakenBack && refusal).map(({ id }) => id),
  );
  const back = new Set([...before.back, ...settlingOf(waiting).back].filter((id) => !stays.has(id)));
  const gone = before.waiting.filter(({ id }) => !here.has(id));
  const taken = gone.filter(({ refusal }) => !refusal).map(({ look }) => look);
  const sent = [...before.sent, ...taken].filter(({ id }) => !known.has(id) && !back.has(id));
  return { waiting, sent, back, left: before.left + gone.length };
}

/** A round with the looks of this device in it. */
export function settledRound(round: Round, { waiting, sent, back }: Settling, who: string): Round['cars'] {
  const own = [...sent, ...waiting.filter(({ refusal }) => !refusal).map(({ look }) => look)];
  return round.cars.map((car) => {
    const here = own.filter((look) => look.car === car.car && !back.has(look.id));
    const known = car.looks.filter(({ id }) => !back.has(id) && !here.some((look) => look.id === id));
    return { ...car, looks: [...known, ...here.map((look) => ({ ...look, who }))] };
  });
}
