import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { jpeg } from '../../../tests/builders/photos';
import type { Problem } from '../problems';
import { Pool } from './pool';

let dir: string;
let pool: Pool;
/** Children of this process that are not this test's. */
let others: ReadonlySet<number>;
beforeEach(() => {
  others = new Set(children());
  dir = mkdtempSync(join(tmpdir(), 'zelk-aside-'));
});
afterEach(() => {
  pool.stop();
  rmSync(dir, { recursive: true, force: true });
});

let n = 0;
function put(bytes: Buffer): { file: string; large: string; small: string } {
  const file = join(dir, String(n++));
  writeFileSync(file, bytes);
  return { file, large: `${file}.1600`, small: `${file}.320` };
}
const codeOf = (job: Promise<unknown>): Promise<string> =>
  job.then(
    () => 'done',
    (error: Problem) => `${error.status} ${error.code}`,
  );

describe('a file opened aside', () => {
  it('gives back what was found, or the Problem it was refused with', async () => {
    pool = new Pool();
    const good = put(await jpeg(1, 1800, 900));
    expect(await pool.run('develop', good)).toEqual({ mime: 'image/jpeg', width: 1800, height: 900 });
    expect(await sharp(good.large).metadata()).toMatchObject({ width: 1600, height: 800 });
    expect(await codeOf(pool.run('develop', put(Buffer.from('no photo at all, whatever'))))).toBe(
      '422 photo-unknown-type',
    );
    const walk = put(Buffer.from('[['.repeat(100_000)));
    expect(await codeOf(pool.run('walk', { path: walk.file, now: '2026-03-14T10:00:00.000Z' }))).toBe(
      '400 too-deep',
    );
  });

  it('is given up when it takes too long or too much memory; the others go on', async () => {
    const large = await sharp({ create: { width: 5000, height: 5000, channels: 3, background: '#345' } })
      .png({ compressionLevel: 1 })
      .toBuffer();
    pool = new Pool({ mostMs: 30, mostBytes: 4 * 1024 ** 3 });
    expect(await codeOf(pool.run('develop', put(large)))).toBe('422 file-too-much');
    pool.stop();
    pool = new Pool({ mostMs: 60_000, mostBytes: 1024 ** 2 });
    expect(await codeOf(pool.run('develop', put(large)))).toBe('422 file-too-much');
    pool.stop();
    pool = new Pool();
    const all = await Promise.all(
      [1, 2, 3, 4, 5].map(async (seed) => codeOf(pool.run('develop', put(await jpeg(seed))))),
    );
    expect(all).toEqual(['done', 'done', 'done', 'done', 'done']);
    expect(readdirSync(dir).filter((name) => name.endsWith('.320'))).toHaveLength(5);
  });

  it('is given all the time a slow machine needs: processor time counts, not the clock', async () => {
    pool = new Pool({ mostMs: 3000, mostBytes: 1024 ** 3 });
    const opening = codeOf(pool.run('develop', put(await jpeg(1))));
    const child = await theChild();
    process.kill(child, 'SIGSTOP');
    await new Promise((later) => setTimeout(later, 4000));
    process.kill(child, 'SIGCONT');
    expect(await opening).toBe('done');
  });

  it('is to be tried again when the last resort of the clock comes, or the child is killed from outside', async () => {
    pool = new Pool({ mostMs: 60_000, mostBytes: 1024 ** 3, lastMs: 1 });
    expect(await codeOf(pool.run('develop', put(await jpeg(1))))).toBe('503 too-busy');
    pool.stop();
    others = new Set(children());
    pool = new Pool();
    const opening = codeOf(pool.run('develop', put(await jpeg(1))));
    process.kill(await theChild(), 'SIGKILL');
    expect(await opening).toBe('503 too-busy');
    expect(await codeOf(pool.run('develop', put(await jpeg(1))))).toBe('done');
  });

  it('is opened once more where a child died by itself', async () => {
    pool = new Pool();
    const opening = codeOf(pool.run('develop', put(await jpeg(1))));
    process.kill(await theChild(), 'SIGSEGV');
    expect(await opening).toBe('done');
  });
});

const children = (): number[] =>
  readdirSync('/proc/self/task').flatMap((task) =>
    readFileSync(`/proc/self/task/${task}/children`, 'utf8').split(' ').filter(Boolean).map(Number),
  );

/** The child that this test's pool opens something in. */
async function theChild(): Promise<number> {
  for (;;) {
    const [child] = children().filter((pid) => !others.has(pid));
    if (child) return child;
    await new Promise((later) => setTimeout(later, 5));
  }
}
