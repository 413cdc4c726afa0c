import { useState } from 'react';
import { v4 as newId } from 'uuid';
import { type Draft, factsOf } from '#core/speech';
import type { Fact, WalkFilm } from '#core/walk';
import { buzz } from '../../../device/habits';
import { keepJudgement } from '../../../pictures/judgements';
import { judgePhoto } from '../../../pictures/pictureWorker';
import { hashPhoto } from '../../../sync/hashPhoto';
import { useSessions } from '../../../sync/SyncContext';
import type { OpenWalk } from '../../../sync/useWalk';
import { type ChosenFrame, ringOf } from './useFrames';

export interface ToTake {
  key: string;
  draft: Draft;
  /** Its picture, waited for where it is still being looked for. */
  frame: () => Promise<ChosenFrame | undefined>;
}

/** Entries that one press of a button made. */
type Step = readonly string[];

/** Takes statements of a film into the record as ordinary entries, each with where in the film it was said, and takes them back. */
export function useTaking(walk: OpenWalk, film: WalkFilm) {
  const { outbox } = useSessions();
  const [steps, setSteps] = useState<readonly Step[]>([]);
  const [isTaking, setTaking] = useState(false);
  const { style, state, record } = walk;

  const take = async (chosen: readonly ToTake[]) => {
    if (isTaking) return;
    setTaking(true);
    try {
      await outbox.takeIn(async () => {
        const lampsOn = new Set(state.functions.lampsOn);
        const ready: { each: ToTake; facts: Fact[] }[] = [];
        for (const each of chosen) {
          const facts = factsOf([each.draft], { style, newId, lampsOn: [...lampsOn] });
          if (each.draft.is === 'lamp') lampsOn.add(each.draft.lamp);
          if (facts.length === 0) continue;
          const frame = await each.frame();
          const pictured = frame ? await pictureFacts(frame, facts, outbox) : [];
          ready.push({ each, facts: [...facts, ...pictured] });
        }
        const made: string[] = [];
        for (const { each, facts } of ready) {
          const entries = record(...facts).map(({ id }) => id);
          const { at, said, text } = each.draft;
          const [told] = record({
            kind: 'draft-taken',
            body: {
              film: film.id,
              draft: each.key,
              says: (said || text).slice(0, 600),
              entries,
              ...(at !== undefined && { atS: at }),
            },
          });
          made.push(...entries, ...(told ? [told.id] : []));
        }
        if (made.length > 0) setSteps((before) => [...before, made]);
        buzz();
      });
    } finally {
      setTaking(false);
    }
  };

  const takeBack = (entries: readonly string[]) =>
    record(...entries.map((entry): Fact => ({ kind: 'undone', body: { entry } })));
  return {
    take,
    isTaking,
    leaveOut: (key: string) => {
      const [told] = record({ kind: 'draft-left-out', body: { film: film.id, draft: key } });
      if (told) setSteps((before) => [...before, [told.id]]);
    },
    /** Opens a statement again that was dealt with. */
    reopen: (key: string) => {
      const taken = film.taken.get(key);
      const left = film.leftOut.get(key);
      if (taken) takeBack([...taken.entries, taken.entry]);
      else if (left) takeBack([left]);
    },
    canUndo: steps.length > 0,
    undo: () => {
      const last = steps.at(-1);
      if (!last) return;
      takeBack(last);
      setSteps((before) => before.slice(0, -1));
    },
  };
}

/** The frame as a picture of what was found, kept on the device first. */
async function pictureFacts(
  frame: ChosenFrame,
  facts: readonly Fact[],
  outbox: ReturnType<typeof useSessions>['outbox'],
): Promise<Fact[]> {
  const noted = facts.find((fact) => fact.kind === 'finding-noted');
  const part =
    noted?.body.part ?? (facts.some(({ kind }) => kind === 'odometer-read') ? 'odometer' : undefined);
  if (part === undefined) return [];
  const photo = await hashPhoto(frame.jpeg);
  await outbox.addPhoto(photo, frame.jpeg);
  void judgePhoto(frame.jpeg).then((judged) => judged && keepJudgement(photo, judged));
  const finding = noted?.body.finding;
  return [
    { kind: 'photo-attached', body: { photo, role: 'where', part, ...(finding && { finding }) } },
    ...(frame.mark && finding
      ? ([
          { kind: 'spot-on-photo', body: { photo, finding, at: frame.mark.at } },
          { kind: 'photo-marked', body: { photo, marks: [ringOf(frame.mark)] } },
        ] satisfies Fact[])
      : []),
  ];
}
