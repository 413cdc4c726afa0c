import { materials } from '../../car';
import { type FindingKindFacts, PAINTED } from './findingKindFacts';

/** What may be found on many things. */
export const anyKinds = {
  loose: {
    uk: 'Loose or missing',
    us: 'Loose or missing',
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
    uk: 'Cracked or broken',
    us: 'Cracked or broken',
    measuredBy: 'length',
    on: ['plastic', 'glass', 'mechanical', 'wood', 'carbon', 'none'],
    notOn: ['windscreen', 'rearglass', 'sideglass', 'quarterglass', 'glassroof', 'smell'],
    tests: [],
  },
  worn: {
    uk: 'Split or worn',
    us: 'Split or worn',
    measuredBy: 'length',
    on: ['rubber'],
    parts: ['wipers'],
    tests: [],
  },
  other: {
    uk: 'Something else',
    us: 'Something else',
    measuredBy: 'area',
    isLast: true,
    on: [...materials],
    tests: ['wipe', 'feel'],
  },
} as const satisfies Record<string, FindingKindFacts>;
