import { type Entry, picturesNamed, replay } from '#core/walk';
import type { Db } from '../store/openDatabase';

/** Walks looked through at a time; in between others are served. */
const PAGE = 40;

/** Hashes of pictures and recordings in an entry, wherever they stand. */
const hashesIn = (json: string): string[] => json.match(/(?<=")[0-9a-f]{64}(?=")/g) ?? [];

/** Files the walks of a car name, those that came with its links, and pictures of the work on it. */
export function filesOfCar(
  db: Db,
  walks: readonly string[],
  entriesOf: (walk: string) => readonly Entry[],
): Set<string> {
  const shared = db.prepare<[string], { sha256: string }>(
    `SELECT share_photos.sha256 FROM share_photos JOIN shares ON shares.id = share_photos.share_id
     JOIN reports ON reports.id = shares.report_id WHERE reports.walk_id = ?`,
  );
  const seen = db.prepare<[string], { look: string }>(
    'SELECT look FROM morning_looks WHERE car_id = (SELECT car_id FROM walks WHERE id = ?)',
  );
  const worked = db.prepare<[string], { said: string }>('SELECT said FROM work_said WHERE walk_id = ?');
  const named = walks.flatMap((walk) => {
    const entries = entriesOf(walk);
    return [
      ...picturesNamed(replay(walk, entries)),
      ...entries.flatMap((entry) => hashesIn(JSON.stringify(entry))),
      ...shared.all(walk).map(({ sha256 }) => sha256),
      ...worked.all(walk).flatMap(({ said }) => hashesIn(said)),
      ...seen.all(walk).flatMap(({ look }) => hashesIn(look)),
    ];
  });
  return new Set(named);
}

/** Of these files those that no other walk and no other walk's link names. */
export async function ownFiles(
  db: Db,
  walks: readonly string[],
  files: ReadonlySet<string>,
): Promise<Set<string>> {
  const own = new Set(files);
  if (own.size === 0) return own;
  const mine = new Set(walks);
  const next = db.prepare<[string, number], { id: string }>(
    'SELECT id FROM walks WHERE id > ? ORDER BY id LIMIT ?',
  );
  const log = db.prepare<[string], { json: string }>('SELECT json FROM entries WHERE walk_id = ?');
  const shared = db.prepare<[string], { walk_id: string }>(
    `SELECT reports.walk_id FROM share_photos JOIN shares ON shares.id = share_photos.share_id
     JOIN reports ON reports.id = shares.report_id WHERE share_photos.sha256 = ?`,
  );
  for (let page = next.all('', PAGE); page.length > 0; page = next.all(page.at(-1)?.id as string, PAGE)) {
    for (const { id } of page) {
      if (mine.has(id)) continue;
      for (const { json } of log.all(id)) for (const hash of hashesIn(json)) own.delete(hash);
    }
    await new Promise((others) => setImmediate(others));
  }
  for (const hash of files) if (shared.all(hash).some(({ walk_id }) => !mine.has(walk_id))) own.delete(hash);
  return own;
}

/** Takes a car with everything that hangs on it out of the database. */
export function deleteCar(db: Db, car: string, walks: readonly string[], files: Iterable<string>): void {
  const ofShares =
    'share_id IN (SELECT id FROM shares WHERE report_id IN (SELECT id FROM reports WHERE walk_id = ?))';
  const perWalk = [
    `DELETE FROM unlocks WHERE ${ofShares}`,
    `DELETE FROM share_photos WHERE ${ofShares}`,
    'DELETE FROM questions WHERE walk_id = ?',
    'DELETE FROM arrival_checks WHERE walk_id = ?',
    'DELETE FROM messages WHERE report_id IN (SELECT id FROM reports WHERE walk_id = ?)',
    'DELETE FROM choices WHERE walk_id = ?',
    'DELETE FROM work_said WHERE walk_id = ?',
    'DELETE FROM walk_facts WHERE walk_id = ?',
    'DELETE FROM shares WHERE report_id IN (SELECT id FROM reports WHERE walk_id = ?)',
    'DELETE FROM reports WHERE walk_id = ?',
    'DELETE FROM plans WHERE walk_id = ?',
    'DELETE FROM entries WHERE walk_id = ?',
    'DELETE FROM walks WHERE id = ?',
  ].map((sql) => db.prepare(sql));
  const photo = db.prepare('DELETE FROM photos WHERE sha256 = ?');
  const recording = db.prepare('DELETE FROM recordings WHERE sha256 = ?');
  db.transaction(() => {
    for (const walk of walks) for (const each of perWalk) each.run(walk);
    for (const hash of files) {
      photo.run(hash);
      recording.run(hash);
    }
    db.prepare('DELETE FROM morning_looks WHERE car_id = ?').run(car);
    db.prepare('DELETE FROM cars WHERE id = ?').run(car);
  }).immediate();
}

/** Does what erases rows, then empties the journal: it still has them as they were. */
export async function overwriting(db: Db, work: () => Promise<void>): Promise<void> {
  await work();
  db.pragma('wal_checkpoint(TRUNCATE)');
}
