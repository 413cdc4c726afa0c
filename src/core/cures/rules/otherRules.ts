import type { WrittenRule } from '../rule';

/** What may be on any part, what works by itself, what comes with the car, what is on paper. */
export const otherRules: readonly WrittenRule[] = [
  {
    id: 'fix-loose',
    cure: 'refit',
    for: [{ fact: 'kind', is: ['loose', 'broken', 'film-lift', 'decal'] }],
    says: 'it is fastened again, with a new clip or bracket',
    sure: 'should',
    never: [{ if: { fact: 'howFar', is: ['heavy'] }, says: 'it is missing or broken off' }],
  },
  {
    id: 'new-part',
    cure: 'replace',
    for: [
      {
        fact: 'kind',
        is: [
          'loose',
          'broken',
          'worn',
          'split',
          'corrosion',
          'film-gash',
          'film-bubble',
          'film-short',
          'film-lift',
          'decal',
        ],
      },
      {
        fact: 'partKind',
        isNot: [
          'windscreen',
          'rearglass',
          'sideglass',
          'quarterglass',
          'glassroof',
          'headlamp',
          'foglamp',
          'taillamp',
        ],
      },
    ],
    says: 'a new part',
    sure: 'will',
  },
  {
    id: 'bright-again',
    cure: 'polish',
    for: [
      { fact: 'kind', is: ['pitting', 'scratch', 'scuff'] },
      { fact: 'material', is: ['chrome', 'aluminium'] },
      { fact: 'panel', isNot: ['painted'] },
    ],
    says: 'bright metal is polished; pits stay',
    sure: 'may',
  },
  {
    id: 'seek-leak',
    cure: 'find-out',
    for: [{ fact: 'kind', is: ['leak', 'other', 'mark'] }],
    says: 'what it is has to be found first',
    sure: 'should',
  },
  {
    id: 'mend-leak',
    cure: 'mechanical',
    for: [{ fact: 'kind', is: ['leak', 'split'] }],
    says: 'seal, hose or gasket in the workshop',
    sure: 'should',
    never: [
      { if: { fact: 'howFar', is: ['slight'] }, says: 'an old mark: what it is has to be found first' },
    ],
  },
  {
    id: 'seek-fault',
    cure: 'find-out',
    for: [{ fact: 'kind', is: ['function'] }],
    says: 'the workshop reads it out and tells what it wants',
    sure: 'should',
  },
  {
    id: 'mend-fault',
    cure: 'mechanical',
    for: [{ fact: 'kind', is: ['function'] }],
    says: 'mended in the workshop, once it is known what it is',
    sure: 'may',
  },
  {
    id: 'get-item',
    cure: 'replace',
    for: [{ fact: 'kind', is: ['item'] }],
    says: 'what is missing is bought',
    sure: 'will',
  },
  {
    id: 'due-on-paper',
    cure: 'mechanical',
    for: [{ fact: 'kind', is: ['certificate', 'service'] }],
    says: 'what is due is done and put on paper',
    sure: 'will',
  },
];
