import { appendFileSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pino } from 'pino';
import request from 'supertest';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { putPhoto, sendReport } from '../../../tests/builders/sentReport';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { backup } from '../backup/backup';
import { Scrub } from './scrub';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.close());

/** Looks at all that is due, days later. */
async function scrubAll(days = 8): Promise<void> {
  const { files, keeper, copies, stores } = server.context;
  const now = () => new Date(server.context.now().getTime() + days * 86_400_000);
  const scrub = new Scrub({
    files,
    store: stores.files,
    keeper,
    copies,
    log: pino({ level: 'silent' }),
    now,
  });
  let most = 100;
  while ((await scrub.step()) && most-- > 0);
  expect(most).toBeGreaterThan(0);
}
const broken = () => server.context.stores.files.broken();

it('every kept file is looked at, and nothing is wrong with what is whole', async () => {
  await sendReport(server, 2);
  expect(server.context.stores.files.counts()).toEqual({ kept: 6, checked: 0, broken: 0 });
  await scrubAll();
  expect(server.context.stores.files.counts()).toEqual({ kept: 6, checked: 6, broken: 0 });
});

it('a copy that changed or went is made again; an original is told, until it is sent anew', async () => {
  const { hashes, photos } = await sendReport(server, 3);
  const { files } = server.context;
  const [a = '', b = '', c = ''] = hashes;
  const before = readFileSync(files.derivative(a, 1600));
  appendFileSync(files.derivative(a, 1600), 'x');
  rmSync(files.derivative(b, 320));
  writeFileSync(files.original(c), 'scratched');
  await scrubAll();
  expect(readFileSync(files.derivative(a, 1600)).equals(before)).toBe(true);
  expect(broken()).toMatchObject([{ path: files.relative(files.original(c)), problem: 'damaged' }]);
  const { body } = await request(server.app).get('/api/yard/files').expect(200);
  expect(body.broken).toMatchObject([
    { problem: 'damaged', what: 'original', walks: [{ title: expect.any(String) }] },
  ]);
  expect((await request(server.app).get('/api/health').expect(200)).body.files.broken).toBe(1);

  await putPhoto(server, photos[2] as Buffer).expect(200);
  expect(broken()).toEqual([]);
  expect(readFileSync(files.original(c)).equals(photos[2] as Buffer)).toBe(true);
});

it('files from before hashes were kept are taken as they are when they open, and not when they do not', async () => {
  const { hashes } = await sendReport(server, 2);
  const { files, stores, scrub } = server.context;
  stores.db.prepare('DELETE FROM kept_files').run();
  rmSync(files.original(hashes[1] as string));
  writeFileSync(files.derivative(hashes[1] as string, 1600), 'no picture');
  await scrub.expect(stores.photos.unkept(), []);
  expect(stores.files.counts().kept).toBe(5);
  await scrubAll();
  expect(broken()).toMatchObject([{ path: files.relative(files.derivative(hashes[1] as string, 1600)) }]);
});

it('a folder where a file ought to be is told like a missing one, and a backup goes on without it', async () => {
  const { hashes } = await sendReport(server, 2);
  const { files } = server.context;
  const [a = '', b = ''] = hashes;
  for (const path of [files.original(a), files.derivative(b, 320)]) {
    rmSync(path);
    mkdirSync(path);
  }
  const { wanting } = await backup({
    dataDir: server.dir,
    dir: join(server.dir, 'kept'),
    now: new Date(),
    database: server.context.stores.db,
  });
  expect(wanting.toSorted()).toEqual(
    [files.derivative(b, 320), files.original(a)].map((path) => files.relative(path)).toSorted(),
  );
  await scrubAll();
  expect(broken()).toMatchObject([{ path: files.relative(files.original(a)), problem: 'missing' }]);
});
