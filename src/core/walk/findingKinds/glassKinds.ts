import type { FindingKindFacts } from './findingKindFacts';

/** Glass and lamps. */
export const glassKinds = {
  'glass-chip': {
    uk: 'Chip in the glass',
    us: 'Chip in the glass',
    measuredBy: 'diameter',
    on: ['glass'],
    tests: ['wipe', 'feel'],
  },
  'glass-crack': {
    uk: 'Crack in the glass',
    us: 'Crack in the glass',
    measuredBy: 'length',
    on: ['glass'],
    parts: ['windscreen', 'rearglass', 'sideglass', 'quarterglass'],
    tests: ['nail'],
  },
  'glass-scratch': {
    uk: 'Scratch in the glass',
    us: 'Scratch in the glass',
    measuredBy: 'length',
    on: ['glass'],
    tests: ['wipe', 'nail'],
  },
  haze: {
    uk: 'Haze or yellowing',
    us: 'Haze or yellowing',
    measuredBy: 'area',
    on: ['glass'],
    parts: ['headlamp', 'foglamp', 'taillamp'],
    tests: ['wipe'],
  },
  moisture: {
    uk: 'Moisture inside',
    us: 'Moisture inside',
    measuredBy: 'area',
    on: ['glass'],
    parts: ['headlamp', 'foglamp', 'taillamp'],
    tests: [],
  },
  delamination: {
    uk: 'Delamination at the edge',
    us: 'Delamination at the edge',
    measuredBy: 'area',
    on: ['glass'],
    parts: ['windscreen', 'rearglass', 'glassroof'],
    tests: [],
  },
} as const satisfies Record<string, FindingKindFacts>;
