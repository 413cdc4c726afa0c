import { type CsvCells, csvNumber, firstProblems, type ParseCsv } from '../csv';
import { type Expectation, type ExpectationTable, expectationSchema, gridOf } from './table';
import { tableIssueWords } from './tableIssues';

/** Columns of the table as CSV, and what each is of a row. */
const columns = {
  counted: 'measure',
  age_from_years: 'ageFrom',
  age_to_years: 'ageTo',
  from_miles: 'milesFrom',
  to_miles: 'milesTo',
  usual: 'expected',
  heavy_percent: 'heavyPercent',
  set_by: 'setBy',
} as const satisfies Record<string, keyof Expectation>;
const names = Object.keys(columns) as (keyof typeof columns)[];
const words = new Set<string>(['measure', 'setBy']);

/** More than this is no table of expectations. */
export const LONGEST_TABLE = 400_000;
export type ReadTable = { ok: true; table: ExpectationTable } | { ok: false; says: string[] };

/** The table as the cells of a CSV file, a line for each row; an open end is an empty field. */
export const tableCells = ({ rows }: ExpectationTable): CsvCells => ({
  fields: names,
  data: rows.map((row) => names.map((name) => row[columns[name]] ?? '')),
});

/** The table as JSON. */
export const tableAsJson = (table: ExpectationTable): string => `${JSON.stringify(table, undefined, 1)}\n`;

/** Reads a table out of CSV or JSON, told apart by how it begins. What is wrong is said with the row it is in; nothing of a wrong table is taken. */
export function readTable(text: string, parse: ParseCsv): ReadTable {
  const bare = text.replace(/^\uFEFF/, '').trim();
  if (bare.length > LONGEST_TABLE)
    return { ok: false, says: ['This is too long for a table of what is usual. Choose another file.'] };
  if (bare === '') return { ok: false, says: [tableIssueWords({ code: 'empty' })] };
  const read = bare.startsWith('{') || bare.startsWith('[') ? rowsOfJson(bare) : rowsOfCsv(bare, parse);
  if (!read.ok) return read;
  return checked(read.rows);
}

type Rows = { ok: true; rows: readonly unknown[] } | { ok: false; says: string[] };

function rowsOfJson(text: string): Rows {
  try {
    const parsed: unknown = JSON.parse(text);
    const rows = Array.isArray(parsed) ? parsed : (parsed as { rows?: unknown }).rows;
    return Array.isArray(rows)
      ? { ok: true, rows }
      : {
          ok: false,
          says: ['This JSON holds no “rows”. Export the table that is in use to see how it looks.'],
        };
  } catch {
    return {
      ok: false,
      says: ['This is not JSON that can be read: it breaks off or has a slip in it. Export it again.'],
    };
  }
}

function rowsOfCsv(text: string, parse: ParseCsv): Rows {
  const { fields, records } = parse(text);
  const missing = names.filter((name) => !fields.includes(name));
  if (missing.length > 0)
    return {
      ok: false,
      says: [
        `The first line names the columns; ${missing.join(', ')} ${missing.length === 1 ? 'is' : 'are'} missing. Export the table that is in use to see how it looks.`,
      ],
    };
  return { ok: true, rows: records.map(rowOfCsv) };
}

const rowOfCsv = (fields: Readonly<Record<string, string>>): Record<string, unknown> =>
  Object.fromEntries(
    names.flatMap((name): [string, unknown][] => {
      const said = (fields[name] ?? '').trim();
      const key = columns[name];
      if (words.has(key)) return [[key, said]];
      return said === '' ? [] : [[key, csvNumber(said)]];
    }),
  );

function checked(found: readonly unknown[]): ReadTable {
  const says: string[] = [];
  const rows: Expectation[] = [];
  found.forEach((each, i) => {
    const row = expectationSchema.safeParse(each);
    if (row.success) rows.push(row.data);
    else says.push(`Row ${i + 1}: ${row.error.issues[0]?.message ?? 'it cannot be read.'}`);
  });
  if (says.length > 0) return { ok: false, says: firstProblems(says) };
  const grid = gridOf(rows);
  return grid.ok
    ? { ok: true, table: { rows } }
    : { ok: false, says: firstProblems(grid.issues.map(tableIssueWords)) };
}
