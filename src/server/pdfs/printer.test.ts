import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { text } from 'node:stream/consumers';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../problems';
import { KeptPdfs } from './keptPdfs';
import type { PrintJob } from './printed';
import { makePrinter } from './printer';

let dir: string;
/** Lets the oldest print that is under way end. */
let ends: (() => void)[];
let printed: number;
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'zelk-printer-'));
  ends = [];
  printed = 0;
});
afterEach(() => rmSync(dir, { recursive: true, force: true }));

const job: PrintJob = {
  printed: { what: 'sheet', sheet: { crew: { id: 'a', name: 'A' }, yard: '', days: [], said: [] } },
  paper: 'a4',
  pictures: new Map(),
};
const gather = async () => job;
const slow = async (_job: PrintJob, file: string) => {
  printed++;
  await new Promise<void>((end) => ends.push(end));
  writeFileSync(file, 'paper');
};
const quick = async (_job: PrintJob, file: string) => {
  printed++;
  writeFileSync(file, 'paper');
};
/** Until so many prints are under way or over. */
const begun = (n: number) => vi.waitFor(() => expect(printed).toBeGreaterThanOrEqual(n), 10_000);
const settled = () => new Promise((done) => setTimeout(done, 20));

describe('PDFs that are asked for at once', () => {
  it('are made two at a time; the others are told how many are before them, and are made once', async () => {
    const printer = makePrinter(new KeptPdfs(join(dir, 'made')), slow);
    const keys = ['a', 'b', 'c', 'd'];
    for (const key of keys) await printer.state(key, gather);
    await begun(2);
    expect(printed).toBe(2);
    const states = await Promise.all(keys.map((key) => printer.state(key, gather)));
    expect(states.map(({ before }) => before)).toEqual([0, 0, 1, 2]);
    expect(states.some(({ isReady }) => isReady)).toBe(false);
    const asked = keys.map((key) => printer.fileOf(key, gather));
    for (let i = 0; i < keys.length; i++) {
      await begun(i + 1);
      ends[i]?.();
    }
    const files = await Promise.all(asked);
    expect(files.map(({ path }) => readFileSync(path, 'utf8'))).toEqual(keys.map(() => 'paper'));
    expect(printed).toBe(4);
    expect(await printer.state('d', gather)).toEqual({ isReady: true, before: 0 });
  });
});

it('who asked first is made first, however long the disk takes to answer', async () => {
  class SlowForOne extends KeptPdfs {
    override async pathOf(...[key, write]: Parameters<KeptPdfs['pathOf']>): Promise<string> {
      if (key === 'a') await settled();
      return super.pathOf(key, write);
    }
  }
  const printer = makePrinter(new SlowForOne(join(dir, 'made')), slow);
  for (const key of ['a', 'b', 'c']) await printer.state(key, gather);
  const before = async (key: string) => (await printer.state(key, gather)).before;
  expect([await before('a'), await before('b'), await before('c')]).toEqual([0, 0, 1]);
  for (let i = 0; i < 3; i++) {
    await begun(i + 1);
    ends[i]?.();
  }
  await printer.fileOf('c', gather);
  expect(printed).toBe(3);
});

describe('a PDF that cannot be kept', () => {
  it('is made for this once elsewhere, read, and gone again', async () => {
    // No folder can be made where a file lies.
    writeFileSync(join(dir, 'made'), '');
    const printer = makePrinter(new KeptPdfs(join(dir, 'made')), quick);
    const { path, done } = await printer.fileOf('a', gather);
    expect(readFileSync(path, 'utf8')).toBe('paper');
    await done();
    expect(() => readFileSync(path)).toThrow('ENOENT');
    expect(await text(printer.streamOf('a', gather))).toBe('paper');
    expect(readdirSync(dir)).toEqual(['made']);
  });

  it('or made at all is told to whoever fetches it, and whoever waits is sent there', async () => {
    const busy = new Problem(503, 'too-busy', 'Busy', 'Try again.');
    let fails = true;
    const printer = makePrinter(new KeptPdfs(join(dir, 'made')), async (made, file) => {
      if (fails) throw busy;
      await quick(made, file);
    });
    expect(await printer.state('a', gather)).toEqual({ isReady: false, before: 0 });
    await settled();
    expect((await printer.state('a', gather)).isReady).toBe(true);
    await expect(printer.fileOf('a', gather)).rejects.toBe(busy);
    fails = false;
    expect(readFileSync((await printer.fileOf('a', gather)).path, 'utf8')).toBe('paper');
  });
});
