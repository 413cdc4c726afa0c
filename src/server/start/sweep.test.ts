import { mkdirSync, rmSync, statSync, utimesSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { pino } from 'pino';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { START } from '../../../tests/builders/entries';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { putPhoto } from '../../../tests/builders/sentReport';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { makeContext } from '../makeContext';
import { exists } from '../photos/photoFiles';
import { sweep } from './sweep';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.close());

const files = () => server.context.files;
/** A file as a server leaves it that was killed before it wrote the row. */
function orphan(sign: string, writtenAt = START): string {
  const path = files().original(sign.repeat(64));
  mkdirSync(dirname(path), { recursive: true });
  writeFileSync(path, 'left over');
  utimesSync(path, writtenAt / 1000, writtenAt / 1000);
  return path;
}
const keepPhotos = async (n: number) => {
  const photos = await Promise.all(Array.from({ length: n }, (_, i) => jpeg(i + 1)));
  for (const bytes of photos) await putPhoto(server, bytes).expect(200);
  return photos.map(sha256Of);
};
/** The same folder under another database. */
const under = (database: 'empty' | 'same') => {
  if (database === 'same') return server.context;
  server.context.stores.db.close();
  for (const end of ['', '-wal', '-shm']) rmSync(join(server.dir, `zelk.db${end}`), { force: true });
  server.context = makeContext(server.dir, pino({ level: 'silent' }), server.context.now);
  return server.context;
};

describe('files that no photo names', () => {
  it('are put aside with the date, listed, and gone after a month', async () => {
    await keepPhotos(1);
    const path = orphan('b');
    expect(await sweep(server.context)).toEqual({ putAside: 1, broughtBack: 0, left: 0 });
    expect(await exists(path)).toBe(false);
    const [aside] = files().quarantine.list();
    expect(aside).toEqual({ place: files().relative(path), since: '2026-03-14', bytes: 9 });
    const at = (days: number) => ({ ...server.context, now: () => new Date(START + days * 86_400_000) });
    await sweep(at(29));
    expect(files().quarantine.list()).toHaveLength(1);
    await sweep(at(31.1));
    expect(files().quarantine.list()).toEqual([]);
  });

  it('are no longer looked for where they lay', async () => {
    await keepPhotos(1);
    const path = orphan('b');
    // The server was killed after it wrote down what the file holds, and before it wrote the photo's row.
    server.context.stores.files.note(files().relative(path), 'b'.repeat(64));
    const { kept } = server.context.stores.files.counts();
    await sweep(server.context);
    expect(server.context.stores.files.counts().kept).toBe(kept - 1);
    expect(server.context.stores.files.get(files().relative(path))).toBeUndefined();
  });

  it('come back by themselves when their photo is known again', async () => {
    const photo = await jpeg(9);
    await keepPhotos(1);
    const path = files().original(sha256Of(photo));
    mkdirSync(dirname(path), { recursive: true });
    writeFileSync(path, photo);
    utimesSync(path, START / 1000, START / 1000);
    await sweep(server.context);
    server.context.stores.photos.put(
      { sha256: sha256Of(photo), mime: 'image/jpeg', bytes: photo.length, width: 640, height: 480 },
      true,
      server.context.now().toISOString(),
    );
    expect(await sweep(server.context)).toMatchObject({ broughtBack: 1 });
    expect(await exists(path)).toBe(true);
  });

  it('are none while they are being taken in', async () => {
    await keepPhotos(1);
    const path = orphan('b');
    const since = statSync(path).ctimeMs;
    expect(await sweep(server.context, { since })).toMatchObject({ putAside: 0, left: 0 });
    expect(await exists(path)).toBe(true);
    expect(await sweep(server.context, { since: since + 1 })).toMatchObject({ putAside: 1 });
  });

  it('stay where they are when the server stops meanwhile', async () => {
    await keepPhotos(1);
    const path = orphan('b');
    expect(await sweep(server.context, { signal: AbortSignal.abort() })).toBeUndefined();
    expect(await exists(path)).toBe(true);
  });

  it('are left alone under a database that is new', async () => {
    const hashes = await keepPhotos(3);
    const context = under('empty');
    expect(await sweep(context)).toMatchObject({ putAside: 0, left: 9, held: 'new-index' });
    for (const hash of hashes) expect(await exists(files().original(hash))).toBe(true);
  });

  it('are left alone under one that names fewer than it did', async () => {
    await keepPhotos(3);
    await sweep(server.context);
    server.context.stores.db
      .prepare('DELETE FROM photos WHERE rowid IN (SELECT rowid FROM photos LIMIT 1)')
      .run();
    expect(await sweep(server.context)).toMatchObject({ putAside: 0, left: 3, held: 'smaller-index' });
  });

  it('are left alone under one that is older than the newest of them', async () => {
    await keepPhotos(1);
    const path = orphan('c', START + 2 * 3_600_000);
    expect(await sweep(server.context)).toMatchObject({ putAside: 0, left: 1, held: 'older-index' });
    expect(await exists(path)).toBe(true);
  });
});
