import { measureName } from './measures';
import type { TableIssue } from './table';

const bandOf = { age: 'bands of age', distance: 'bands of distance' } as const;

/** What is wrong with a table, and what to change. */
export function tableIssueWords(issue: TableIssue): string {
  switch (issue.code) {
    case 'empty':
      return 'The table is empty: it needs a row for each thing counted, band of age and band of distance. Export the table that is in use to see how it looks.';
    case 'twice':
      return `Rows ${issue.first} and ${issue.row} say two things of the same cars. Take one out.`;
    case 'backwards':
      return `Row ${issue.row}: its ${issue.of} ends before it begins. Turn the two figures round.`;
    case 'bands-overlap':
      return `Two ${bandOf[issue.of]} cover the same cars: ${issue.before}, and ${issue.after}. Let one begin where the other ends.`;
    case 'bands-gap':
      return `No ${issue.of === 'age' ? 'band of age' : 'band of distance'} lies between ${issue.before} and ${issue.after}. Let one begin where the other ends.`;
    case 'no-open-end':
      return `The last of the ${bandOf[issue.of]} must have no end, so that every car has one. Leave its end empty.`;
    case 'not-from-zero':
      return `The first of the ${bandOf[issue.of]} must begin with 0.`;
    case 'row-missing':
      return `There is no row for “${measureName(issue.measure, 'uk')}” at ${issue.age} and ${issue.distance}. Add it.`;
  }
}
