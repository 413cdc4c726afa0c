import { execFileSync } from 'node:child_process';
import sharp from 'sharp';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { ReportDocument } from '#core/report';
import type { Fact } from '#core/walk';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { asRead } from '../../../tests/builders/report';
import { sameYard } from '../../../tests/builders/sameYard';
import type { TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
let token: string;
let sha256: string;
let report: ReportDocument;

const walkOn = (firstId: number, ...facts: Fact[]) =>
  request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf(facts, WALK, firstId + 1) })
    .expect(200);
const get = (path: string) => request(server.app).get(`/api/shared/${token}${path}`);
const bytesOf = async (path: string): Promise<Buffer> =>
  (
    await get(path)
      .buffer(true)
      .parse((response, done) => {
        const parts: Buffer[] = [];
        response.on('data', (part: Buffer) => parts.push(part));
        response.on('end', () => done(null, Buffer.concat(parts)));
      })
      .expect(200)
  ).body;
const wordsOf = (pdf: Buffer) => execFileSync('pdftotext', ['-', '-'], { input: pdf }).toString();
const hide: Fact = {
  kind: 'photo-hidden',
  body: { photo: '', boxes: [{ x: 0.25, y: 0.25, width: 0.5, height: 0.5, hides: 'plate' }] },
};

const start = sameYard(async (made) => {
  server = made;
  const picture = await jpeg(3);
  sha256 = sha256Of(picture);
  await request(server.app)
    .put(`/api/photos/${sha256}`)
    .set('Content-Type', 'image/jpeg')
    .send(picture)
    .expect(200);
  await walkOn(0, begun, noted(1), {
    kind: 'photo-attached',
    body: { photo: sha256, role: 'what', finding: idOf(0xf001) },
  });
  report = (
    await request(server.app)
      .post(`/api/walks/${WALK}/reports`)
      .send({ id: idOf(0xd01) })
      .expect(201)
  ).body;
  ({ token } = (
    await request(server.app).post(`/api/reports/${report.id}/shares`).send({}).expect(201)
  ).body);
});
beforeEach(async () => {
  server = await start();
});
afterEach(() => server.close());

describe('a plate that is hidden after freezing', () => {
  const hideIt = () => walkOn(20, { ...hide, body: { ...hide.body, photo: sha256 } } as Fact);

  it('is hidden at once: under another address, and under the one that was kept', async () => {
    const before = (await get('').expect(200)).body;
    const address = `/photos/${sha256}/1600?drawn=${before.drawn[sha256]}`;
    expect((await get(address).expect(200)).headers['cache-control']).toContain('immutable');
    const bare = await bytesOf(address);
    await hideIt();
    const after = (await get('').expect(200)).body;
    expect(after.drawn[sha256]).not.toBe(before.drawn[sha256]);
    const shown = await bytesOf(`/photos/${sha256}/1600?drawn=${after.drawn[sha256]}`);
    // The picture is of one colour: within the box there is none of it left.
    const pixels = async (file: Buffer) =>
      sharp(file).extract({ left: 200, top: 160, width: 240, height: 160 }).raw().toBuffer();
    const [was, is] = [await pixels(bare), await pixels(shown)];
    const unlike = Array.from({ length: is.length / 3 }, (_, i) =>
      Math.hypot(...[0, 1, 2].map((c) => (is[3 * i + c] as number) - (was[3 * i + c] as number))),
    );
    expect(Math.min(...unlike)).toBeGreaterThan(40);
    // Whoever kept the old address gets today's picture under it, and is told to ask again.
    for (const old of [address, `/photos/${sha256}/1600`]) {
      expect((await get(old).expect(200)).headers['cache-control']).toBe('private, no-cache');
      expect((await bytesOf(old)).equals(shown)).toBe(true);
    }
    expect(bare.equals(shown)).toBe(false);
  });

  it('is hidden on paper and in the archive of every revision, which say when', async () => {
    const bare = await bytesOf(`/photos/${sha256}/1600`);
    const holds = (file: Buffer) => file.includes(bare.subarray(2));
    for (const path of ['/pdf?revision=1', '/archive?revision=1'])
      expect(holds(await bytesOf(path)), path).toBe(true);
    await hideIt();
    await request(server.app)
      .post(`/api/walks/${WALK}/reports`)
      .send({ id: idOf(0xd02) })
      .expect(201);
    for (const path of ['/pdf?revision=1', '/archive?revision=1', '/pdf', '/archive'])
      expect(holds(await bytesOf(path)), path).toBe(false);
    const says = 'Part of photo 1 was made unrecognisable on 14 March 2026.';
    expect(wordsOf(await bytesOf('/pdf?revision=1'))).toContain(says);
    // The revision that was frozen with it needs no note.
    expect(wordsOf(await bytesOf('/pdf'))).not.toContain('unrecognisable');
    const { body } = await get('?revision=1').expect(200);
    expect(body.covered).toEqual([{ sha256, number: 1, isWithdrawn: false, says }]);
    expect((await get('').expect(200)).body.covered).toEqual([]);
  });

  it('changes neither the frozen report nor its fingerprint', async () => {
    const before = (await get('?revision=1').expect(200)).body;
    await hideIt();
    const after = (await get('?revision=1').expect(200)).body;
    expect([after.report, after.sha256]).toEqual([before.report, before.sha256]);
    expect(after.report).toEqual(asRead(report));
  });
});

describe('a picture that is withdrawn', () => {
  it('is gone everywhere, and every revision says when', async () => {
    const bare = await bytesOf(`/photos/${sha256}/1600`);
    await walkOn(20, { kind: 'photo-withdrawn', body: { photo: sha256 } });
    for (const path of ['', '?drawn=bare'])
      expect((await get(`/photos/${sha256}/1600${path}`).expect(404)).body.detail).toContain(
        'The yard has withdrawn this picture.',
      );
    const pdf = await bytesOf('/pdf?revision=1');
    expect(pdf.includes(bare.subarray(2))).toBe(false);
    expect(wordsOf(pdf)).toContain('Photo 1 was withdrawn on 14 March 2026.');
    expect(wordsOf(pdf)).toContain('Photo 1: withdrawn');
    const archive = await bytesOf('/archive?revision=1');
    expect(archive.includes(bare.subarray(2))).toBe(false);
    const { body } = await get('').expect(200);
    expect(body.covered).toMatchObject([{ number: 1, isWithdrawn: true }]);
    expect(body.report).toEqual(asRead(report));
    // The yard sees it told as well.
    const yard = await request(server.app).get(`/api/reports/${report.id}`).expect(200);
    expect(yard.body.covered).toEqual(body.covered);
  });
});
