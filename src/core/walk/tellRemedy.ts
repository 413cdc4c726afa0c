import type { Vocabulary } from '../car';
import { isNothing, listed, own, starting, type Text } from '../told';
import { isoDay, longDay } from '../wording';
import type { MendChecked } from './families/remedies/state';
import type { Decision, Remedy } from './remedy';
import type { Cures } from './remedySchema';
import { inEnglish, say } from './words';

type Promised = Extract<Decision, { is: 'promised' }>;
const lineOf = (told: Text | undefined, vocabulary: Vocabulary): string =>
  told ? inEnglish(starting(told), vocabulary) : '';

/** Cures as work to be done: "touch in, then machine polish"; nothing where none was named. */
export const workTold = ({ cures }: Remedy): Text | undefined =>
  cures &&
  listed(
    'inTurn',
    cures.map(({ cure }) => say(`cure.${cure}`)),
  );
export const workLine = (remedy: Remedy, vocabulary: Vocabulary): string =>
  lineOf(workTold(remedy), vocabulary);

/** Cures as advice, which promises nothing: "should touch in, then may polish out"; only named where nobody said how sure it is. */
export const adviceTold = ({ cures }: Remedy): Text | undefined =>
  cures &&
  listed(
    'inTurn',
    cures.map(({ cure, sure }) =>
      sure ? say('advice', { sure, does: say(`cureDoes.${cure}`) }) : say(`cure.${cure}`),
    ),
  );
export const adviceWords = (cures: Cures, vocabulary: Vocabulary): string =>
  adviceLine({ cures }, vocabulary);
export const adviceLine = (remedy: Remedy, vocabulary: Vocabulary): string => {
  const told = adviceTold(remedy);
  return told ? inEnglish(told, vocabulary) : '';
};

export const isPromised = ({ decision }: Remedy): boolean => decision?.is === 'promised';

/** What was decided, as a reader is told it; nothing where nothing was. Who sees to a promise is the yard's own matter. `today` tells a day that has passed as passed. */
export function decisionTold({ decision }: Remedy, today?: string): Text | undefined {
  if (!decision) return undefined;
  if (decision.is === 'promised') {
    const due = dueTold(decision, today);
    return due ? say('decision.promisedBy', { due }) : say('decision.promised');
  }
  if (decision.is === 'buyer-chooses' && decision.price) {
    const { amount: money, currency } = decision.price;
    return say('decision.buyer-choosesAt', { price: { money, currency } });
  }
  return say(`decision.${decision.is}`);
}
export const decisionLine = (remedy: Remedy, vocabulary: Vocabulary, today?: string): string =>
  lineOf(decisionTold(remedy, today), vocabulary);

/** The day of a promise: "9 December 2026 (3 December 2026 at first: the paint is not in)"; nothing where none was named. */
export function dueTold({ by, first, why }: Promised, today = ''): Text | undefined {
  if (!by) return undefined;
  const said = why ? own(why) : undefined;
  const notes = listed('semicolon', [
    first && said
      ? say('due.atFirstWhy', { day: { day: first }, why: said })
      : first
        ? say('due.atFirst', { day: { day: first } })
        : said,
    by < today ? say('due.passed') : undefined,
  ]);
  const day = { day: by };
  return isNothing(notes) ? say('due', { day }) : say('due.noted', { day, notes });
}
export const dueWords = (promised: Promised, today?: string): string => {
  const due = dueTold(promised, today);
  return due ? inEnglish(due, 'uk') : '';
};

/** How it was found when it was looked at again: "Looked at again on 4 December 2026: better, but not gone; a shadow stays". Nothing where nobody did. */
export function checkedTold({ checked }: { checked?: MendChecked | undefined }): Text | undefined {
  if (!checked) return undefined;
  const { at, found, says } = checked;
  const day = { day: isoDay(at) };
  return says ? say('checked.more', { day, found, says: own(says) }) : say('checked', { day, found });
}
export const checkedLine = (remedy: { checked?: MendChecked | undefined }): string =>
  lineOf(checkedTold(remedy), 'uk');

/** Whether a promise was kept by the day something was found gone: "promised by 3 December 2026, and kept". Nothing where nothing was promised. */
export function keptTold({ decision }: Remedy, at: string): Text | undefined {
  if (decision?.is !== 'promised') return undefined;
  const due = decision.first ?? decision.by;
  return due
    ? say('kept.by', { day: { day: due }, kept: isoDay(at) <= due ? 'yes' : 'no' })
    : say('kept.asPromised');
}

/** "3 December 2026" */
export const dayWords = longDay;
