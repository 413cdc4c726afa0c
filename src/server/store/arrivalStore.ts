import { type ArrivalCheck, arrivalCheckSchema } from '#core/arrival';
import type { Db } from './openDatabase';
import { fingerprintOf } from './reportStore';

/** A signed check as it is kept. */
export interface StoredCheck {
  check: ArrivalCheck;
  sha256: string;
  /** The link it came by. */
  share: string;
  receivedAt: string;
}

interface CheckRow {
  document: string;
  sha256: string;
  share_id: string;
  received_at: string;
}

/** Signed checks, and the photos that came by links. */
export function makeArrivalStore(db: Db) {
  const one = db.prepare<[string], CheckRow>('SELECT * FROM arrival_checks WHERE id = ?');
  const ofWalk = db.prepare<[string], CheckRow>(
    'SELECT * FROM arrival_checks WHERE walk_id = ? ORDER BY received_at, id',
  );
  const insert = db.prepare(
    'INSERT INTO arrival_checks (id, walk_id, share_id, document, sha256, received_at) VALUES (?, ?, ?, ?, ?, ?)',
  );
  const putPhoto = db.prepare(
    'INSERT INTO share_photos (share_id, sha256, created_at) VALUES (?, ?, ?) ON CONFLICT DO NOTHING',
  );
  const hasPhoto = db.prepare<[string, string], { sha256: string }>(
    'SELECT sha256 FROM share_photos WHERE share_id = ? AND sha256 = ?',
  );
  const countPhotos = db.prepare<[string], { n: number }>(
    'SELECT count(*) AS n FROM share_photos WHERE share_id = ?',
  );
  return {
    get: (id: string): StoredCheck | undefined => {
      const row = one.get(id);
      return row && toCheck(row);
    },
    ofWalk: (walk: string): StoredCheck[] => ofWalk.all(walk).map(toCheck),
    add: (check: ArrivalCheck, share: string, receivedAt: string): StoredCheck => {
      const sha256 = fingerprintOf(check);
      insert.run(check.id, check.walk, share, JSON.stringify(check), sha256, receivedAt);
      return { check, sha256, share, receivedAt };
    },
    notePhoto: (share: string, sha256: string, now: string): void => {
      putPhoto.run(share, sha256, now);
    },
    hasPhoto: (share: string, sha256: string): boolean => hasPhoto.get(share, sha256) !== undefined,
    photosOf: (share: string): number => countPhotos.get(share)?.n ?? 0,
  };
}

const toCheck = (row: CheckRow): StoredCheck => ({
  check: arrivalCheckSchema.parse(JSON.parse(row.document)),
  sha256: row.sha256,
  share: row.share_id,
  receivedAt: row.received_at,
});
