import { z } from 'zod';
import { type BodyStyle, type BodyStyleId, bodyStyleIds, type ExtraId, extraIds, styleOf } from '#core/car';
import {
  CLOCK_TOLERANCE_MS,
  checkEntry,
  coverage,
  type Entry,
  entrySchema,
  isStanding,
  openPromises,
  replay,
  type WalkState,
} from '#core/walk';
import { conflict, notFound, type ProblemPart, unprocessable } from '../problems';
import { makeGroupCommit } from './groupCommit';
import { type HeldLog, LogCache } from './logCache';
import type { Db } from './openDatabase';
import { type Figures, makeProjection } from './projection';

export interface WalkRow {
  id: string;
  car_id: string;
  body_style: BodyStyleId;
  /** JSON list. */
  extras: string;
  begun_at: string;
  last_entry_at: string;
  entries: number;
  parts: number;
  visited: number;
  findings: number;
  photos: number;
}

export interface Appended {
  /** Newly taken in. */
  accepted: string[];
  /** Here already, with the same content. */
  already: string[];
  position: number;
}

/** Why somebody may not write an entry, if so. */
export type Refuses = (entry: Entry) => { detail: string; code: string } | undefined;

export function makeWalkStore(db: Db, carExists: (id: string) => boolean) {
  const one = db.prepare<[string], WalkRow>('SELECT * FROM walks WHERE id = ?');
  const ofCar = db.prepare<[string], WalkRow>(
    'SELECT * FROM walks WHERE car_id = ? ORDER BY begun_at DESC, id DESC',
  );
  const lastOf = db.prepare<[string, number], WalkRow>(
    'SELECT * FROM walks WHERE begun_by = ? ORDER BY begun_at DESC LIMIT ?',
  );
  const log = db.prepare<[string, number], { json: string }>(
    'SELECT json FROM entries WHERE walk_id = ? AND position > ? ORDER BY position',
  );
  const known = db.prepare<[string], { walk_id: string; json: string }>(
    'SELECT walk_id, json FROM entries WHERE id = ?',
  );
  const newestOf = db.prepare<[], { at: string | null }>('SELECT max(received_at) AS at FROM entries');
  const naming = db.prepare<[string], WalkRow>(
    'SELECT * FROM walks WHERE id IN (SELECT walk_id FROM entries WHERE instr(json, ?) > 0)',
  );
  const insertWalk = db.prepare(
    `INSERT INTO walks (id, car_id, body_style, extras, begun_at, begun_by, last_entry_at, entries, parts, visited, findings, photos)
     VALUES (@id, @car_id, @body_style, @extras, @begun_at, @begun_by, @begun_at, 0, 0, 0, 0, 0)`,
  );
  const insertEntry = db.prepare(
    'INSERT INTO entries (walk_id, position, id, json, received_at) VALUES (?, ?, ?, ?, ?)',
  );
  const grow = db.prepare('UPDATE walks SET entries = ?, last_entry_at = max(last_entry_at, ?) WHERE id = ?');
  const cache = new LogCache();
  let newest = Date.parse(newestOf.get()?.at ?? '') || 0;
  /** The server's clock went back: then it says nothing about whose clock is ahead. */
  const isClockBehind = (now: Date) => now.getTime() < newest - CLOCK_TOLERANCE_MS;

  /** A row whose bytes went bad on the disk costs that entry, not the walk. */
  function logOf(walk: string): HeldLog {
    const held = cache.get(walk) ?? { entries: [], rows: 0, damaged: 0 };
    const rows = log.all(walk, held.rows);
    if (rows.length === 0) return held;
    const fresh = rows.flatMap(({ json }) => entryIn(json) ?? []);
    return cache.set(walk, {
      entries: [...held.entries, ...fresh],
      rows: held.rows + rows.length,
      damaged: held.damaged + rows.length - fresh.length,
    });
  }
  const entriesOf = (walk: string): readonly Entry[] => logOf(walk).entries;

  const projection = makeProjection(db, figuresOf, entriesOf);
  const group = makeGroupCommit(db, () => cache.clear());

  function begin(entry: Entry | undefined): WalkRow {
    if (entry?.kind !== 'walk-begun') {
      throw notFound('walk', 'A walk begins with its “walk-begun” entry: send that first.');
    }
    if (!carExists(entry.body.carId)) throw notFound('car', 'Add the car before walking round it.');
    insertWalk.run({
      id: entry.walk,
      car_id: entry.body.carId,
      body_style: entry.body.bodyStyle,
      extras: JSON.stringify(entry.body.extras ?? []),
      begun_at: entry.at,
      begun_by: entry.who,
    });
    return one.get(entry.walk) as WalkRow;
  }

  /**
   * Appends entries to a walk, all or none. Sending the same ones again changes nothing.
   * Throws a Problem that names each entry refused.
   */
  const append = db.transaction(
    (walk: string, raws: readonly unknown[], now: Date, refuses?: Refuses): Appended => {
      const entries = checkAll(walk, raws, isClockBehind(now) ? END_OF_TIME : now, one.get(walk), refuses);
      return add(walk, entries, now);
    },
  );

  /** Appends entries that were checked, within a transaction. */
  function add(walk: string, entries: readonly Entry[], now: Date): Appended {
    const stored = one.get(walk);
    const accepted: Entry[] = [];
    const here = new Map<string, Entry>();
    const already: string[] = [];
    for (const entry of entries) {
      const json = JSON.stringify(entry);
      const same = here.get(entry.id);
      const before = same ? { walk_id: walk, json: JSON.stringify(same) } : known.get(entry.id);
      if (!before) {
        accepted.push(entry);
        here.set(entry.id, entry);
      } else if (before.walk_id === walk && before.json === json) already.push(entry.id);
      else
        throw conflict(
          'entry-differs',
          `Entry ${entry.id} is already here with other content. An entry never changes: make a new one.`,
        );
    }
    if (accepted.length === 0) return { accepted: [], already, position: stored?.entries ?? 0 };

    const { entries: before } = stored ?? begin(accepted[0]);
    accepted.forEach((entry, i) => {
      insertEntry.run(walk, before + i + 1, entry.id, JSON.stringify(entry), now.toISOString());
    });
    newest = Math.max(newest, now.getTime());
    const position = before + accepted.length;
    grow.run(
      position,
      accepted
        .map(({ at }) => at)
        .toSorted()
        .at(-1),
      walk,
    );
    projection.grew();
    return { accepted: accepted.map((entry) => entry.id), already, position };
  }

  return {
    get: (id: string): WalkRow | undefined => one.get(id),
    /** A car’s walks, the newest first, with their figures. */
    ofCar: (car: string): WalkRow[] => {
      projection.settle();
      return ofCar.all(car);
    },
    /** Brings the figures the stock list shows up with the logs. */
    settle: projection.settle,
    logsOfCar: (car: string): { walk: string; entries: readonly Entry[] }[] =>
      ofCar.all(car).map(({ id }) => ({ walk: id, entries: entriesOf(id) })),
    entriesOf,
    /** Walks whose log names something, like a picture by its hash. Reads every log: for the rare case alone. */
    naming: (what: string): WalkRow[] => naming.all(what),
    /** How many entries of a walk cannot be read any more. */
    damagedIn: (walk: string): number => logOf(walk).damaged,
    /** The latest walks a person began, with what they walked round. */
    lastWalksOf: (person: string, most: number): { style: BodyStyle; entries: readonly Entry[] }[] =>
      lastOf.all(person, most).map((row) => ({ style: styleOfRow(row), entries: entriesOf(row.id) })),
    /** Of an erased walk: what is held of it in memory goes too. */
    forget: (walk: string): void => cache.delete(walk),
    /** Entries of a walk file that was proven, within the transaction that takes the file in. */
    appendProven: add,
    append: (walk: string, raws: readonly unknown[], now: Date, refuses?: Refuses): Appended =>
      append.immediate(walk, raws, now, refuses),
    /** The same, made durable together with whatever else arrives now. */
    appendSoon: (walk: string, raws: readonly unknown[], now: Date, refuses?: Refuses): Promise<Appended> =>
      group(() => append(walk, raws, now, refuses)),
  };
}

