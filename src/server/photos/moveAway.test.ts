import { existsSync, mkdtempSync, readdirSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import S3rver from 's3rver';
import sharp from 'sharp';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { jpegWithSecrets, sha256Of } from '../../../tests/builders/photos';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { makeBackups } from '../backup/backups';
import { readManifest } from '../backup/manifest';
import { restore } from '../backup/restore';
import type { ObjectStore } from '../bucket/objectStore';
import { makeS3 } from '../bucket/s3';
import { makeMoveAway } from './moveAway';

const DAY_MS = 86_400_000;
const silent = pino({ level: 'silent' });

let store: S3rver;
let isStoreUp: boolean;
let bucket: ObjectStore;
let home: string;
let server: TestServer;
let clock: Date;
let photo: string;
let bytes: Buffer;
beforeEach(async () => {
  home = mkdtempSync(join(tmpdir(), 'zelk-bucket-'));
  clock = new Date(Date.now() + 200 * DAY_MS);
  store = new S3rver({
    port: 0,
    address: '127.0.0.1',
    silent: true,
    directory: join(home, 'bucket'),
    configureBuckets: [{ name: 'zelk', configs: [] }],
  });
  const { port } = (await store.run()) as AddressInfo;
  isStoreUp = true;
  bucket = makeS3({
    endpoint: `http://127.0.0.1:${port}`,
    bucket: 'zelk',
    prefix: 'yard-7/',
    key: 'S3RVER',
    secret: 'S3RVER',
    region: 'us-east-1',
  });
  server = await startTestServer(true, { bucket });
  bytes = await jpegWithSecrets();
  photo = sha256Of(bytes);
  await request(server.app)
    .put(`/api/photos/${photo}`)
    .set('Content-Type', 'image/jpeg')
    .send(bytes)
    .expect(200);
});
afterEach(async () => {
  if (isStoreUp) await store.close();
  await server.close();
  rmSync(home, { recursive: true, force: true });
});

const moveAway = (afterDays = 180) =>
  makeMoveAway({
    files: server.context.files,
    known: server.context.stores.files,
    bucket,
    afterDays,
    now: () => clock,
  })();
const backups = () =>
  makeBackups({
    dataDir: server.dir,
    dir: join(home, 'backups'),
    everyHours: 24,
    away: { store: bucket, livesThere: server.context.stores.files.away, moveThere: moveAway },
    db: server.context.stores.db,
    now: () => clock,
    log: silent,
  });
const isHere = () => {
  const { files } = server.context;
  return [files.original(photo), files.derivative(photo, 1600), files.derivative(photo, 320)].map((path) =>
    existsSync(path),
  );
};

describe('photos that live in the bucket alone', () => {
  it('leave this disk when they are old enough, all but their small copies', async () => {
    expect(await moveAway(201)).toBe(0);
    expect(isHere()).toEqual([true, true, true]);
    expect(await moveAway()).toBe(2);
    expect(isHere()).toEqual([false, false, true]);
    // The second time there is nothing to do.
    expect(await moveAway()).toBe(0);
  });

  it('are shown, measured on and given out as before', async () => {
    await moveAway();
    const large = await request(server.app).get(`/api/photos/${photo}/1600`).expect(200);
    // Upright: 800 by 600 on its side.
    expect((await sharp(large.body).metadata()).width).toBe(600);
    expect(isHere()).toEqual([false, true, true]);
    await request(server.app).get(`/api/photos/${photo}/whole`).expect(200);
    expect(isHere()).toEqual([true, true, true]);
    // A phone that asks whether it came is told so; what it sent is not wanted again.
    const { body } = await request(server.app).get(`/api/photos/${photo}/received`).expect(200);
    expect(body).toEqual({ bytes: bytes.length, stored: true });
  });

  it('fetched back, lie here for a while and go again', async () => {
    await moveAway();
    await request(server.app).get(`/api/photos/${photo}/1600`).expect(200);
    clock = new Date();
    expect(await moveAway()).toBe(0);
    clock = new Date(Date.now() + 181 * DAY_MS);
    expect(await moveAway()).toBe(1);
    expect(isHere()).toEqual([false, false, true]);
  });

  it('come out with everything, without lying here by that', async () => {
    await moveAway();
    const { body } = await request(server.app)
      .get('/api/yard/everything.zip')
      .buffer()
      .parse((answer, done) => {
        const parts: Buffer[] = [];
        answer.on('data', (part: Buffer) => parts.push(part));
        answer.on('end', () => done(null, Buffer.concat(parts)));
      })
      .expect(200);
    expect((body as Buffer).includes(bytes)).toBe(true);
    expect(isHere()).toEqual([false, false, true]);
  });

  it('are asked about where they are, and missed when they are gone there too', async () => {
    await moveAway();
    const { scrub, stores, now } = server.context;
    const looked = async () => {
      stores.db.prepare('UPDATE kept_files SET checked_at = NULL').run();
      while (await scrub.step());
      return stores.files.broken().map(({ path, problem }) => `${path.split('/')[0]} ${problem}`);
    };
    expect(now().getTime()).toBeGreaterThan(0);
    expect(await looked()).toEqual([]);
    for (const name of await bucket.list('files/')) await bucket.remove(name);
    expect((await looked()).toSorted()).toEqual(['1600 missing', 'originals missing']);
    const { body } = await request(server.app).get(`/api/photos/${photo}/1600`).expect(404);
    expect(body.detail).toContain('Send the photo again');
  });

  it('say so in words while the bucket does not answer, and open when it does', async () => {
    await moveAway();
    await store.close();
    isStoreUp = false;
    const { body } = await request(server.app).get(`/api/photos/${photo}/1600`).expect(503);
    expect(body.detail).toMatch(
      /lies in the yard’s bucket.*does not answer.*Nothing is lost; try again later/,
    );
    await request(server.app).get(`/api/photos/${photo}/320`).expect(200);
  });

  it('stay here when the bucket gives back something else than it was given', async () => {
    const faulty: ObjectStore = {
      ...bucket,
      get: async (_key, file) => {
        writeFileSync(file, 'something else');
      },
    };
    const { files, stores } = server.context;
    const move = makeMoveAway({ files, known: stores.files, bucket: faulty, afterDays: 1, now: () => clock });
    await expect(move()).rejects.toThrow('The bucket did not give back what was put there');
    expect(isHere()).toEqual([true, true, true]);
    expect(readdirSync(join(server.dir, 'photos', 'incoming'))).toEqual([]);
  });

  it('that are damaged here do not replace a whole one there', async () => {
    const { files } = server.context;
    writeFileSync(files.original(photo), 'not what it was');
    utimesSync(files.original(photo), 0, 0);
    expect(await moveAway()).toBe(1);
    expect(isHere()).toEqual([true, false, true]);
    expect(await bucket.has(`files/${photo}`)).toBe(false);
  });

  it('belong to every backup that names them, and leave with the last of those when they are erased', async () => {
    const all = backups();
    await all.run();
    expect(isHere()).toEqual([false, false, true]);
    expect((await all.status()).away).toMatchObject({ livesThere: 2 });
    clock = new Date(clock.getTime() + DAY_MS);
    await all.run();
    const [newest] = readdirSync(join(home, 'backups')).toSorted().toReversed();
    const manifest = await readManifest(join(home, 'backups', newest as string));
    expect(manifest.version).toBe(2);
    expect(manifest.inBucket).toHaveLength(2);
    expect(manifest.files.map(({ path }) => path.split('/')[1]).filter(Boolean)).toEqual(['320']);

    // Days later only backups are left that name it as away, and it is there.
    for (let month = 0; month < 14; month++) {
      clock = new Date(clock.getTime() + DAY_MS);
      await all.run();
    }
    expect(await bucket.has(`files/${photo}`)).toBe(true);

    const folder = join(home, 'another-machine');
    const [last] = readdirSync(join(home, 'backups')).toSorted().toReversed();
    expect(await restore(join(home, 'backups', last as string), folder, clock)).toMatchObject({
      inBucket: 2,
    });
    const there = await startTestServer(false, { bucket, dir: folder });
    await request(there.app).get(`/api/photos/${photo}/whole`).expect(200);
    await there.close();

    server.context.stores.files.forget(server.context.files.relative(server.context.files.original(photo)));
    for (let month = 0; month < 14; month++) {
      clock = new Date(clock.getTime() + 30 * DAY_MS);
      await all.run();
    }
    expect(await bucket.has(`files/${photo}`)).toBe(false);
  });
});
