import { type Trade, tradeNames } from '../plan';
import { shortDay } from '../wording';
import type { Placed, Schedule, Waits } from './schedule';

interface Told {
  /** Name of a task. */
  saysOf: (task: string) => string;
  /** The day of a half-day. */
  dayOf: (slot: number) => string;
}

/** Why a task is not earlier, in words; empty where it begins as soon as it may. */
export function waitsWords(because: Waits, start: number | undefined, { saysOf, dayOf }: Told): string {
  const name = (trade: string) =>
    trade === 'own-hands' ? 'our own hands' : `the ${tradeNames[trade as Trade].toLowerCase()}`;
  switch (because.for) {
    case 'nothing':
      return '';
    case 'task':
      return start === undefined
        ? `waits for “${saysOf(because.task)}”, which has no day`
        : `comes after “${saysOf(because.task)}”`;
    case 'curing':
      return `the paint of “${saysOf(because.task)}” cures first`;
    case 'crew-away':
      return start === undefined
        ? `nobody does the work of ${name(because.trade)} in these weeks`
        : `waits for ${name(because.trade)}, next on ${shortDay(dayOf(start))}`;
    case 'crew-busy':
      return start === undefined
        ? `there is no free half-day of ${name(because.trade)} in these weeks`
        : `waits for a free half-day of ${name(because.trade)}`;
    case 'car-busy':
      return 'the car is being worked on elsewhere';
    case 'visit':
      return `${name(because.trade)} comes that day anyway`;
    case 'stood':
      return 'waits where it was planned before: plan it anew, and it comes earlier';
    case 'hand':
      return 'put there by hand';
    case 'stopped':
      return `cannot be done: ${because.why}`;
  }
}

/** What a car’s last task waits for in the end: back along what comes before, to what is not its own order. */
export function rootWait(
  { placed, unplaced }: Pick<Schedule, 'placed' | 'unplaced'>,
  last: string,
): { task: string; because: Waits; start?: number } {
  let task = last;
  for (let steps = 0; steps < 100; steps++) {
    const at: Placed | undefined = placed.get(task);
    const because = at?.because ?? unplaced.get(task) ?? { for: 'nothing' };
    if (because.for !== 'task') return { task, because, ...(at && { start: at.start }) };
    task = because.task;
  }
  return { task, because: { for: 'nothing' } };
}
