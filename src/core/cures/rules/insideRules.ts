import type { WrittenRule } from '../rule';

const HEAVY = { fact: 'severity', is: ['heavy'] } as const;

/** Cabin, boot and bed; smells. */
export const insideRules: readonly WrittenRule[] = [
  {
    id: 'clean-trim',
    cure: 'clean',
    for: [{ fact: 'kind', is: ['stain', 'colour-rub', 'shiny'] }],
    says: 'the right cleaner lifts it',
    sure: 'should',
    weaker: [
      { if: HEAVY, says: 'a heavy one leaves a ring' },
      { if: { fact: 'wipe', is: ['stays'] }, says: 'it stayed when it was wiped' },
    ],
  },
  {
    id: 'recolour-trim',
    cure: 'recolour',
    for: [
      { fact: 'material', is: ['leather', 'vinyl'] },
      { fact: 'kind', is: ['wear', 'crease', 'colour-rub', 'cover-crack', 'scuff', 'scratch', 'shiny'] },
    ],
    says: 'leather is filled and coloured again',
    sure: 'should',
    weaker: [{ if: { fact: 'kind', is: ['cover-crack', 'crease'] }, says: 'the line comes back in use' }],
    never: [{ if: { fact: 'hole', is: ['yes'] }, says: 'there is a hole: it is let in or covered anew' }],
  },
  {
    id: 'mend-trim',
    cure: 'refit',
    for: [{ fact: 'kind', is: ['tear', 'burn', 'sag', 'flat-bolster'] }],
    says: 'a trimmer lets in, sews or pads it',
    sure: 'should',
    weaker: [{ if: HEAVY, says: 'a large one shows' }],
  },
  {
    id: 'new-trim',
    cure: 'replace',
    for: [
      { fact: 'kind', is: ['wear', 'cover-crack', 'tear', 'burn', 'stain', 'sag', 'flat-bolster', 'shiny'] },
    ],
    says: 'a new cover or part',
    sure: 'will',
    never: [{ if: { fact: 'severity', is: ['slight'] }, says: 'it is slight: a new part is not for that' }],
  },
  {
    id: 'treat-smell',
    cure: 'clean',
    for: [{ fact: 'kind', is: ['smell', 'bad-smell'] }],
    says: 'cabin, filter and ducts are cleaned and aired',
    sure: 'should',
    weaker: [{ if: HEAVY, says: 'a strong smell comes back in the warm' }],
  },
  {
    id: 'seek-smell',
    cure: 'find-out',
    for: [
      { fact: 'kind', is: ['smell', 'bad-smell'] },
      { fact: 'severity', is: ['plain', 'heavy'] },
    ],
    says: 'damp, fuel and burning have a cause to be found first',
    sure: 'should',
  },
  {
    id: 'clean-belt',
    cure: 'clean',
    for: [{ fact: 'kind', is: ['slow-belt'] }],
    says: 'a dirty belt runs back once it is washed',
    sure: 'may',
  },
  {
    id: 'new-belt',
    cure: 'replace',
    for: [{ fact: 'kind', is: ['slow-belt'] }],
    says: 'a new belt, fitted by a trained person',
    sure: 'will',
  },
];
