import type { FindingKindFacts } from './findingKindFacts';

/** Under the bonnet and underneath. */
export const mechanicalKinds = {
  leak: {
    uk: 'Leak or fluid mark',
    us: 'Leak or fluid mark',
    howFar: ['a mark', 'weeping', 'dripping'],
    mends: ['find-out', 'mechanical'],
    measuredBy: 'area',
    on: ['mechanical'],
    tests: ['wipe'],
    caution: 'If it drips near the exhaust: do not drive until a qualified person has checked it.',
  },
  corrosion: {
    uk: 'Corrosion',
    us: 'Corrosion',
    mends: ['treat-rust', 'replace'],
    measuredBy: 'area',
    on: ['mechanical'],
    tests: ['feel'],
  },
  split: {
    uk: 'Perished or split',
    us: 'Perished or split',
    howFar: ['perished', 'cracked', 'split'],
    mends: ['replace', 'mechanical'],
    measuredBy: 'length',
    on: ['mechanical', 'rubber', 'fabric'],
    parts: ['hoses', 'airlines', 'bootseal', 'mudflap', 'softtop'],
    tests: ['feel'],
  },
} as const satisfies Record<string, FindingKindFacts>;
