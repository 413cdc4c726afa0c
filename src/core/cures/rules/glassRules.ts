import type { WrittenRule } from '../rule';

const onScreen = { fact: 'screenSays', is: ['resin', 'new-screen', 'leave', 'measure'] } as const;
const LAMPS = ['headlamp', 'foglamp', 'taillamp', 'indicator'];

/** Glass and lamps. */
export const glassRules: readonly WrittenRule[] = [
  {
    id: 'fill-screen',
    cure: 'glass-repair',
    for: [onScreen, { fact: 'kind', is: ['glass-chip', 'glass-crack'] }],
    says: 'a small one away from the driver’s eyes and the edge is filled with resin',
    sure: 'should',
    weaker: [{ if: { fact: 'screenSays', is: ['measure'] }, says: 'its size was not measured' }],
    never: [
      { if: { fact: 'screenSays', is: ['new-screen'] }, says: 'by its place or size it is not filled' },
    ],
  },
  {
    id: 'new-screen',
    cure: 'glass-replace',
    for: [
      { fact: 'partKind', is: ['windscreen', 'rearglass', 'sideglass', 'quarterglass', 'glassroof'] },
      {
        fact: 'kind',
        is: ['glass-chip', 'glass-crack', 'glass-scratch', 'old-filling', 'delamination', 'broken'],
      },
    ],
    says: 'new glass; a camera behind the screen may have to be set up again',
    sure: 'will',
    never: [
      { if: { fact: 'screenSays', is: ['resin'] }, says: 'it can be filled' },
      {
        if: { fact: 'nail', is: ['glides'] },
        says: 'the nail glides over it: glass is not changed for that',
      },
    ],
  },
  {
    id: 'polish-glass',
    cure: 'polish',
    for: [{ fact: 'kind', is: ['glass-scratch'] }],
    says: 'a faint line in glass is polished down with care',
    sure: 'may',
    never: [
      {
        if: { fact: 'nail', is: ['catches'] },
        says: 'the nail catches: polishing it out would bend the view',
      },
    ],
  },
  {
    id: 'polish-lamp',
    cure: 'lamp-polish',
    for: [
      { fact: 'partKind', is: LAMPS },
      { fact: 'kind', is: ['haze'] },
    ],
    says: 'haze outside comes off, and is sealed',
    sure: 'should',
  },
  {
    id: 'dry-lamp',
    cure: 'find-out',
    for: [
      { fact: 'partKind', is: LAMPS },
      { fact: 'kind', is: ['moisture'] },
    ],
    says: 'dry it and look for the seal or cap that lets water in',
    sure: 'should',
  },
  {
    id: 'new-lamp',
    cure: 'replace',
    for: [
      { fact: 'partKind', is: LAMPS },
      { fact: 'kind', is: ['moisture', 'lamp-crack', 'lamp-lug', 'broken', 'haze', 'glass-crack'] },
    ],
    says: 'a new lamp',
    sure: 'will',
    never: [{ if: { fact: 'severity', is: ['slight'] }, says: 'it is slight: a new lamp is not for that' }],
  },
  {
    id: 'lamp-lug',
    cure: 'refit',
    for: [{ fact: 'kind', is: ['lamp-lug'] }],
    says: 'a repair lug, where the maker sells one',
    sure: 'may',
  },
];
