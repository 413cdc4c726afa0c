import { type CsvCells, csvNumber, firstProblems, type ParseCsv } from '../csv';
import {
  MOST_IN_LIST,
  spotIssues,
  spotIssueWords,
  type WeakSpot,
  type WeakSpotList,
  weakSpotSchema,
} from './spot';

/** Columns of a list as CSV; lists in a field are parted by semicolons, what does not matter is empty. */
const own = ['id', 'title', 'look', 'how', 'caution', 'fine'] as const;
const lists = { found_as: 'kinds', on: 'on' } as const;
const ofCars = { make: 'make', model: 'model' } as const;
const listsOfCars = { body_styles: 'bodyStyles', fuels: 'fuels', extras: 'extras' } as const;
const numbersOfCars = {
  year_from: 'yearFrom',
  year_to: 'yearTo',
  age_from: 'ageFrom',
  age_to: 'ageTo',
} as const;
const fields: readonly string[] = [
  ...own,
  ...Object.keys(lists),
  ...Object.keys(ofCars),
  ...Object.keys(listsOfCars),
  ...Object.keys(numbersOfCars),
  'set_by',
  'off',
];
const needed: readonly string[] = ['id', 'title', 'look', 'how', 'fine', 'on'];

export const LONGEST_SPOTS = 1_000_000;

export type ReadSpots = { ok: true; list: WeakSpotList } | { ok: false; says: string[] };

export const spotsAsJson = (list: WeakSpotList): string => `${JSON.stringify(list, undefined, 1)}\n`;

/** A list as the cells of a CSV file, a line for each spot. */
export const spotCells = ({ spots }: WeakSpotList): CsvCells => ({
  fields,
  data: spots.map((spot) => [
    ...own.map((name) => spot[name] ?? ''),
    ...Object.values(lists).map((name) => spot[name].join('; ')),
    ...Object.values(ofCars).map((name) => spot.cars[name] ?? ''),
    ...Object.values(listsOfCars).map((name) => (spot.cars[name] ?? []).join('; ')),
    ...Object.values(numbersOfCars).map((name) => spot.cars[name] ?? ''),
    spot.setBy,
    spot.isOff ? 'off' : '',
  ]),
});

/** Reads a list out of CSV or JSON, told apart by how it begins. What is wrong is said with the line it is in; nothing of a wrong list is taken. */
export function readSpots(text: string, parse: ParseCsv): ReadSpots {
  const bare = text.replace(/^\uFEFF/, '').trim();
  if (bare.length > LONGEST_SPOTS)
    return { ok: false, says: ['This is too long for a list of weak spots. Choose another file.'] };
  if (bare === '') return { ok: false, says: ['The file is empty. Export your list to see how one looks.'] };
  const rows = bare.startsWith('{') || bare.startsWith('[') ? rowsOfJson(bare) : rowsOfCsv(bare, parse);
  return 'says' in rows ? { ok: false, says: rows.says } : checkSpots(rows.rows);
}

/** Checks spots from outside, each by itself and all together. */
export function checkSpots(rows: readonly unknown[]): ReadSpots {
  const says: string[] = [];
  const spots: WeakSpot[] = [];
  if (rows.length > MOST_IN_LIST)
    says.push(`A yard keeps at most ${MOST_IN_LIST} weak spots; these are ${rows.length}.`);
  for (const [i, row] of rows.entries()) {
    const spot = weakSpotSchema.safeParse(row);
    if (spot.success) spots.push(spot.data);
    else says.push(`Line ${i + 1}: ${spot.error.issues[0]?.message ?? 'it cannot be read.'}`);
  }
  if (says.length === 0) says.push(...spotIssues(spots).map(spotIssueWords));
  return says.length > 0 ? { ok: false, says: firstProblems(says) } : { ok: true, list: { spots } };
}

type Rows = { rows: readonly unknown[] } | { says: string[] };

function rowsOfJson(text: string): Rows {
  try {
    const parsed: unknown = JSON.parse(text);
    const rows = Array.isArray(parsed) ? parsed : (parsed as { spots?: unknown }).spots;
    return Array.isArray(rows)
      ? { rows }
      : { says: ['This JSON holds no “spots”. Export your list to see how one looks.'] };
  } catch {
    return {
      says: ['This is not JSON that can be read: it breaks off or has a slip in it. Export it again.'],
    };
  }
}

function rowsOfCsv(text: string, parse: ParseCsv): Rows {
  const sheet = parse(text);
  const missing = needed.filter((name) => !sheet.fields.includes(name));
  if (missing.length > 0)
    return {
      says: [
        `The first line names the columns; ${missing.join(', ')} ${missing.length === 1 ? 'is' : 'are'} missing. Export your list to see how one looks.`,
      ],
    };
  return { rows: sheet.records.map(rowOf) };
}

function rowOf(record: Readonly<Record<string, string>>): unknown {
  const said = (name: string): string => (record[name] ?? '').trim();
  const listOf = (name: string): string[] =>
    said(name)
      .split(';')
      .map((each) => each.trim())
      .filter(Boolean);
  const given = <V>(names: Readonly<Record<string, string>>, read: (column: string) => V) =>
    Object.entries(names).flatMap(([column, key]) =>
      said(column) === '' ? [] : [[key, read(column)] as const],
    );
  return {
    ...Object.fromEntries(
      own.flatMap((name) => (said(name) === '' && name === 'caution' ? [] : [[name, said(name)]])),
    ),
    kinds: listOf('found_as'),
    on: listOf('on'),
    cars: Object.fromEntries([
      ...given(ofCars, said),
      ...given(listsOfCars, listOf),
      ...given(numbersOfCars, (column) => csvNumber(said(column))),
    ]),
    ...(said('set_by') !== '' && { setBy: said('set_by') }),
    ...(said('off') !== '' && { isOff: true }),
  };
}
