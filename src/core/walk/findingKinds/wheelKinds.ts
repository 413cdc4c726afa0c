import { type FindingKindFacts, STOP_DRIVING } from './findingKindFacts';

/** Wheels and tyres. */
export const wheelKinds = {
  kerbing: { uk: 'Kerbing', us: 'Curb rash', measuredBy: 'length', on: ['alloy'], tests: ['nail'] },
  'wheel-corrosion': {
    uk: 'Corrosion under lacquer',
    us: 'Corrosion under clear coat',
    measuredBy: 'area',
    on: ['alloy'],
    tests: ['feel'],
  },
  'wheel-flaking': {
    uk: 'Coating flaking',
    us: 'Coating flaking',
    measuredBy: 'area',
    on: ['alloy'],
    tests: ['feel'],
  },
  'wheel-bent': {
    uk: 'Bent or cracked rim',
    us: 'Bent or cracked rim',
    measuredBy: 'length',
    on: ['alloy'],
    tests: [],
    caution: STOP_DRIVING,
  },
  'tyre-bulge': {
    uk: 'Bulge',
    us: 'Bulge',
    measuredBy: 'diameter',
    on: ['rubber'],
    parts: ['tyre', 'tyre-inner'],
    tests: ['feel'],
    caution: STOP_DRIVING,
  },
  'tyre-cut': {
    uk: 'Cut',
    us: 'Cut',
    measuredBy: 'length',
    on: ['rubber'],
    parts: ['tyre', 'tyre-inner'],
    tests: ['feel'],
    caution: 'If cord shows, do not drive until a qualified person has checked it.',
  },
  'tyre-cracks': {
    uk: 'Cracks in the rubber',
    us: 'Cracks in the rubber',
    measuredBy: 'area',
    on: ['rubber'],
    parts: ['tyre', 'tyre-inner'],
    tests: ['feel'],
  },
  'tyre-wear': {
    uk: 'Uneven wear',
    us: 'Uneven wear',
    measuredBy: 'area',
    on: ['rubber'],
    parts: ['tyre', 'tyre-inner'],
    tests: ['feel'],
  },
} as const satisfies Record<string, FindingKindFacts>;
