import { type RecordingRecord, recordingRecordSchema } from '#core/exchange';
import type { Db } from './openDatabase';

export interface StoredRecording {
  record: RecordingRecord;
  /** False while only an imported walk names it. */
  stored: boolean;
}

export function makeRecordingStore(db: Db) {
  const one = db.prepare<[string], { record: string; stored: number }>(
    'SELECT record, stored FROM recordings WHERE sha256 = ?',
  );
  const count = db.prepare<[], { n: number }>('SELECT count(*) AS n FROM recordings WHERE stored = 1');
  const storedOnes = db.prepare<[], { sha256: string }>('SELECT sha256 FROM recordings WHERE stored = 1');
  const put = db.prepare(
    `INSERT INTO recordings (sha256, record, stored, created_at) VALUES (?, ?, ?, ?)
     ON CONFLICT (sha256) DO UPDATE SET record = excluded.record, stored = 1 WHERE excluded.stored = 1`,
  );
  const get = (sha256: string): StoredRecording | undefined => {
    const row = one.get(sha256);
    return row && { record: recordingRecordSchema.parse(JSON.parse(row.record)), stored: row.stored === 1 };
  };
  const has = db.prepare<[string], 1>('SELECT 1 FROM recordings WHERE sha256 = ?');
  return {
    get,
    has: (sha256: string): boolean => has.get(sha256) !== undefined,
    /** How many have their bytes here. */
    count: (): number => (count.get() as { n: number }).n,
    storedOnes: (): string[] => storedOnes.all().map(({ sha256 }) => sha256),
    put: (record: RecordingRecord, stored: boolean, now: string): void => {
      put.run(record.sha256, JSON.stringify(record), stored ? 1 : 0, now);
    },
    /** Known ones among the given, in the order given. */
    known: (hashes: Iterable<string>): StoredRecording[] =>
      [...new Set(hashes)].flatMap((sha256) => get(sha256) ?? []),
  };
}
