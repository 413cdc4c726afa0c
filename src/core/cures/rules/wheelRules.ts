import type { WrittenRule } from '../rule';

const CHECK_FIRST = {
  if: { fact: 'wheelWants', is: ['check'] },
  says: 'the rim is bent or cracked: judged by a qualified person first',
} as const;

/** Wheels and tyres. */
export const wheelRules: readonly WrittenRule[] = [
  {
    id: 'refurb-wheel',
    cure: 'wheel-refurbish',
    for: [
      { fact: 'kind', is: ['kerbing', 'wheel-corrosion', 'wheel-flaking', 'scratch', 'scuff'] },
      { fact: 'partKind', is: ['wheel'] },
    ],
    says: 'stripped and finished anew, tyre off',
    sure: 'will',
    provided: [
      {
        if: { fact: 'wheelFinish', isNot: ['chrome'] },
        says: 'its finish is one that is done on site',
        otherwise: 'chrome is not done again: another wheel, or a plater',
      },
    ],
    weaker: [
      {
        if: { fact: 'wheelFinish', is: ['diamond-cut'] },
        says: 'a cut face bears the lathe only so often: its thickness is measured first',
      },
    ],
    never: [CHECK_FIRST],
  },
  {
    id: 'touch-in-wheel',
    cure: 'touch-in',
    for: [
      { fact: 'kind', is: ['kerbing', 'scratch'] },
      { fact: 'partKind', is: ['wheel'] },
    ],
    says: 'a short shallow mark on a painted wheel is rubbed down and touched in',
    sure: 'should',
    provided: [
      {
        if: { fact: 'wheelWants', is: ['touch-in'] },
        says: 'it is short and shallow',
        otherwise: 'it is too long or too deep, or the finish does not take it',
      },
    ],
    never: [CHECK_FIRST],
  },
  {
    id: 'new-wheel',
    cure: 'replace',
    for: [
      { fact: 'partKind', is: ['wheel'] },
      { fact: 'wheelFinish', is: ['chrome', 'diamond-cut'] },
      { fact: 'kind', is: ['kerbing', 'wheel-corrosion', 'wheel-flaking'] },
    ],
    says: 'another wheel of the same kind',
    sure: 'will',
  },
  {
    id: 'new-tyre',
    cure: 'replace',
    for: [
      { fact: 'kind', is: ['tyre', 'tyre-cracks', 'tyre-wear', 'tyre-cut', 'tyre-bulge'] },
      { fact: 'partKind', is: ['tyre', 'tyre-inner', 'sparekit'] },
    ],
    says: 'a new tyre, the other of its axle looked at with it',
    sure: 'will',
  },
  {
    id: 'set-axle',
    cure: 'adjust',
    for: [{ fact: 'kind', is: ['tyre-wear'] }],
    says: 'wheel angles are measured and set, or the next tyre wears the same',
    sure: 'should',
  },
];
