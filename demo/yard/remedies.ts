import type { Cure, Cures, StoredDecision, Sureness } from '#core/walk';

/** What a seller of the demo yard says of a fault, and what was decided. */
interface Said {
  cures: Cures;
  decision?: StoredDecision;
}

export const left: StoredDecision = { is: 'left' };

/** Will be put right before collection. */
export const promised = (cure: Cure, by?: string): Said => ({
  cures: [{ cure, sure: 'will' }],
  decision: { is: 'promised', ...(by && { by }) },
});

/** Advice alone: nobody has promised it. */
export const advised = (cure: Cure, sure: Sureness = 'should'): Said => ({ cures: [{ cure, sure }] });
