import { type PhotoRecord, photoRecordSchema } from '#core/exchange';
import type { PictureQuality } from '#core/photos';
import type { Db } from './openDatabase';

export interface StoredPhoto {
  record: PhotoRecord;
  /** False while only an imported walk names it. */
  stored: boolean;
}

/** Rows looked at before others get their turn. */
const AT_ONCE = 2000;

export const UNKEPT_SQL = `
  SELECT sha256 FROM photos WHERE rowid > ? AND rowid <= ? AND stored = 1 AND NOT EXISTS (
    SELECT 1 FROM kept_files
    WHERE path = '1600/' || substr(photos.sha256, 1, 2) || '/' || photos.sha256 || '.jpg')`;

export function makePhotoStore(db: Db) {
  const one = db.prepare<[string], { record: string; stored: number }>(
    'SELECT record, stored FROM photos WHERE sha256 = ?',
  );
  const count = db.prepare<[], { n: number }>('SELECT count(*) AS n FROM photos WHERE stored = 1');
  const storedOnes = db.prepare<[], { sha256: string }>('SELECT sha256 FROM photos WHERE stored = 1');
  const put = db.prepare(
    `INSERT INTO photos (sha256, record, stored, created_at) VALUES (?, ?, ?, ?)
     ON CONFLICT (sha256) DO UPDATE SET record = excluded.record, stored = 1 WHERE excluded.stored = 1`,
  );
  const erased = db.prepare('UPDATE photos SET stored = 0 WHERE sha256 = ?');
  const update = db.prepare('UPDATE photos SET record = ? WHERE sha256 = ?');
  const has = db.prepare<[string], 1>('SELECT 1 FROM photos WHERE sha256 = ?');
  const unkept = db.prepare<[number, number], { sha256: string }>(UNKEPT_SQL);
  const last = db.prepare<[], { rowid: number | null }>('SELECT max(rowid) AS rowid FROM photos');
  const unjudged = db.prepare<[], { sha256: string }>(
    // Left to itself, SQLite reads the record of every stored one.
    "SELECT sha256 FROM photos INDEXED BY photos_unjudged WHERE stored = 1 AND record ->> 'quality' IS NULL",
  );
  const get = (sha256: string): StoredPhoto | undefined => {
    const row = one.get(sha256);
    return row && { record: photoRecordSchema.parse(JSON.parse(row.record)), stored: row.stored === 1 };
  };
  return {
    get,
    has: (sha256: string): boolean => has.get(sha256) !== undefined,
    /** Stored ones whose copies no list of kept files knows, some of them at a time. */
    *unkept(): Generator<string[]> {
      const end = last.get()?.rowid ?? 0;
      for (let from = 0; from < end; from += AT_ONCE)
        yield unkept.all(from, from + AT_ONCE).map(({ sha256 }) => sha256);
    },
    /** How many have their bytes here. */
    count: (): number => (count.get() as { n: number }).n,
    storedOnes: (): string[] => storedOnes.all().map(({ sha256 }) => sha256),
    /** Keeps what is known already; pixels, once stored, are unlearned by erasing alone. */
    put: (record: PhotoRecord, stored: boolean, now: string): void => {
      put.run(record.sha256, JSON.stringify(record), stored ? 1 : 0, now);
    },
    /** Its file was erased: what walks say of it stays. */
    erased: (sha256: string): void => {
      erased.run(sha256);
    },
    /** Adds what was found out of its pixels. */
    judge: (sha256: string, quality: PictureQuality, likeness: string): void => {
      const known = get(sha256);
      if (known) update.run(JSON.stringify({ ...known.record, quality, likeness }), sha256);
    },
    /** Stored ones nobody has judged yet. */
    unjudged: (): string[] => unjudged.all().map(({ sha256 }) => sha256),
    /** Known ones among the given, in the order given. */
    known: (hashes: Iterable<string>): StoredPhoto[] =>
      [...new Set(hashes)].flatMap((sha256) => get(sha256) ?? []),
  };
}

export type PhotoStore = ReturnType<typeof makePhotoStore>;
