import { execFile } from 'node:child_process';
import { appendFileSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { details } from './builders/car';
import { begun, CAR, entriesOf, noted, WALK } from './builders/entries';
import { jpeg, sha256Of } from './builders/photos';
import { RunningServer, signInAt } from './builders/runningServer';

const run = promisify(execFile);
let server: RunningServer;
let dir: string;
beforeEach(() => {
  server = new RunningServer();
  dir = mkdtempSync(join(tmpdir(), 'zelk-backup-'));
});
afterEach(async () => {
  await server.end();
  server.remove();
  rmSync(dir, { recursive: true, force: true });
});

const tool = (what: 'backup' | 'restore' | 'fetch', from = dir, data = server.dataDir) =>
  run(process.execPath, ['dist/server/backup.js', what, from], {
    env: { ...process.env, ZELK_DATA: data },
  }).then(
    ({ stdout }) => ({ code: 0, said: stdout }),
    (error: { code: number; stderr: string; stdout: string }) => ({
      code: error.code,
      said: error.stdout + error.stderr,
    }),
  );
const putPhoto = (bytes: Buffer) =>
  server.fetch(`/api/photos/${sha256Of(bytes)}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'image/jpeg' },
    body: new Uint8Array(bytes),
  });
const idsAt = async (origin: string): Promise<string[]> =>
  (
    await (await fetch(`${origin}/api/walks/${WALK}`, { headers: await signInAt(origin, 'Nell') })).json()
  ).entries.map(({ id }: { id: string }) => id);

it('a backup made while the yard works brings back all that was acknowledged before it, and nothing half', async () => {
  await server.start();
  await server.post('/api/cars', { id: CAR, details });
  const log = entriesOf([begun, ...Array.from({ length: 250 }, (_, i) => noted(i + 1, 'roof'))]);
  const photos = await Promise.all(Array.from({ length: 12 }, (_, i) => jpeg(i + 1)));
  for (const entry of log.slice(0, 40)) await server.post(`/api/walks/${WALK}/entries`, { entries: [entry] });
  for (const bytes of photos.slice(0, 4)) expect((await putPhoto(bytes)).status).toBe(200);

  let isDone = false;
  const writing = (async () => {
    for (const entry of log.slice(40)) {
      if (isDone) return;
      await server.post(`/api/walks/${WALK}/entries`, { entries: [entry] });
    }
  })();
  const sending = (async () => {
    for (const bytes of photos.slice(4)) if (!isDone) await putPhoto(bytes);
  })();
  const first = await tool('backup');
  isDone = true;
  await Promise.all([writing, sending]);
  expect(first).toMatchObject({ code: 0 });

  // Once more: only what is new is copied.
  const again = await tool('backup');
  const copied = ({ said }: { said: string }) => Number(/(\d+) of them were copied/.exec(said)?.[1]);
  expect(copied(again)).toBeLessThan(copied(first) + 30);
  const third = await tool('backup');
  expect(copied(third)).toBe(1);

  // Not under a running server; and what was there is moved aside, not lost.
  expect(await tool('restore')).toMatchObject({
    code: 1,
    said: expect.stringContaining('Another Zelk works in'),
  });
  const acknowledged = await idsAt(server.origin);
  await server.end();
  expect(await tool('restore')).toMatchObject({ code: 0 });
  expect(readdirSync(join(server.dataDir, 'before-restore'))).toHaveLength(1);
  await server.start();
  expect(await idsAt(server.origin)).toEqual(acknowledged);
  for (const bytes of photos.slice(0, 4))
    expect((await server.fetch(`/api/photos/${sha256Of(bytes)}/1600`)).status).toBe(200);
  const health = await (await fetch(`${server.origin}/api/health`)).json();
  expect(health.files.broken).toBe(0);
});

it('says what is wrong with a backup, and changes nothing then', async () => {
  await server.start();
  expect((await putPhoto(await jpeg(3))).status).toBe(200);
  await server.end();
  expect(await tool('backup')).toMatchObject({ code: 0 });
  const [shelf = ''] = readdirSync(join(dir, 'photos', 'originals'));
  const [name = ''] = readdirSync(join(dir, 'photos', 'originals', shelf));
  appendFileSync(join(dir, 'photos', 'originals', shelf, name), 'x');
  expect(await tool('restore')).toMatchObject({
    code: 1,
    said: expect.stringContaining('is damaged in the backup. Nothing was changed'),
  });
  rmSync(join(dir, 'backup.json'));
  expect(await tool('restore')).toMatchObject({
    code: 1,
    said: expect.stringContaining('There is no backup in'),
  });
  expect(existsSync(join(server.dataDir, 'zelk.db'))).toBe(true);
  expect(existsSync(join(server.dataDir, 'before-restore'))).toBe(false);
  // What is damaged in the yard itself is told, and the rest is kept.
  appendFileSync(join(server.dataDir, 'photos', 'originals', shelf, name), 'x');
  expect(await tool('backup')).toMatchObject({
    code: 1,
    said: expect.stringContaining('Missing or damaged in the data folder itself (1)'),
  });
});

it('fetches nothing from nowhere, and says what to set', async () => {
  expect(await tool('fetch')).toMatchObject({
    code: 1,
    said: expect.stringContaining('Set ZELK_S3, ZELK_S3_KEY and ZELK_S3_SECRET'),
  });
});
