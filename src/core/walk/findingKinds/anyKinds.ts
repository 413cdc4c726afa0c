import { materials } from '../../car';
import { type FindingKindFacts, PAINTED } from './findingKindFacts';

/** What may be found on many things. */
export const anyKinds = {
  loose: {
    isAnywhere: true,
    uk: 'Loose or missing',
    us: 'Loose or missing',
    howFar: ['loose', 'hanging', 'missing'],
    mends: ['refit', 'replace'],
    measuredBy: 'count',
    on: [
      ...PAINTED,
      'glass',
      'rubber',
      'chrome',
      'fabric',
      'vinyl',
      'mechanical',
      'none',
      'alloy',
      'leather',
    ],
    notOn: ['tyre', 'tyre-inner', 'wheel', 'smell', 'odometer'],
    tests: [],
  },
  broken: {
    isAnywhere: true,
    uk: 'Cracked or broken',
    us: 'Cracked or broken',
    howFar: ['hairline', 'cracked', 'broken off'],
    mends: ['refit', 'replace'],
    measuredBy: 'length',
    on: ['plastic', 'glass', 'mechanical', 'wood', 'carbon', 'none'],
    notOn: ['windscreen', 'rearglass', 'sideglass', 'quarterglass', 'glassroof', 'smell'],
    tests: [],
  },
  worn: {
    isAnywhere: true,
    uk: 'Split or worn',
    us: 'Split or worn',
    mends: ['replace'],
    measuredBy: 'length',
    on: ['rubber'],
    parts: ['wipers'],
    tests: [],
  },
  other: {
    isAnywhere: true,
    uk: 'Something else',
    us: 'Something else',
    mends: ['clean', 'find-out'],
    measuredBy: 'area',
    isLast: true,
    on: [...materials],
    tests: ['wipe', 'feel'],
  },
} as const satisfies Record<string, FindingKindFacts>;
