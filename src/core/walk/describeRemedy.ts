import type { Vocabulary } from '../car';
import { foundWords } from './families/remedies/foundWords';
import type { MendChecked } from './families/remedies/state';
import { adviceWords, type Decision, type Remedy, workWords } from './remedy';

/** Cures as work to be done; empty where none was named. */
export const workLine = ({ cures }: Remedy, vocabulary: Vocabulary): string =>
  cures ? workWords(cures, vocabulary) : '';

/** Cures as advice, which promises nothing; empty where none was named. */
export const adviceLine = ({ cures }: Remedy, vocabulary: Vocabulary): string =>
  cures ? adviceWords(cures, vocabulary) : '';

export const isPromised = ({ decision }: Remedy): boolean => decision?.is === 'promised';

/** What was decided, as a reader is told it; empty where nothing was. Who sees to a promise is the yard's own matter. `today` tells a day that has passed as passed. */
export function decisionLine({ decision }: Remedy, vocabulary: Vocabulary, today?: string): string {
  switch (decision?.is) {
    case undefined:
      return '';
    case 'promised':
      return `Will be put right before collection${decision.by ? `, by ${dueWords(decision, today)}` : ''}`;
    case 'buyer-chooses':
      return `The buyer may choose to have it put right${decision.price ? `, for ${priceWords(decision.price, vocabulary)}` : ''}`;
    case 'house-decides':
      return 'Whether it is put right is not decided';
    case 'left':
      return 'Left as it is';
  }
}

/** The day of a promise: "9 December 2026 (3 December 2026 at first: the paint is not in)"; empty where none was named. */
export function dueWords({ by, first, why }: Extract<Decision, { is: 'promised' }>, today = ''): string {
  if (!by) return '';
  const notes = [
    ...(first ? [`${dayWords(first)} at first${why ? `: ${why}` : ''}`] : why ? [why] : []),
    ...(by < today ? ['this day has passed'] : []),
  ];
  return `${dayWords(by)}${notes.length > 0 ? ` (${notes.join('; ')})` : ''}`;
}

/** How it was found when it was looked at again: "Looked at again on 4 December 2026: better, but not gone; a shadow stays". Empty where nobody did. */
export const checkedLine = ({ checked }: { checked?: MendChecked | undefined }): string =>
  checked
    ? `Looked at again on ${dayWords(checked.at.slice(0, 10))}: ${checked.found === 'gone' ? 'gone' : foundWords[checked.found].told}${checked.says ? `; ${checked.says}` : ''}`
    : '';

/** "3 December 2026" */
export const dayWords = (day: string): string =>
  new Date(`${day}T00:00:00Z`).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    timeZone: 'UTC',
  });

type Price = NonNullable<Extract<Decision, { is: 'buyer-chooses' }>['price']>;
const priceWords = ({ amount, currency }: Price, vocabulary: Vocabulary): string =>
  amount.toLocaleString(vocabulary === 'us' ? 'en-US' : 'en-GB', {
    style: 'currency',
    currency,
    maximumFractionDigits: 0,
  });
