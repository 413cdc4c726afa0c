import { execFileSync } from 'node:child_process';
import { mkdirSync, readdirSync, readFileSync, readlinkSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, get, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { PassThrough } from 'node:stream';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { ArchivedPicture } from '#core/archive';
import { START, WALK } from '../../../tests/builders/entries';
import { putPhoto, sendReport } from '../../../tests/builders/sentReport';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { unzip } from '../../../tests/builders/unzip';
import { wholeBody } from '../../../tests/builders/wholeBody';
import { type ArchiveContents, writeArchive } from './writeArchive';

let server: TestServer;
let http: Server;
let unforeseen: unknown[];
const note = (error: unknown) => unforeseen.push(error);
beforeEach(async () => {
  server = await startTestServer();
  http = createServer(server.app);
  await new Promise<void>((listening) => http.listen(0, '127.0.0.1', listening));
  unforeseen = [];
  process.on('unhandledRejection', note);
});
afterEach(async () => {
  process.off('unhandledRejection', note);
  http.closeAllConnections();
  await new Promise((closed) => http.close(closed));
  await server.close();
});

const files = () => server.context.files;
/** Leaves as soon as the first bytes have come. */
const leaveEarly = (path: string) =>
  new Promise<void>((gone) => {
    get({ port: (http.address() as AddressInfo).port, path }, (response) => {
      response.once('data', () => response.destroy());
      response.on('error', () => undefined).on('close', () => gone());
    });
  });
const stillOpen = () =>
  readdirSync('/proc/self/fd').flatMap((fd) => {
    try {
      const file = readlinkSync(`/proc/self/fd/${fd}`);
      return file.startsWith(join(server.dir, 'photos')) ? [file] : [];
    } catch {
      return [];
    }
  });
const bodyOf = async (path: string): Promise<Buffer> =>
  (await request(server.app).get(path).buffer(true).parse(wholeBody).expect(200)).body;
const namesIn = async (zip: Buffer) => {
  const file = join(server.dir, 'got.zip');
  writeFileSync(file, zip);
  return unzip(file, join(server.dir, 'got'));
};

describe('an answer that breaks off', () => {
  it('ends alone when its reader leaves, and leaves no file open', async () => {
    const { token, report } = await sendReport(server, 12);
    for (const path of [
      `/api/walks/${WALK}/pictures.zip`,
      `/api/shared/${token}/archive`,
      `/api/reports/${report.id}/archive`,
      `/api/reports/${report.id}/pdf`,
    ])
      await Promise.all(Array.from({ length: 4 }, () => leaveEarly(path)));
    await request(server.app).get('/api/health').expect(200);
    await expect.poll(stillOpen).toEqual([]);
    expect(unforeseen).toEqual([]);
  });

  it('says so when a file goes while it is being written', async () => {
    const picture: ArchivedPicture = {
      path: '01-front/001-bonnet.jpg',
      sha256: 'a'.repeat(64),
      title: '',
      caption: '',
      keywords: [],
      part: '',
      overlay: {},
    };
    const contents = (copyOf: () => Promise<string>): ArchiveContents => ({
      at: new Date(START),
      files: [],
      pictures: [picture, { ...picture, path: '01-front/002-bonnet.jpg' }],
      recordings: [],
      copyOf,
    });
    // It was there when the list was made, and is not when its turn comes.
    await expect(
      writeArchive(
        contents(async () => join(server.dir, 'gone.jpg')),
        new PassThrough().resume(),
      ),
    ).rejects.toThrow('ENOENT');
    await expect(
      writeArchive(
        contents(() => Promise.reject(new Error('cannot be drawn'))),
        new PassThrough().resume(),
      ),
    ).rejects.toThrow('cannot be drawn');
    expect(unforeseen).toEqual([]);
  });
});

describe('a copy that is gone from the disk', () => {
  it('is made again from its original: page, PDF and archive are whole', async () => {
    const { token, hashes } = await sendReport(server);
    for (const hash of hashes) rmSync(files().derivative(hash, 1600));
    const names = await namesIn(await bodyOf(`/api/shared/${token}/archive`));
    expect(names.filter((name) => name.endsWith('.jpg'))).toHaveLength(2);
    rmSync(files().derivative(hashes[0] as string, 320));
    await request(server.app).get(`/api/shared/${token}/photos/${hashes[0]}/320`).expect(200);
  });

  it('that is damaged is made again likewise', async () => {
    const { token, hashes } = await sendReport(server, 1);
    const [hash = ''] = hashes;
    const whole = await bodyOf(`/api/photos/${hash}/1600`);
    writeFileSync(files().derivative(hash, 1600), Buffer.from('scratched'));
    expect((await bodyOf(`/api/shared/${token}/photos/${hash}/1600`)).equals(whole)).toBe(true);
  });

  it('and has a folder in its place is made again likewise; the folder is put aside with what is in it', async () => {
    const { token, hashes, report } = await sendReport(server);
    const whole = await bodyOf(`/api/photos/${hashes[0]}/1600`);
    for (const hash of hashes) {
      rmSync(files().derivative(hash, 1600));
      mkdirSync(files().derivative(hash, 1600));
      writeFileSync(join(files().derivative(hash, 1600), 'note.txt'), 'somebody else’s');
    }
    const names = await namesIn(await bodyOf(`/api/shared/${token}/archive`));
    expect(names.filter((name) => name.endsWith('.jpg'))).toHaveLength(2);
    expect((await bodyOf(`/api/photos/${hashes[0]}/1600`)).equals(whole)).toBe(true);
    expect((await bodyOf(`/api/reports/${report.id}/pdf`)).subarray(0, 5).toString()).toBe('%PDF-');
    expect(files().quarantine.list()).toHaveLength(2);
  });

  it('and its original too, a folder in place of each, is the one thing missing', async () => {
    const { token, hashes, photos } = await sendReport(server);
    const [hash = ''] = hashes;
    for (const path of [files().original(hash), files().derivative(hash, 1600)]) {
      rmSync(path);
      mkdirSync(path);
    }
    const names = await namesIn(await bodyOf(`/api/shared/${token}/archive`));
    expect(names.filter((name) => name.endsWith('.jpg'))).toHaveLength(1);
    await request(server.app).get(`/api/photos/${hash}/1600`).expect(404);
    await putPhoto(server, photos[0] as Buffer).expect(200);
    await request(server.app).get(`/api/photos/${hash}/1600`).expect(200);
    expect(await server.context.copies.isWhole(hash)).toBe(true);
  });

  it('with its original is the one thing missing; sending the photo again heals it', async () => {
    const { token, hashes, photos, report } = await sendReport(server);
    const [hash = '', other = ''] = hashes;
    rmSync(files().original(hash));
    rmSync(files().derivative(hash, 1600));
    const names = await namesIn(await bodyOf(`/api/shared/${token}/archive`));
    expect(names.filter((name) => name.endsWith('.jpg'))).toHaveLength(1);
    const page = readFileSync(join(server.dir, 'got', 'report.html'), 'utf8');
    expect(page).toContain('Not sent yet, or its file is gone');
    const pdf = join(server.dir, 'report.pdf');
    writeFileSync(pdf, await bodyOf(`/api/reports/${report.id}/pdf`));
    expect(execFileSync('pdftotext', [pdf, '-'], { encoding: 'utf8' })).toContain('not sent yet');
    const { body } = await request(server.app).get(`/api/shared/${token}/photos/${hash}/1600`).expect(404);
    expect(body.detail).toContain('Send the photo again');
    await request(server.app).get(`/api/shared/${token}/photos/${other}/1600`).expect(200);

    await putPhoto(server, photos[0] as Buffer).expect(200);
    await request(server.app).get(`/api/shared/${token}/photos/${hash}/1600`).expect(200);
    expect(await server.context.copies.isWhole(hash)).toBe(true);
  });
});
