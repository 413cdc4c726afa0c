import { mkdirSync, mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Entry } from '#core/walk';
import { begun, entriesOf, noted, WALK } from '../../../tests/builders/entries';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { makeContext } from '../makeContext';
import { makeBackups } from './backups';
import { restore } from './restore';

const silent = pino({ level: 'silent' });
const DAY_MS = 86_400_000;

let server: TestServer;
let home: string;
let dir: string;
let clock: Date;
beforeEach(async () => {
  server = await startTestServer();
  home = mkdtempSync(join(tmpdir(), 'zelk-backups-'));
  dir = join(home, 'backups');
  clock = new Date('2026-03-14T03:00:00.000Z');
});
afterEach(async () => {
  await server.close();
  rmSync(home, { recursive: true, force: true });
});

const backups = (where = dir) =>
  makeBackups({
    dataDir: server.dir,
    dir: where,
    everyHours: 24,
    db: server.context.stores.db,
    now: () => clock,
    log: silent,
  });
const post = (entries: readonly Entry[]) =>
  request(server.app).post(`/api/walks/${WALK}/entries`).send({ entries }).expect(200);

/** Another machine: an empty folder that the newest backup is brought back to. Gives back what is there. */
async function elsewhere(photo: string): Promise<{ entries: readonly Entry[]; hasPhoto: boolean }> {
  const [newest = ''] = readdirSync(dir).toSorted().toReversed();
  const folder = join(home, 'another-machine');
  await restore(join(dir, newest), folder, clock);
  const { stores, copies } = makeContext(folder, silent);
  const hasPhoto = stores.photos.get(photo)?.stored === true && (await copies.isWhole(photo));
  const entries = stores.walks.entriesOf(WALK);
  stores.db.close();
  return { entries, hasPhoto };
}

describe('backups the server makes by itself', () => {
  it('bring back on another machine all that was acknowledged before they began, though 200 entries a second come in', async () => {
    const log = entriesOf([begun, ...Array.from({ length: 900 }, (_, i) => noted(i + 1, 'roof'))]);
    await post(log.slice(0, 100));
    const bytes = await jpeg(1);
    await request(server.app)
      .put(`/api/photos/${sha256Of(bytes)}`)
      .set('Content-Type', 'image/jpeg')
      .send(bytes)
      .expect(200);
    const all = backups();
    let isDone = false;
    let written = 100;
    const began = Date.now();
    const writing = (async () => {
      while (!isDone && written < log.length) {
        const due = Math.min(log.length, 100 + Math.ceil(((Date.now() - began) / 1000) * 200));
        if (due > written) await post(log.slice(written, due));
        written = Math.max(written, due);
        await new Promise((later) => setTimeout(later, 5));
      }
    })();
    const acknowledged = log.slice(0, 100);
    await all.run();
    isDone = true;
    await writing;
    const status = await all.status();
    expect(status).toMatchObject({ isRunning: false, isLate: false });
    expect(status.problem).toBeUndefined();
    const there = await elsewhere(sha256Of(bytes));
    const ids = new Set(there.entries.map(({ id }) => id));
    expect(acknowledged.filter(({ id }) => !ids.has(id))).toEqual([]);
    expect(there.hasPhoto).toBe(true);
  });

  it('store what did not change once, thin out by the rule, and leave the newest whole', async () => {
    const bytes = await jpeg(2);
    await request(server.app)
      .put(`/api/photos/${sha256Of(bytes)}`)
      .set('Content-Type', 'image/jpeg')
      .send(bytes)
      .expect(200);
    const all = backups();
    for (let day = 0; day < 10; day++) {
      await all.run();
      clock = new Date(clock.getTime() + DAY_MS);
    }
    const kept = readdirSync(dir).toSorted();
    // Seven days, and the Sunday before them: 15 March 2026.
    expect(kept.map((name) => name.slice(0, 10))).toEqual([
      '2026-03-15',
      ...Array.from({ length: 7 }, (_, i) => `2026-03-${17 + i}`),
    ]);
    expect((await all.status()).made).toHaveLength(8);
    const shelf = `photos/originals/${sha256Of(bytes).slice(0, 2)}`;
    const inodes = kept.map((name) => {
      const [file = ''] = readdirSync(join(dir, name, shelf));
      return statSync(join(dir, name, shelf, file)).ino;
    });
    expect(new Set(inodes).size).toBe(1);
    expect((await elsewhere(sha256Of(bytes))).hasPhoto).toBe(true);
  });

  it('are begun when one is due, go on where another server left off, and clear what was broken off', async () => {
    mkdirSync(join(dir, '2026-03-13T03-00-00.000Z.part'), { recursive: true });
    const first = backups();
    await first.start();
    await first.stop();
    expect((await first.status()).made).toHaveLength(1);
    expect(readdirSync(dir)).toEqual(['2026-03-14T03-00-00.000Z']);

    clock = new Date(clock.getTime() + DAY_MS / 2);
    const soon = backups();
    await soon.start();
    await soon.stop();
    expect((await soon.status()).made).toHaveLength(1);

    clock = new Date(clock.getTime() + 2 * DAY_MS);
    expect((await soon.status()).isLate).toBe(true);
    const late = backups();
    await late.start();
    await late.stop();
    expect(await late.status()).toMatchObject({ isLate: false, made: [{ at: clock.toISOString() }, {}] });
  });

  it('say in words what went wrong, and keep what there was', async () => {
    await backups().run();
    const file = join(home, 'no-folder');
    writeFileSync(file, '');
    const wrong = backups(file);
    await wrong.start();
    await wrong.stop();
    expect(await wrong.status()).toMatchObject({
      made: [],
      isLate: true,
      problem: `${file} is no folder. Name another one.`,
    });
  });

  it('are told to the yard and to monitors', async () => {
    expect((await request(server.app).get('/api/yard/backups').expect(200)).body).toMatchObject({
      isSetUp: false,
    });
    expect((await request(server.app).post('/api/yard/backups').send({}).expect(409)).body.detail).toContain(
      'set ZELK_BACKUPS',
    );
    expect((await request(server.app).get('/api/health')).body.backups).toBeUndefined();
    server.context.backups = backups();
    expect((await request(server.app).get('/api/health')).body.backups).toEqual({
      isLate: true,
      hasProblem: false,
    });
    expect((await request(server.app).post('/api/yard/backups').send({}).expect(202)).body).toMatchObject({
      isSetUp: true,
      isRunning: true,
    });
    await server.context.backups.run();
    expect((await request(server.app).get('/api/health')).body.backups).toEqual({
      last: clock.toISOString(),
      isLate: false,
      hasProblem: false,
    });
    expect((await request(server.app).get('/api/metrics')).text).toMatch(/^zelk_backup_age_seconds -?\d+/m);
  });
});
