import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import S3rver from 's3rver';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { begun, entriesOf, noted, WALK } from '../../../tests/builders/entries';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { makeS3, type S3Settings } from '../bucket/s3';
import { awayOf } from '../config';
import { makeContext } from '../makeContext';
import { backupsAway, fetchBack } from './away';
import { makeBackups } from './backups';
import { restore } from './restore';

/** The stand-in knows one pair of keys, and these are they. */
const KEYS = { ZELK_S3_KEY: 'S3RVER', ZELK_S3_SECRET: 'S3RVER' };
const silent = pino({ level: 'silent' });
const DAY_MS = 86_400_000;

let server: TestServer;
let home: string;
let store: S3rver;
let settings: S3Settings;
let clock: Date;
beforeEach(async () => {
  server = await startTestServer();
  home = mkdtempSync(join(tmpdir(), 'zelk-away-'));
  clock = new Date('2026-03-14T03:00:00.000Z');
  store = new S3rver({
    port: 0,
    address: '127.0.0.1',
    silent: true,
    directory: join(home, 'bucket'),
    configureBuckets: [{ name: 'zelk', configs: [] }],
  });
  const { port } = (await store.run()) as AddressInfo;
  settings = awayOf({ ...KEYS, ZELK_S3: `http://127.0.0.1:${port}/zelk/yard-7` }) as S3Settings;
  await request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf([begun, noted(1)]) })
    .expect(200);
});
afterEach(async () => {
  await store.close();
  await server.close();
  rmSync(home, { recursive: true, force: true });
});

const backups = (away: S3Settings) =>
  makeBackups({
    dataDir: server.dir,
    dir: join(home, 'backups'),
    everyHours: 24,
    away: { store: makeS3(away), livesThere: server.context.stores.files.away },
    db: server.context.stores.db,
    now: () => clock,
    log: silent,
  });
async function putPhoto(seed: number): Promise<string> {
  const bytes = await jpeg(seed);
  await request(server.app)
    .put(`/api/photos/${sha256Of(bytes)}`)
    .set('Content-Type', 'image/jpeg')
    .send(bytes)
    .expect(200);
  return sha256Of(bytes);
}

describe('backups on another machine', () => {
  it('bring the yard back when this one is gone with its disk', async () => {
    const photo = await putPhoto(1);
    const all = backups(settings);
    await all.run();
    expect((await all.status()).away).toEqual({ last: clock.toISOString(), livesThere: 0 });
    rmSync(join(home, 'backups'), { recursive: true });

    const [fetched, folder] = [join(home, 'fetched'), join(home, 'another-machine')];
    expect(await fetchBack(makeS3(settings), fetched)).toBe('2026-03-14T03-00-00.000Z');
    await restore(fetched, folder, clock);
    const { stores, copies } = makeContext(folder, silent);
    expect(stores.walks.entriesOf(WALK)).toHaveLength(2);
    expect(await copies.isWhole(photo)).toBe(true);
    stores.db.close();
  });

  it('send what did not change once, and thin out as here', async () => {
    await putPhoto(1);
    const all = backups(settings);
    await all.run();
    const files = async () => (await makeS3(settings).list('files/')).length;
    const first = await files();
    // The original and its copies, which are the same to the byte for a picture this small.
    expect(first).toBe(2);
    for (let day = 1; day < 9; day++) {
      clock = new Date(clock.getTime() + DAY_MS);
      await all.run();
    }
    expect(await files()).toBe(first);
    const kept = (await all.status()).made.map(({ at }) => at.replaceAll(':', '-'));
    expect(await backupsAway(makeS3(settings))).toEqual(kept);
    expect(kept.length).toBeLessThan(9);
  });

  it('lose what was erased with the last backup that held it', async () => {
    const erased = await putPhoto(1);
    const all = backups(settings);
    await all.run();
    const files = async () => (await makeS3(settings).list('files/')).toSorted();
    expect(await files()).toContain(`files/${erased}`);
    const { stores, files: photos } = server.context;
    await request(server.app)
      .post(`/api/walks/${WALK}/entries`)
      .send({ entries: entriesOf([{ kind: 'photo-withdrawn', body: { photo: erased } }], WALK, 50) })
      .expect(200);
    await request(server.app).post(`/api/photos/${erased}/erasing`).send({}).expect(200);
    expect(stores.photos.get(erased)?.stored).toBe(false);
    expect(await photos.has(erased)).toBe(false);
    // A later backup of the same day takes the place of the first.
    clock = new Date(clock.getTime() + 1000);
    await all.run();
    expect(await files()).toEqual([]);
  });

  it('stay in the bucket when another machine with an empty folder goes on', async () => {
    await backups(settings).run();
    const before = await backupsAway(makeS3(settings));
    rmSync(join(home, 'backups'), { recursive: true });
    clock = new Date(clock.getTime() + 2 * DAY_MS);
    await backups(settings).run();
    expect(await backupsAway(makeS3(settings))).toEqual([
      clock.toISOString().replaceAll(':', '-'),
      ...before,
    ]);
  });

  it('say in words what went wrong; the backup here is whole all the same', async () => {
    const cases: [Partial<S3Settings>, RegExp][] = [
      [{ key: 'NOBODY' }, /does not let Zelk into “zelk”: check ZELK_S3_KEY/],
      [{ bucket: 'no-such-bucket' }, /There is no bucket “no-such-bucket”/],
      [{ endpoint: 'http://127.0.0.1:9' }, /^http:\/\/127\.0\.0\.1:9 does not answer/],
    ];
    for (const [wrong, says] of cases) {
      const all = backups({ ...settings, ...wrong });
      await all.run();
      const { away, made, problem } = await all.status();
      expect(away?.problem).toMatch(says);
      expect(problem).toBeUndefined();
      expect(made).toHaveLength(1);
      clock = new Date(clock.getTime() + 1000);
    }
    await expect(fetchBack(makeS3(settings), join(home, 'nothing'))).rejects.toThrow(
      'There is no backup in the bucket.',
    );
    expect(existsSync(join(home, 'nothing'))).toBe(false);
  });

  it.each([
    [{ ZELK_S3: 'zelk' }, /must be the address of a bucket/],
    [{ ZELK_S3: 'https://store.example' }, /must be the address of a bucket/],
    [{ ZELK_S3: 'https://store.example/zelk' }, /needs ZELK_S3_KEY and ZELK_S3_SECRET/],
  ])('are not set up by %j', (env, says) => {
    expect(() => awayOf(env)).toThrow(says);
  });
});
