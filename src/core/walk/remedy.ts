import type { Cures, StoredDecision } from './remedySchema';

/**
 * `asAction` marks a decision read out of an early log, where what would be done was promised without saying so; `first` is the day that was promised
 * before it was put off.
 */
export type Decision = StoredDecision & { asAction?: true; first?: string };

/** A decision in place of an earlier one. The day first promised stays known for as long as it stays a promise. */
export function decidedAnew(before: Decision | undefined, now: Decision): Decision {
  if (before?.is !== 'promised' || now.is !== 'promised') return now;
  const first = before.first ?? before.by;
  return first && now.by && now.by > first ? { ...now, first } : now;
}
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
