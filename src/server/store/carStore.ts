import type { CarSummary, Standing, StockCounts, StockOrder } from '#core/api';
import { type Car, type CarDetails, carDetailsSchema, carSchema } from '#core/car';
import { badRequest } from '../problems';
import type { Db } from './openDatabase';

interface CarRow {
  id: string;
  details: string;
  created_at: string;
  updated_at: string;
}

interface SummaryRow extends CarRow {
  walk_id: string | null;
  last_entry_at: string;
  parts: number;
  visited: number;
  findings: number;
  photos: number;
  promises: number;
  due: string | null;
  cover: string | null;
  questions: number;
  revision: number | null;
}

const readRow = (row: CarRow): Car =>
  carSchema.parse({
    ...JSON.parse(row.details),
    id: row.id,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
  });

const searchText = (details: CarDetails) =>
  [
    details.stockNumber,
    details.plate,
    details.make,
    details.model,
    details.variant,
    details.colour,
    details.year,
    details.identityNumber,
    details.plate.replace(/\s/g, ''),
  ]
    .join(' ')
    .toLowerCase();

const MOST_WORDS = 8;
/** Words from three letters on are in the index; shorter ones are looked for in what is left, or along the list until a page is full. */
const INDEXED = 3;

interface Asked {
  /** Only those that have come so far. */
  isOfStanding?: boolean;
  /** Those that have stood longest first. */
  isOldestFirst?: boolean;
  /** Some words are long enough for the index. */
  isIndexed: boolean;
  /** How many are not. */
  short: number;
}

/** A page of the list with the newest walk of each car, found through walks_of_car. */
export const pageSql = ({ isIndexed, short, isOfStanding = false, isOldestFirst = false }: Asked): string => `
  SELECT cars.*, walks.id AS walk_id, last_entry_at, parts, visited, findings, photos, promises, due, cover,
         (SELECT count(*) FROM questions WHERE questions.walk_id = walks.id AND is_open = 1) AS questions,
         (SELECT max(revision) FROM reports WHERE reports.walk_id = walks.id) AS revision
  FROM ${isIndexed ? 'cars_words CROSS JOIN cars ON cars.number = cars_words.rowid' : 'cars'}
  LEFT JOIN walks ON walks.id =
    (SELECT id FROM walks WHERE car_id = cars.id ORDER BY begun_at DESC, id DESC LIMIT 1)
  WHERE ${isIndexed ? 'cars_words MATCH ? AND ' : ''}(cars.created_at, cars.id) ${isOldestFirst ? '>' : '<'} (?, ?)
    ${isOfStanding ? 'AND standing = ?' : ''}
    ${"AND search LIKE ? ESCAPE '\\' ".repeat(short)}
  ORDER BY cars.created_at ${isOldestFirst ? 'ASC' : 'DESC'}, cars.id ${isOldestFirst ? 'ASC' : 'DESC'}
  LIMIT ?`;

/** A word as it is, whatever signs are in it. */
const quoted = (word: string) => `"${word.replaceAll('"', '""')}"`;

const escapeLike = (word: string) => word.replace(/[\\%_]/g, (sign) => `\\${sign}`);

/** `settle` brings the figures of walks up to date before they are listed. */
export function makeCarStore(db: Db, settle: () => void = () => undefined) {
  const one = db.prepare<[string], CarRow>('SELECT * FROM cars WHERE id = ?');
  const insert = db.prepare(
    `INSERT INTO cars (id, details, search, created_at, updated_at, number)
     VALUES (?, ?, ?, ?, ?, (SELECT coalesce(max(number), 0) + 1 FROM cars))`,
  );
  const everyOne = db.prepare<[], CarRow>('SELECT * FROM cars ORDER BY created_at, id');
  const update = db.prepare('UPDATE cars SET details = ?, search = ?, updated_at = ? WHERE id = ?');
  const counts = db.prepare<[], { standing: Standing; n: number }>(
    'SELECT standing, count(*) AS n FROM cars INDEXED BY cars_by_standing GROUP BY standing',
  );
  const page = (asked: Asked) => db.prepare<unknown[], SummaryRow>(pageSql(asked));

  return {
    get: (id: string): Car | undefined => {
      const row = one.get(id);
      return row && readRow(row);
    },
    /** Every car, the oldest first. */
    all: (): Car[] => everyOne.all().map(readRow),
    /** Adds a car, or gives the one already here under this id. */
    add: (id: string, details: CarDetails, now: string, createdAt = now): Car => {
      if (!one.get(id)) insert.run(id, JSON.stringify(details), searchText(details), createdAt, now);
      return readRow(one.get(id) as CarRow);
    },
    edit: (id: string, details: CarDetails, now: string): Car | undefined => {
      update.run(JSON.stringify(details), searchText(details), now, id);
      const row = one.get(id);
      return row && readRow(row);
    },
    /** How many cars have come how far. */
    counts: (): StockCounts => {
      const found = new Map(counts.all().map(({ standing, n }) => [standing, n]));
      const of = (standing: Standing) => found.get(standing) ?? 0;
      return { 'to-walk': of('to-walk'), 'in-hand': of('in-hand'), reported: of('reported') };
    },
    /** Newest first unless asked otherwise; every word of `search` must be found. Of one standing alone where that is asked for. */
    list: (
      search: string,
      cursor: string | undefined,
      limit: number,
      standing?: Standing,
      order: StockOrder = 'newest',
    ): { cars: CarSummary[]; next?: string } => {
      settle();
      const words = search.toLowerCase().split(/\s+/).filter(Boolean).slice(0, MOST_WORDS);
      const start: [string, string] = order === 'oldest' ? ['', ''] : ['9999', ''];
      const [createdAt, id] = cursor === undefined ? start : readCursor(cursor);
      const long = words.filter((word) => [...word].length >= INDEXED);
      const short = words.filter((word) => [...word].length < INDEXED);
      const rows = page({
        isIndexed: long.length > 0,
        short: short.length,
        isOfStanding: standing !== undefined,
        isOldestFirst: order === 'oldest',
      }).all(
        ...(long.length > 0 ? [long.map(quoted).join(' AND ')] : []),
        createdAt,
        id,
        ...(standing === undefined ? [] : [standing]),
        ...short.map((word) => `%${escapeLike(word)}%`),
        limit + 1,
      );
      const last = rows[limit - 1];
      return {
        cars: rows.slice(0, limit).map(readSummary),
        next: rows.length > limit && last ? writeCursor(last) : undefined,
      };
    },
  };
}

function readSummary(row: SummaryRow): CarSummary {
  const { walk_id: id, last_entry_at: lastEntryAt, parts, visited, findings, photos, revision } = row;
  if (id === null) return { car: readRow(row) };
  const { promises, due, questions, cover } = row;
  return {
    car: readRow(row),
    walk: {
      id,
      lastEntryAt,
      parts,
      visited,
      findings,
      photos,
      promises,
      questions,
      ...(revision !== null && { revision }),
      ...(due !== null && { due }),
      ...(cover !== null && { cover }),
    },
  };
}

const writeCursor = (row: CarRow) => Buffer.from(`${row.created_at} ${row.id}`).toString('base64url');

function readCursor(cursor: string): [string, string] {
  const [createdAt, id] = Buffer.from(cursor, 'base64url').toString().split(' ');
  if (!createdAt || !id)
    throw badRequest('bad-cursor', 'The page mark cannot be read. Start from the first page.');
  return [createdAt, id];
}

/** A car without what the store added to it. */
export const detailsOf = (car: Car): CarDetails => carDetailsSchema.parse(car);
