import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { migrations } from './migrations';

export type Db = Database.Database;

/** The database was written by a later program than this. */
export class NewerData extends Error {
  constructor(version: number, known: number) {
    super(`The data was written by a newer Zelk (schema ${version}, this one knows ${known}). Update Zelk.`);
  }
}

/** How many snapshots are kept beside the database. */
const SNAPSHOTS = 3;

/** The database as it was before it is changed, beside it: the way back when a change went wrong. */
function snapshot(db: Db, version: number): void {
  if (db.memory) return;
  const dir = join(dirname(db.name), 'snapshots');
  mkdirSync(dir, { recursive: true });
  const file = join(dir, `zelk-schema-${String(version).padStart(3, '0')}.db`);
  rmSync(file, { force: true });
  db.prepare('VACUUM INTO ?').run(file);
  const names = readdirSync(dir).toSorted();
  for (const name of names.slice(0, -SNAPSHOTS)) rmSync(join(dir, name));
}

/**
 * Opens the database file and brings it up to date. WAL with synchronous=FULL: what was acknowledged
 * survives the process and the machine going down. What is deleted or moved is overwritten, so that what is
 * erased later leaves no copy in freed space.
 */
export function openDatabase(file: string): Db {
  const db = new Database(file);
  db.pragma('journal_mode = WAL');
  db.pragma('synchronous = FULL');
  db.pragma('foreign_keys = ON');
  db.pragma('busy_timeout = 5000');
  db.pragma('secure_delete = ON');
  migrate(db);
  return db;
}

/** Applies what is missing, each migration in a transaction. Throws on gaps and on a database newer than this program. */
export function migrate(db: Db, list = migrations): void {
  list.forEach(({ number }, i) => {
    if (number !== i + 1)
      throw new Error(`Migration ${number} stands at place ${i + 1}: numbers must have no gaps.`);
  });
  const version = db.pragma('user_version', { simple: true }) as number;
  if (version > list.length) throw new NewerData(version, list.length);
  if (version > 0 && version < list.length) snapshot(db, version);
  const apply = () => {
    for (const { number, sql } of list.slice(version))
      db.transaction(() => {
        db.exec(sql);
        db.pragma(`user_version = ${number}`);
      })();
  };
  // A new database has nothing to keep of a step in between: one flush of the disk is enough for all of them.
  if (version === 0) db.transaction(apply)();
  else apply();
}
