import type { CheckedPart, Occasion, Verdict } from './arrivalCheckSchema';

export const occasionWords: Record<Occasion, { name: string; when: string }> = {
  collection: { name: 'Collection check', when: 'when it was collected' },
  arrival: { name: 'Arrival check', when: 'on arrival' },
};

export const verdictWords: Record<Verdict | 'not-looked-at', string> = {
  'as-described': 'As described',
  different: 'New or different',
  'could-not-tell': 'Could not tell',
  'not-looked-at': 'Not looked at',
};

const parts = (n: number) => `${n} ${n === 1 ? 'part' : 'parts'}`;

/** How the check went, the differences first. */
export function checkSummary(checked: readonly Pick<CheckedPart, 'verdict'>[]): string[] {
  const of = (verdict: CheckedPart['verdict']) => checked.filter((each) => each.verdict === verdict).length;
  const [different, unsure, skipped, same] = [
    of('different'),
    of('could-not-tell'),
    of('not-looked-at'),
    of('as-described'),
  ];
  return [
    different === 0 ? 'Nothing new or different was found.' : `${parts(different)} new or different.`,
    ...(same > 0 ? [`${parts(same)} as described.`] : []),
    ...(unsure > 0 ? [`${parts(unsure)} could not be told.`] : []),
    ...(skipped > 0 ? [`${parts(skipped)} not looked at.`] : []),
  ];
}
