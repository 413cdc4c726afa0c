import { execFileSync } from 'node:child_process';
import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { WalkFile } from '#core/exchange';
import type { Fact } from '#core/walk';
import { begun, CAR, entriesOf, idOf, WALK } from '../../../tests/builders/entries';
import { sha256Of } from '../../../tests/builders/photos';
import { mp3WithTag, mp4WithPlace, wavWithNote } from '../../../tests/builders/recordings';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { cleanWav } from '../recordings/cleanWav';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.close());

const put = (bytes: Buffer, type = 'audio/mpeg', hash = sha256Of(bytes), to = server) =>
  request(to.app).put(`/api/recordings/${hash}`).set('Content-Type', type).send(bytes);
const bytesOf = async (path: string, from = server): Promise<Buffer> =>
  (
    await request(from.app)
      .get(path)
      .buffer(true)
      .parse((stream, done) => {
        const chunks: Buffer[] = [];
        stream.on('data', (chunk: Buffer) => chunks.push(chunk));
        stream.on('end', () => done(null, Buffer.concat(chunks)));
      })
      .expect(200)
  ).body;
const leftOver = () => readdirSync(join(server.dir, 'photos', 'incoming'));
const told = (file: Buffer) =>
  execFileSync('exiftool', ['-ee', '-j', '-G1', '-'], { input: file }).toString();

describe('taking a recording in', () => {
  it('stores it once, tells its length, and plays it in pieces', async () => {
    const bytes = wavWithNote(3);
    const { body } = await put(bytes, 'audio/wav').expect(200);
    expect(body).toEqual({ sha256: sha256Of(bytes), mime: 'audio/wav', bytes: bytes.length, seconds: 3 });
    await put(bytes, 'audio/wav').expect(200);
    const piece = await request(server.app)
      .get(`/api/recordings/${body.sha256}`)
      .set('Range', 'bytes=0-3')
      .expect(206);
    expect(piece.headers).toMatchObject({
      'content-type': 'audio/wav',
      'content-range': `bytes 0-3/${cleanWav(bytes).length}`,
      'x-content-type-options': 'nosniff',
    });
    expect(leftOver()).toEqual([]);
  });

  it('of a whole walk may be longer and larger, as a film, and is gone on with where it was cut', async () => {
    const bytes = wavWithNote(95);
    await put(bytes, 'audio/wav').expect(422);
    const path = `/api/recordings/${sha256Of(bytes)}`;
    const film = (body: Buffer, from: number) =>
      request(server.app).put(`${path}?from=${from}&as=film`).set('Content-Type', 'audio/wav').send(body);
    // Refused as a recording, nothing of it is left behind.
    expect((await request(server.app).get(`${path}/received`).expect(200)).body).toEqual({
      bytes: 0,
      stored: false,
    });
    const { body } = await film(bytes, 0).expect(200);
    expect(body).toMatchObject({ mime: 'audio/wav', seconds: 95 });
    await request(server.app).get(path).set('Range', 'bytes=0-3').expect(206);
    // Once it is here as a film it is here, whoever asks again.
    await put(bytes, 'audio/wav').expect(200);
  });

  it('tells that its file is missing, also where a folder lies in its place, and takes it in anew', async () => {
    const bytes = wavWithNote(3);
    const { body } = await put(bytes, 'audio/wav').expect(200);
    const file = server.context.files.recording(body.sha256);
    rmSync(file);
    mkdirSync(file);
    const answer = await request(server.app).get(`/api/recordings/${body.sha256}`).expect(404);
    expect(answer.body.detail).toContain('Send it again');
    await put(bytes, 'audio/wav').expect(200);
    await request(server.app).get(`/api/recordings/${body.sha256}`).expect(200);
  });

  it('plays without what the device wrote of place and person, every sound kept, by exiftool', async () => {
    for (const [bytes, secret] of [
      [mp4WithPlace(4), /GPSCoordinates|51 deg/],
      [mp3WithTag(4), /A\. Owner/],
      [wavWithNote(4), /Hidden Lane/],
    ] as const) {
      expect(told(bytes)).toMatch(secret);
      const { body } = await put(bytes).expect(200);
      const shown = await bytesOf(`/api/recordings/${body.sha256}`);
      expect(told(shown), body.mime).not.toMatch(secret);
      expect(shown.includes(Buffer.from('Hidden Lane'))).toBe(false);
      expect(body.seconds).toBeCloseTo(4, 1);
    }
    const film = mp4WithPlace(2);
    const shown = await bytesOf(`/api/recordings/${(await put(film).expect(200)).body.sha256}`);
    expect(shown).toHaveLength(film.length);
    expect(shown.includes(Buffer.from('sound, one piece after the other'))).toBe(true);
  });

  it.each([
    [
      'a text file named .mp3',
      Buffer.from('This is a shopping list, not a song.'),
      'neither sound nor video',
    ],
    ['a picture', Buffer.from([0xff, 0xd8, 0xff, 0xe0, ...Array(30).fill(0)]), 'neither sound nor video'],
    ['nothing', Buffer.alloc(0), 'empty'],
    ['a minute', wavWithNote(60), '60 seconds long. At most 30'],
    ['too many bytes', Buffer.concat([wavWithNote(1), Buffer.alloc(41 * 1024 * 1024)]), 'at most 40 MB'],
  ])('refuses %s in words that say what to do, and keeps nothing', async (_name, bytes, says) => {
    const answer = await put(bytes);
    expect([413, 422]).toContain(answer.status);
    expect(answer.body.detail).toContain(says);
    await request(server.app)
      .get(`/api/recordings/${sha256Of(bytes)}`)
      .expect(404);
    expect(leftOver()).toEqual([]);
  });

  it('refuses what is not what was announced', async () => {
    const answer = await put(wavWithNote(1), 'audio/wav', 'a'.repeat(64)).expect(422);
    expect(answer.body.detail).toContain('not what was announced');
  });
});

