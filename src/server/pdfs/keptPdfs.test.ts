import {
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { KeptPdfs } from './keptPdfs';

let dir: string;
let made: number;
beforeEach(() => {
  dir = join(mkdtempSync(join(tmpdir(), 'zelk-pdfs-')), 'made');
  made = 0;
});
afterEach(() => rmSync(join(dir, '..'), { recursive: true, force: true }));

const write = (text: string) => async (file: string) => {
  made++;
  writeFileSync(file, text);
};

describe('a PDF that is kept', () => {
  it('is made once, also for two who ask at the same time, and for the next process', async () => {
    const kept = new KeptPdfs(dir);
    const [first, second] = await Promise.all([
      kept.pathOf('a', write('one')),
      kept.pathOf('a', write('two')),
    ]);
    expect(second).toBe(first);
    await new KeptPdfs(dir).pathOf('a', write('three'));
    expect(made).toBe(1);
    expect(['one', 'two']).toContain(readFileSync(first, 'utf8'));
  });

  it('is made again by another key, and after all were forgotten', async () => {
    const kept = new KeptPdfs(dir);
    await kept.pathOf('a', write('one'));
    await kept.pathOf('b', write('two'));
    await kept.forget();
    expect(existsSync(dir)).toBe(false);
    await kept.pathOf('a', write('three'));
    expect(made).toBe(3);
  });

  it('leaves nothing behind where writing fails, and is tried again', async () => {
    const kept = new KeptPdfs(dir);
    await expect(kept.pathOf('a', () => Promise.reject(new Error('no room')))).rejects.toThrow('no room');
    expect(readdirSync(dir)).toEqual([]);
    await kept.pathOf('a', write('one'));
    expect(made).toBe(1);
  });

  it('gives way to others when they take too much, what nobody asked for longest first', async () => {
    const kept = new KeptPdfs(dir, 10);
    const old = await kept.pathOf('old', write('12345'));
    utimesSync(old, new Date(1000), new Date(1000));
    await kept.pathOf('new', write('12345'));
    await kept.pathOf('newest', write('12345'));
    expect(readdirSync(dir).sort()).toEqual(['new.pdf', 'newest.pdf']);
  });
});
