import type { Db } from './openDatabase';

export const fileProblems = ['missing', 'damaged'] as const;
export type FileProblem = (typeof fileProblems)[number];

export interface KeptFile {
  /** Within the photo folder. */
  path: string;
  /** Of its bytes; undefined while nobody has looked at a file from before hashes were kept. */
  sha256: string | undefined;
  problem: FileProblem | undefined;
  /** Whether it was put into the bucket, to lie there alone. */
  isAway: boolean;
}

interface Row {
  path: string;
  sha256: string | null;
  problem: FileProblem | null;
  away_at: string | null;
}

const toFile = ({ path, sha256, problem, away_at }: Row): KeptFile => ({
  path,
  sha256: sha256 ?? undefined,
  problem: problem ?? undefined,
  isAway: away_at !== null,
});

const COLUMNS = 'path, sha256, problem, away_at';

/** What files ought to hold, and what was found when they were last looked at. */
export function makeFileStore(db: Db) {
  const one = db.prepare<[string], Row>(`SELECT ${COLUMNS} FROM kept_files WHERE path = ?`);
  const note = db.prepare(
    `INSERT INTO kept_files (path, sha256) VALUES (?, ?)
     ON CONFLICT (path) DO UPDATE SET sha256 = excluded.sha256, problem = NULL, checked_at = NULL, away_at = NULL, back_at = NULL`,
  );
  const expect = db.prepare('INSERT OR IGNORE INTO kept_files (path) VALUES (?)');
  const checked = db.prepare('UPDATE kept_files SET checked_at = ?, problem = ? WHERE path = ?');
  const forget = db.prepare('DELETE FROM kept_files WHERE path = ?');
  const between = db.prepare<[string, string], { path: string }>(
    'SELECT path FROM kept_files WHERE path >= ? AND path < ?',
  );
  const due = db.prepare<[string], Row>(
    // The first of the index: one nobody looked at yet, or else the one looked at longest ago.
    `SELECT ${COLUMNS} FROM (SELECT * FROM kept_files INDEXED BY kept_files_due ORDER BY checked_at LIMIT 1)
     WHERE checked_at IS NULL OR checked_at < ?`,
  );
  const broken = db.prepare<[], Row>(
    `SELECT ${COLUMNS} FROM kept_files WHERE problem IS NOT NULL ORDER BY path`,
  );
  const brokenOnes = db.prepare<[], { n: number }>(
    'SELECT count(*) AS n FROM kept_files WHERE problem IS NOT NULL',
  );
  const counts = db.prepare<[], { kept: number; checked: number; broken: number }>(
    'SELECT count(*) AS kept, count(checked_at) AS checked, count(problem) AS broken FROM kept_files',
  );
  const wentAway = db.prepare('UPDATE kept_files SET away_at = ?, back_at = NULL WHERE path = ?');
  const cameBack = db.prepare("UPDATE kept_files SET back_at = datetime('now') WHERE path = ?");
  // What is small stays for good; a copy with something drawn on it is drawn again.
  const onThisDisk = db.prepare<[], Row>(
    `SELECT ${COLUMNS} FROM kept_files
     WHERE (away_at IS NULL OR back_at IS NOT NULL) AND problem IS NULL
       AND (path LIKE 'originals/%' OR path LIKE 'recordings/%' OR path LIKE '1600/%')`,
  );
  const away = db.prepare<[], { sha256: string }>(
    'SELECT DISTINCT sha256 FROM kept_files WHERE away_at IS NOT NULL AND sha256 IS NOT NULL',
  );
  return {
    get: (path: string): KeptFile | undefined => {
      const row = one.get(path);
      return row && toFile(row);
    },
    /** A file was put in place and holds this; whatever was wrong with it before is over. */
    note: (path: string, sha256: string): void => {
      note.run(path, sha256);
    },
    noteAll: db.transaction((all: readonly (readonly [path: string, sha256: string])[]) => {
      for (const [path, sha256] of all) note.run(path, sha256);
    }),
    /** A file ought to be there; its hash is taken when it is first looked at. */
    expectAll: db.transaction((paths: readonly string[]) => {
      for (const path of paths) expect.run(path);
    }),
    checked: (path: string, at: string, problem?: FileProblem): void => {
      checked.run(at, problem ?? null, path);
    },
    forget: (path: string): void => {
      forget.run(path);
    },
    /** The one looked at longest ago, and before `since`. */
    due: (since: string): KeptFile | undefined => {
      const row = due.get(since);
      return row && toFile(row);
    },
    /** Copies of a picture with something drawn on them, by their names. */
    burnedOf: (sha256: string): string[] => {
      const from = `burned/${sha256.slice(0, 2)}/${sha256}-`;
      return between.all(from, `${from}~`).map(({ path }) => path);
    },
    /** The large ones that lie here, also beside the bucket. */
    onThisDisk: (): KeptFile[] => onThisDisk.all().map(toFile),
    wentAway: (path: string, at: string): void => {
      wentAway.run(at, path);
    },
    /** It was fetched from the bucket and lies here too, for a while. */
    cameBack: (path: string): void => {
      cameBack.run(path);
    },
    /** What those hold that lie in the bucket. */
    away: (): string[] => away.all().map(({ sha256 }) => sha256),
    countBroken: (): number => (brokenOnes.get() as { n: number }).n,
    broken: (): KeptFile[] => broken.all().map(toFile),
    counts: () => counts.get() as { kept: number; checked: number; broken: number },
  };
}

export type FileStore = ReturnType<typeof makeFileStore>;