describe('a walk with a recording', () => {
  const sound = wavWithNote(2);
  const sha256 = sha256Of(sound);
  const facts: Fact[] = [
    begun,
    { kind: 'functions-tried', body: { functions: ['engine-noise'], state: 'faulty', says: 'ticks' } },
    {
      kind: 'recording-attached',
      body: { recording: sha256, of: 'sound', function: 'engine-noise', seconds: 2 },
    },
    { kind: 'smell-noted', body: { noticed: [{ smell: 'fuel', strength: 'strong' }] } },
    { kind: 'item-counted', body: { item: 'mats', count: 4, condition: 'worn' } },
    { kind: 'lamps-noted', body: { on: ['airbag'] } },
    { kind: 'drive-noted', body: { driver: 'Tomas', coverConfirmed: true, distance: 4, unit: 'mi' } },
    {
      kind: 'figure-noted',
      body: { figure: idOf(0xc1), day: '2024-03-11', value: 40_000, source: 'certificate' },
    },
  ];
  beforeEach(async () => {
    await put(sound).expect(200);
    await request(server.app)
      .post(`/api/walks/${WALK}/entries`)
      .send({ entries: entriesOf(facts) })
      .expect(200);
  });
  const freeze = async (id = idOf(0xd0d)) =>
    (await request(server.app).post(`/api/walks/${WALK}/reports`).send({ id }).expect(201)).body;
  const share = async (report: string) =>
    (await request(server.app).post(`/api/reports/${report}/shares`).send({ label: 'x' }).expect(201)).body;

  it('lets a link play it, and nothing else', async () => {
    const other = wavWithNote(1);
    await put(other).expect(200);
    const report = await freeze();
    const { token, id } = await share(report.id);
    expect((await bytesOf(`/api/shared/${token}/recordings/${sha256}`)).length).toBe(cleanWav(sound).length);
    await request(server.app)
      .get(`/api/shared/${token}/recordings/${sha256Of(other)}`)
      .expect(404);
    await request(server.app).delete(`/api/shares/${id}`).expect(200);
    await request(server.app).get(`/api/shared/${token}/recordings/${sha256}`).expect(410);
  });

  it('tells the driver’s name to nobody outside the yard', async () => {
    const report = await freeze();
    expect(report.functions.drive).toBe('Driven 4 miles by a licensed, insured driver with trade cover');
    expect(JSON.stringify(report)).not.toContain('Tomas');
  });

  it('comes whole into another Zelk by ZIP, and by JSON says what is still to come', async () => {
    await freeze();
    const file: WalkFile = (await request(server.app).get(`/api/walks/${WALK}/export`).expect(200)).body;
    expect(file.recordings).toEqual([{ sha256, mime: 'audio/wav', bytes: sound.length, seconds: 2 }]);
    const zip = await bytesOf(`/api/walks/${WALK}/pictures.zip`);
    const there = await startTestServer(false);
    try {
      const byJson = await request(there.app).post('/api/imports').send(file).expect(201);
      expect(byJson.body.recordingsMissing).toEqual([sha256]);
      await request(there.app).get(`/api/recordings/${sha256}`).expect(404);
      const byZip = await request(there.app)
        .post('/api/imports/archive')
        .set('Content-Type', 'application/zip')
        .send(zip)
        .expect(201);
      expect(byZip.body.recordingsMissing).toEqual([]);
      expect(await bytesOf(`/api/recordings/${sha256}`, there)).toEqual(
        await bytesOf(`/api/recordings/${sha256}`),
      );
      const again = (await request(there.app).get(`/api/walks/${WALK}/export`).expect(200)).body as WalkFile;
      expect(again.entries).toEqual(file.entries);
      expect(again.reports).toEqual(file.reports);
      expect(again.recordings).toEqual(file.recordings);
    } finally {
      await there.close();
    }
  });

  it('judges the odometer with the car’s other walks, and proves that when it is taken in elsewhere', async () => {
    const otherWalk = '018f0000-0000-7000-8000-0000000000ab';
    const earlier: Fact[] = [begun, { kind: 'odometer-read', body: { value: 52_000, unit: 'mi' } }];
    await request(server.app)
      .post(`/api/walks/${otherWalk}/entries`)
      .send({ entries: entriesOf(earlier, otherWalk, 0x500) })
      .expect(200);
    const { body } = await request(server.app).get(`/api/cars/${CAR}/odometer`).expect(200);
    expect(body.figures).toEqual([{ walk: otherWalk, day: '2026-03-14', value: 52_000, unit: 'mi' }]);
    const report = await freeze(idOf(0xd0e));
    expect(report.otherWalks).toEqual(body.figures);
    expect(report.papers.says.join(' ')).toMatch(/About 6,000 miles a year/);
    const file = (await request(server.app).get(`/api/walks/${WALK}/export`).expect(200)).body;
    const there = await startTestServer(false);
    try {
      await request(there.app).post('/api/imports').send(file).expect(201);
    } finally {
      await there.close();
    }
  });
});