/** Farther ahead than any clock. */
const END_OF_TIME = new Date(8.64e15);

function entryIn(json: string): Entry | undefined {
  try {
    return entrySchema.safeParse(JSON.parse(json)).data;
  } catch {
    return undefined;
  }
}

const styleOfRow = ({ body_style, extras }: WalkRow): BodyStyle =>
  styleOf({ bodyStyle: body_style, extras: JSON.parse(extras) as ExtraId[] });

/** What the stock list shows of a walk. */
function figuresOf(row: WalkRow, entries: readonly Entry[]): Figures {
  const state = replay(row.id, entries);
  const { total, visited } = coverage(state, styleOfRow(row));
  const findings = state.findings.filter((finding) => isStanding(finding)).length;
  const promised = openPromises(state);
  return {
    parts: total,
    visited,
    findings,
    photos: state.photos.length,
    promises: promised.length,
    due: promised.flatMap(({ by }) => by ?? []).toSorted()[0],
    cover: coverOf(state),
    answered: [...state.answers.keys()],
  };
}

/** The picture a car is known by; none that was set aside or taken away. */
const coverOf = ({ cover, photos, setAside, withdrawn }: WalkState): string | undefined =>
  [cover, ...photos.filter(({ role }) => role === 'whole-car').map(({ sha256 }) => sha256)].find(
    (sha256) => sha256 !== undefined && !setAside.has(sha256) && !withdrawn.has(sha256),
  );

const buildSchema = z.object({
  kind: z.literal('walk-begun'),
  body: z.object({ bodyStyle: z.enum(bodyStyleIds), extras: z.array(z.enum(extraIds)).optional() }),
});

/** The car's parts as the first entry of a walk tells them. */
function styleBegun(raws: readonly unknown[]): BodyStyle | undefined {
  const begun = raws.map((raw) => buildSchema.safeParse(raw)).find((reading) => reading.success);
  return begun && styleOf(begun.data.body);
}

/** Entries in one parse, or one problem that lists every refusal. */
function checkAll(
  walk: string,
  raws: readonly unknown[],
  now: Date,
  stored: WalkRow | undefined,
  refuses?: Refuses,
): Entry[] {
  const style = stored ? styleOfRow(stored) : styleBegun(raws);
  const entries: Entry[] = [];
  const refused: ProblemPart[] = [];
  for (const [i, raw] of raws.entries()) {
    const check = checkEntry(raw, { walk, now, style });
    const unsigned = check.ok ? refuses?.(check.entry) : undefined;
    if (unsigned)
      refused.push({ path: `entries.${i}`, entry: check.ok ? check.entry.id : undefined, ...unsigned });
    else if (check.ok) entries.push(check.entry);
    else {
      const id = (raw as { id?: unknown } | null)?.id;
      refused.push({
        path: [`entries.${i}`, check.problem.path].filter(Boolean).join('.'),
        detail: check.problem.message,
        code: check.problem.code,
        entry: typeof id === 'string' ? id : undefined,
      });
    }
  }
  const [first] = refused;
  if (first) {
    const others = refused.length > 1 ? ` (and ${refused.length - 1} more)` : '';
    throw unprocessable('entries-refused', `${first.detail}${others} Nothing was stored.`, refused);
  }
  return entries;
}
