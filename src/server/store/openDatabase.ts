import Database from 'better-sqlite3';
import { migrations } from './migrations';

export type Db = Database.Database;

/**
 * Opens the database file and brings it up to date. WAL with synchronous=FULL: what was acknowledged
 * survives the process and the machine going down.
 */
export function openDatabase(file: string): Db {
  const db = new Database(file);
  db.pragma('journal_mode = WAL');
  db.pragma('synchronous = FULL');
  db.pragma('foreign_keys = ON');
  db.pragma('busy_timeout = 5000');
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
  if (version > list.length) {
    throw new Error(
      `The data was written by a newer Zelk (schema ${version}, this one knows ${list.length}). Update Zelk.`,
    );
  }
  for (const { number, sql } of list.slice(version)) {
    db.transaction(() => {
      db.exec(sql);
      db.pragma(`user_version = ${number}`);
    })();
  }
}
