import type { Vocabulary } from '../car';
import { adviceWords, type Decision, type Remedy, workWords } from './remedy';

/** Cures as work to be done; empty where none was named. */
export const workLine = ({ cures }: Remedy, vocabulary: Vocabulary): string =>
  cures ? workWords(cures, vocabulary) : '';

/** Cures as advice, which promises nothing; empty where none was named. */
export const adviceLine = ({ cures }: Remedy, vocabulary: Vocabulary): string =>
  cures ? adviceWords(cures, vocabulary) : '';

export const isPromised = ({ decision }: Remedy): boolean => decision?.is === 'promised';

/** What was decided, as a reader is told it; empty where nothing was. Who sees to a promise is the yard's own matter. */
export function decisionLine({ decision }: Remedy, vocabulary: Vocabulary): string {
  switch (decision?.is) {
    case undefined:
      return '';
    case 'promised':
      return `Will be put right before collection${decision.by ? `, by ${dayWords(decision.by)}` : ''}`;
    case 'buyer-chooses':
      return `The buyer may choose to have it put right${decision.price ? `, for ${priceWords(decision.price, vocabulary)}` : ''}`;
    case 'house-decides':
      return 'Whether it is put right is not decided';
    case 'left':
      return 'Left as it is';
  }
}

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
