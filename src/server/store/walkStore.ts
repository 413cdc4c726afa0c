import { z } from 'zod';
import { type BodyStyle, type BodyStyleId, bodyStyleIds, type ExtraId, extraIds, styleOf } from '#core/car';
import { checkEntry, coverage, type Entry, entrySchema, isStanding, replay } from '#core/walk';
import { conflict, notFound, type ProblemPart, unprocessable } from '../problems';
import { LogCache } from './logCache';
import type { Db } from './openDatabase';

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

export function makeWalkStore(db: Db, carExists: (id: string) => boolean) {
  const one = db.prepare<[string], WalkRow>('SELECT * FROM walks WHERE id = ?');
  const ofCar = db.prepare<[string], WalkRow>(
    'SELECT * FROM walks WHERE car_id = ? ORDER BY begun_at DESC, id DESC',
  );
  const lastOf = db.prepare<[string, number], WalkRow>(
    `SELECT walks.* FROM walks JOIN entries ON entries.walk_id = walks.id AND entries.position = 1
     WHERE json_extract(entries.json, '$.who') = ? ORDER BY begun_at DESC LIMIT ?`,
  );
  const log = db.prepare<[string, number], { json: string }>(
    'SELECT json FROM entries WHERE walk_id = ? AND position > ? ORDER BY position',
  );
  const known = db.prepare<[string], { walk_id: string; json: string }>(
    'SELECT walk_id, json FROM entries WHERE id = ?',
  );
  const insertWalk = db.prepare(
    `INSERT INTO walks (id, car_id, body_style, extras, begun_at, last_entry_at, entries, parts, visited, findings, photos)
     VALUES (@id, @car_id, @body_style, @extras, @begun_at, @begun_at, 0, 0, 0, 0, 0)`,
  );
  const insertEntry = db.prepare(
    'INSERT INTO entries (walk_id, position, id, json, received_at) VALUES (?, ?, ?, ?, ?)',
  );
  const project = db.prepare(
    `UPDATE walks SET last_entry_at = ?, entries = ?, parts = ?, visited = ?, findings = ?, photos = ? WHERE id = ?`,
  );
  const cache = new LogCache();

  function entriesOf(walk: string): readonly Entry[] {
    const held = cache.get(walk) ?? [];
    const fresh = log.all(walk, held.length).map((row) => entrySchema.parse(JSON.parse(row.json)));
    return fresh.length === 0 ? held : cache.set(walk, [...held, ...fresh]);
  }

  function updateProjection(row: WalkRow, entries: readonly Entry[]): void {
    const state = replay(row.id, entries);
    const cover = coverage(state, styleOfRow(row));
    const findings = state.findings.filter((finding) => isStanding(finding)).length;
    project.run(
      state.lastEntryAt ?? row.begun_at,
      entries.length,
      cover.total,
      cover.visited,
      findings,
      state.photos.length,
      row.id,
    );
  }

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
    });
    return one.get(entry.walk) as WalkRow;
  }

  /**
   * Appends entries to a walk, all or none. Sending the same ones again changes nothing.
   * Throws a Problem that names each entry refused.
   */
  const append = db.transaction((walk: string, raws: readonly unknown[], now: Date): Appended => {
    const stored = one.get(walk);
    const entries = checkAll(walk, raws, now, stored);
    const accepted: Entry[] = [];
    const already: string[] = [];
    for (const entry of entries) {
      const json = JSON.stringify(entry);
      const same = accepted.find((other) => other.id === entry.id);
      const before = same ? { walk_id: walk, json: JSON.stringify(same) } : known.get(entry.id);
      if (!before) accepted.push(entry);
      else if (before.walk_id === walk && before.json === json) already.push(entry.id);
      else
        throw conflict(
          'entry-differs',
          `Entry ${entry.id} is already here with other content. An entry never changes: make a new one.`,
        );
    }
    if (accepted.length === 0) return { accepted: [], already, position: stored?.entries ?? 0 };

    const row = stored ?? begin(accepted[0]);
    const earlier = entriesOf(walk);
    accepted.forEach((entry, i) => {
      insertEntry.run(walk, earlier.length + i + 1, entry.id, JSON.stringify(entry), now.toISOString());
    });
    updateProjection(row, [...earlier, ...accepted]);
    return {
      accepted: accepted.map((entry) => entry.id),
      already,
      position: earlier.length + accepted.length,
    };
  });

  return {
    get: (id: string): WalkRow | undefined => one.get(id),
    ofCar: (car: string): WalkRow[] => ofCar.all(car),
    logsOfCar: (car: string): { walk: string; entries: readonly Entry[] }[] =>
      ofCar.all(car).map(({ id }) => ({ walk: id, entries: entriesOf(id) })),
    entriesOf,
    /** The latest walks a person began, with what they walked round. */
    lastWalksOf: (person: string, most: number): { style: BodyStyle; entries: readonly Entry[] }[] =>
      lastOf.all(person, most).map((row) => ({ style: styleOfRow(row), entries: entriesOf(row.id) })),
    append: (walk: string, raws: readonly unknown[], now: Date): Appended =>
      append.immediate(walk, raws, now),
  };
}

const styleOfRow = ({ body_style, extras }: WalkRow): BodyStyle =>
  styleOf({ bodyStyle: body_style, extras: JSON.parse(extras) as ExtraId[] });

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
function checkAll(walk: string, raws: readonly unknown[], now: Date, stored: WalkRow | undefined): Entry[] {
  const style = stored ? styleOfRow(stored) : styleBegun(raws);
  const entries: Entry[] = [];
  const refused: ProblemPart[] = [];
  for (const [i, raw] of raws.entries()) {
    const check = checkEntry(raw, { walk, now, style });
    if (check.ok) entries.push(check.entry);
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
