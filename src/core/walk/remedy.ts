import type { Vocabulary } from '../car';
import { cureName, cureWordsOf } from './cures';
import type { Cures, StoredDecision } from './remedySchema';

/** `asAction` marks a decision read out of an early log, where what would be done was promised without saying so. */
export type Decision = StoredDecision & { asAction?: true };
export const decisions = ['promised', 'buyer-chooses', 'house-decides', 'left'] as const;

export const decisionNames: Record<StoredDecision['is'], string> = {
  promised: 'Promised',
  'buyer-chooses': 'Buyer may choose',
  'house-decides': 'We shall see',
  left: 'Leave and say so',
};

/** What would mend it and what was decided: two facts, either without the other. */
export interface Remedy {
  cures?: Cures | undefined;
  decision?: Decision | undefined;
}

/** Cures as work to be done: "Touch in, then machine polish". */
export const workWords = (cures: Cures, vocabulary: Vocabulary): string =>
  cures
    .map(({ cure }, i) => (i === 0 ? cureName(cure, vocabulary) : cureName(cure, vocabulary).toLowerCase()))
    .join(', then ');

/** Cures as advice, which promises nothing: "should touch in, then may polish out"; only named where nobody said how sure it is. */
export function adviceWords(cures: Cures, vocabulary: Vocabulary): string {
  return cures
    .map(({ cure, sure }) => {
      const { name, does } = cureWordsOf(cure, vocabulary);
      return sure ? `${sure} ${does}` : name.toLowerCase();
    })
    .join(', then ');
}
