import { mkdirSync, mkdtempSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { migrations } from '../store/migrations';
import { migrate, openDatabase } from '../store/openDatabase';
import { demandDatabase } from './databaseGone';
import { FolderTaken, lockFolder } from './lockFolder';
import { startProblem } from './startProblem';

let dir: string;
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'zelk-start-'));
});
afterEach(() => rmSync(dir, { recursive: true, force: true }));

const thrownBy = (act: () => unknown): unknown => {
  try {
    act();
  } catch (error) {
    return error;
  }
  return undefined;
};
const says = (act: () => unknown) => startProblem(thrownBy(act), dir);

describe('a data folder', () => {
  it('belongs to one process, and is closed to others of the machine', () => {
    const own = join(dir, 'own');
    const unlock = lockFolder(own);
    expect(thrownBy(() => lockFolder(own))).toBeInstanceOf(FolderTaken);
    expect(says(() => lockFolder(own))).toMatch(/Another Zelk works in .*own\. Stop it first/);
    expect(statSync(own).mode & 0o777).toBe(0o700);
    unlock();
    lockFolder(own)();
  });
});

describe('what keeps a server from starting is told in words', () => {
  it('a newer database, a damaged one, something that is no folder', () => {
    const file = join(dir, 'zelk.db');
    const db = openDatabase(file);
    db.pragma('user_version = 999');
    db.close();
    expect(says(() => openDatabase(file))).toMatch(/newer Zelk .*Update Zelk/);
    writeFileSync(file, 'no database at all, but long enough to be looked at as one, and then some more');
    expect(says(() => openDatabase(file))).toMatch(/damaged.*bin\/restore/);
    writeFileSync(join(dir, 'file'), '');
    expect(says(() => lockFolder(join(dir, 'file')))).toMatch(/is not a folder/);
    expect(says(() => lockFolder(join(dir, 'file', 'deeper')))).toMatch(/is not a folder/);
  });

  it('a database that is gone or empty beside the files of a yard, with the two ways on; nothing is made', () => {
    const shelf = join(dir, 'photos', 'originals', 'ab');
    mkdirSync(shelf, { recursive: true });
    // A shelf without files is no yard.
    expect(thrownBy(() => demandDatabase(dir))).toBeUndefined();
    for (const name of ['one', 'two']) writeFileSync(join(shelf, name), 'picture');
    expect(says(() => demandDatabase(dir))).toMatch(
      /zelk\.db is missing, and 2 files .*bin\/restore DIR.*begin a new yard on purpose, move .*photos/,
    );
    writeFileSync(join(dir, 'zelk.db'), '');
    expect(says(() => demandDatabase(dir))).toMatch(/zelk\.db is empty, and 2 files/);
    // What was acknowledged last may stand beside it still.
    writeFileSync(join(dir, 'zelk.db-wal'), 'pages');
    expect(thrownBy(() => demandDatabase(dir))).toBeUndefined();
    rmSync(join(dir, 'zelk.db-wal'));
    rmSync(join(dir, 'zelk.db'));
    renameSync(join(dir, 'photos'), join(dir, 'photos-before'));
    expect(thrownBy(() => demandDatabase(dir))).toBeUndefined();
    const db = openDatabase(join(dir, 'zelk.db'));
    renameSync(join(dir, 'photos-before'), join(dir, 'photos'));
    expect(thrownBy(() => demandDatabase(dir))).toBeUndefined();
    db.close();
  });

  it('a folder that cannot be written, and a disk without room, by their codes', () => {
    for (const code of ['EACCES', 'EROFS', 'SQLITE_READONLY', 'SQLITE_CANTOPEN'])
      expect(startProblem({ code }, '/srv/zelk')).toMatch(/may not write in \/srv\/zelk/);
    for (const code of ['ENOSPC', 'SQLITE_FULL']) expect(startProblem({ code }, dir)).toMatch(/no room left/);
    expect(startProblem(new Error('something else'), dir)).toBeUndefined();
  });
});

describe('before a database is changed', () => {
  it('it is kept as it was, and no more than three of these', () => {
    const file = join(dir, 'zelk.db');
    const db = openDatabase(file);
    db.prepare("UPDATE yard SET name = 'Before'").run();
    const list = [...migrations];
    for (let i = 0; i < 5; i++) {
      list.push({
        number: list.length + 1,
        sql: `CREATE TABLE extra${i} (a); UPDATE yard SET name = 'After ${i}'`,
      });
      migrate(db, list);
    }
    db.close();
    const kept = [1, 2, 3, 4, 5].map((i) =>
      join(dir, 'snapshots', `zelk-schema-${String(migrations.length + i - 1).padStart(3, '0')}.db`),
    );
    expect(kept.map((path) => statSync(path, { throwIfNoEntry: false }) !== undefined)).toEqual([
      false,
      false,
      true,
      true,
      true,
    ]);
    const before = new Database(kept[2] as string, { readonly: true });
    expect(before.prepare('SELECT name FROM yard').get()).toEqual({ name: 'After 1' });
    before.close();
  });

  it('a new one is not: there is nothing to keep', () => {
    mkdirSync(join(dir, 'new'));
    openDatabase(join(dir, 'new', 'zelk.db')).close();
    expect(statSync(join(dir, 'new', 'snapshots'), { throwIfNoEntry: false })).toBeUndefined();
  });
});
