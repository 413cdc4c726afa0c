import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { migrate, openDatabase } from './openDatabase';

let dir: string;
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'zelk-db-'));
});
afterEach(() => rmSync(dir, { recursive: true, force: true }));

describe('opening the database', () => {
  it('keeps what it acknowledges: WAL, every commit on disk', () => {
    const db = openDatabase(join(dir, 'a.db'));
    expect(db.pragma('journal_mode', { simple: true })).toBe('wal');
    expect(db.pragma('synchronous', { simple: true })).toBe(2);
    db.close();
  });

  it('leaves no copy of what was moved or deleted in freed space', () => {
    const file = join(dir, 'a.db');
    const db = openDatabase(file);
    db.exec('CREATE TABLE extra (a)');
    const add = db.prepare('INSERT INTO extra VALUES (?)');
    for (let i = 0; i < 500; i++) add.run(`said and taken back ${i} ${'.'.repeat(300)}`);
    db.exec('DELETE FROM extra');
    db.pragma('wal_checkpoint(TRUNCATE)');
    expect(readFileSync(file, 'latin1')).not.toContain('said and taken back');
    db.close();
  });

  it('applies each migration once, and a failing one not at all', () => {
    const db = openDatabase(join(dir, 'a.db'));
    const first = db.pragma('user_version', { simple: true }) as number;
    const good = Array.from({ length: first }, (_, i) => ({ number: i + 1, sql: 'this is never run again' }));
    migrate(db, [...good, { number: first + 1, sql: 'CREATE TABLE extra (a)' }]);
    expect(() =>
      migrate(db, [
        ...good,
        { number: first + 1, sql: '' },
        { number: first + 2, sql: 'CREATE TABLE half (a); nonsense' },
      ]),
    ).toThrow();
    expect(db.pragma('user_version', { simple: true })).toBe(first + 1);
    expect(db.prepare("SELECT count(*) AS n FROM sqlite_master WHERE name = 'half'").get()).toEqual({ n: 0 });
    db.close();
  });

  it('refuses gaps in the numbers and data of a newer program', () => {
    const db = openDatabase(join(dir, 'a.db'));
    expect(() => migrate(db, [{ number: 2, sql: '' }])).toThrow(/gaps/);
    db.pragma('user_version = 99');
    expect(() => migrate(db)).toThrow(/newer/);
    db.close();
  });
});
