import type { FindingDraft } from './drafts';

/** Why something must be asked before it is taken. */
export const whyAsked: Record<FindingDraft['questions'][number], string> = {
  'which-part': 'the part was not said',
  'said-two': 'two places were said',
  'impossible-number': 'that number cannot be meant',
  'part-not-on-car': 'this car has no such part',
  'which-side': 'the side was not said',
  'which-end': 'front or rear was not said',
  'which-kind': 'what kind of fault it is was not said',
  'kind-does-not-fit': 'such a fault is not usual there',
};
