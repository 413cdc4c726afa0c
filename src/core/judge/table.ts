import { z } from 'zod';
import { type MeasureId, measureIds } from './measures';

/** So many rows are read at most: eight measures, a dozen bands each way. */
export const MOST_ROWS = 1200;
export const MOST_EXPECTED = 200;

const years = (what: string) =>
  z
    .int(`${what} is a whole number of years.`)
    .min(0, `${what} cannot be less than 0.`)
    .max(100, `${what} is at most 100.`);
const miles = (what: string) =>
  z
    .int(`${what} is a whole number of miles.`)
    .min(0, `${what} cannot be less than 0.`)
    .max(1_000_000, `${what} is at most 1,000,000.`);

/** How many of a thing are usual on cars of one band of age and distance. An open band has no end. */
export const expectationSchema = z.strictObject({
  measure: z.enum(measureIds, `Which is counted is one of: ${measureIds.join(', ')}.`),
  ageFrom: years('The age a band begins with'),
  /** The last whole year of it. */
  ageTo: years('The age a band ends with').optional(),
  milesFrom: miles('The distance a band begins with'),
  /** The first mile that is no longer in it. */
  milesTo: miles('The distance a band ends with').optional(),
  expected: z
    .number('How many are usual is a number.')
    .min(0, 'How many are usual cannot be less than 0.')
    .max(MOST_EXPECTED, `How many are usual is at most ${MOST_EXPECTED}.`),
  /** Of 100 of them, so many are heavy. */
  heavyPercent: z
    .number('How many are heavy is a number of a hundred.')
    .min(0, 'How many are heavy is 0 to 100 of a hundred.')
    .max(100, 'How many are heavy is 0 to 100 of a hundred.'),
  /** A house default, or set by the yard. */
  setBy: z.enum(['house', 'yard'], 'A row is set by “house” or “yard”.'),
});
export type Expectation = z.output<typeof expectationSchema>;

export const expectationTableSchema = z.strictObject({
  rows: z.array(expectationSchema).min(1, 'The table is empty: it needs rows.').max(MOST_ROWS),
});
export type ExpectationTable = z.output<typeof expectationTableSchema>;

/** A band of whole years, or of miles: `to` is the last year, or the first mile beyond; absent where it has no end. */
export interface Band {
  from: number;
  to?: number;
}

/** A table as the model reads it: bands in order, and a row for each measure, band of age and band of distance. */
export interface Grid {
  ages: readonly Band[];
  miles: readonly Band[];
  /** Rows of a measure, by age, then by distance. */
  rows: ReadonlyMap<MeasureId, readonly Expectation[]>;
}

export type TableIssue =
  | { code: 'empty' }
  | { code: 'twice'; row: number; first: number }
  | { code: 'backwards'; row: number; of: 'age' | 'distance' }
  | { code: 'bands-overlap' | 'bands-gap'; of: 'age' | 'distance'; before: string; after: string }
  | { code: 'no-open-end' | 'not-from-zero'; of: 'age' | 'distance' }
  | { code: 'row-missing'; measure: MeasureId; age: string; distance: string };

const plain = (n: number): string => n.toLocaleString('en-GB');
export const ageBandWords = ({ from, to }: Band): string =>
  to === undefined ? `${from} years and older` : from === to ? `${from} years` : `${from} to ${to} years`;
export const milesBandWords = ({ from, to }: Band): string =>
  to === undefined ? `${plain(from)} miles and more` : `${plain(from)} to ${plain(to)} miles`;

/** What is wrong with a table, as a grid without gaps, overlaps or rows said twice; its grid where nothing is. Rows count from 1. */
export function gridOf(
  rows: readonly Expectation[],
): { ok: true; grid: Grid } | { ok: false; issues: TableIssue[] } {
  if (rows.length === 0) return { ok: false, issues: [{ code: 'empty' }] };
  const issues: TableIssue[] = rows.flatMap(backwards);
  if (issues.length > 0) return { ok: false, issues };
  const ages = bandsOf(rows.map(({ ageFrom, ageTo }) => band(ageFrom, ageTo)));
  const miles = bandsOf(rows.map(({ milesFrom, milesTo }) => band(milesFrom, milesTo)));
  issues.push(...chained(ages, 'age', 1), ...chained(miles, 'distance', 0));
  const seen = new Map<string, number>();
  for (const [i, row] of rows.entries()) {
    const key = keyOf(row.measure, row.ageFrom, row.milesFrom);
    const first = seen.get(key);
    if (first !== undefined) issues.push({ code: 'twice', row: i + 1, first: first + 1 });
    else seen.set(key, i);
  }
  if (issues.length > 0) return { ok: false, issues };
  const byMeasure = new Map<MeasureId, Expectation[]>();
  for (const measure of measureIds)
    byMeasure.set(
      measure,
      ages.flatMap((age) =>
        miles.flatMap((far) => {
          const at = seen.get(keyOf(measure, age.from, far.from));
          if (at !== undefined) return rows[at] as Expectation;
          issues.push({
            code: 'row-missing',
            measure,
            age: ageBandWords(age),
            distance: milesBandWords(far),
          });
          return [];
        }),
      ),
    );
  return issues.length > 0 ? { ok: false, issues } : { ok: true, grid: { ages, miles, rows: byMeasure } };
}

const keyOf = (measure: MeasureId, age: number, miles: number) => `${measure} ${age} ${miles}`;
const band = (from: number, to: number | undefined): Band => (to === undefined ? { from } : { from, to });

function backwards({ ageFrom, ageTo, milesFrom, milesTo }: Expectation, i: number): TableIssue[] {
  return [
    ...(ageTo !== undefined && ageTo < ageFrom
      ? [{ code: 'backwards', row: i + 1, of: 'age' } as const]
      : []),
    ...(milesTo !== undefined && milesTo <= milesFrom
      ? [{ code: 'backwards', row: i + 1, of: 'distance' } as const]
      : []),
  ];
}

function bandsOf(all: readonly Band[]): Band[] {
  const different = new Map(all.map((each) => [`${each.from} ${each.to ?? ''}`, each]));
  return [...different.values()].sort(
    (a, b) => a.from - b.from || (a.to ?? Number.POSITIVE_INFINITY) - (b.to ?? Number.POSITIVE_INFINITY),
  );
}

/** Whether each band begins where the one before ends: `step` beyond its last whole year, or at its first mile beyond. */
function chained(bands: readonly Band[], of: 'age' | 'distance', step: 0 | 1): TableIssue[] {
  const words = of === 'age' ? ageBandWords : milesBandWords;
  const issues: TableIssue[] = [];
  if (bands[0]?.from !== 0) issues.push({ code: 'not-from-zero', of });
  if (bands.at(-1)?.to !== undefined) issues.push({ code: 'no-open-end', of });
  bands.slice(1).forEach((next, i) => {
    const before = bands[i] as Band;
    const begins = before.to === undefined ? Number.POSITIVE_INFINITY : before.to + step;
    if (next.from === begins) return;
    issues.push({
      code: next.from < begins ? 'bands-overlap' : 'bands-gap',
      of,
      before: words(before),
      after: words(next),
    });
  });
  return issues;
}

/** Which band a value lies in; undefined for what is less than 0 or no number. */
export function bandAt(bands: readonly Band[], value: number): number | undefined {
  if (!(value >= 0)) return undefined;
  const at = bands.findLastIndex(({ from }) => value >= from);
  return at === -1 ? undefined : at;
}
