import { createHash } from 'node:crypto';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { canonicalForm } from '#core/report';
import { filled } from '../../../tests/builders/arrival';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { textOfPdf } from '../../../tests/builders/pdfText';
import { jpeg, jpegWithSecrets, sha256Of } from '../../../tests/builders/photos';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { wholeBody } from '../../../tests/builders/wholeBody';

let server: TestServer;
let token: string;
let other: string;
beforeEach(async () => {
  server = await startTestServer();
  await request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf([begun, noted(1)]) })
    .expect(200);
  const { body } = await request(server.app)
    .post(`/api/walks/${WALK}/reports`)
    .send({ id: idOf(0xd01) })
    .expect(201);
  const share = async (label: string) =>
    (await request(server.app).post(`/api/reports/${body.id}/shares`).send({ label })).body.token;
  token = await share('Buyer in Sandholm');
  other = await share('Somebody else');
});
afterEach(() => server.close());

const sign = (check: object, by = token) => request(server.app).post(`/api/shared/${by}/checks`).send(check);
const putPhoto = (photo: Buffer, by = token, sha256 = sha256Of(photo)) =>
  request(server.app).put(`/api/shared/${by}/photos/${sha256}`).set('Content-Type', 'image/jpeg').send(photo);
const different = (photos: string[]) => ({
  answers: [{ part: 'door-fl', verdict: 'different' as const, note: 'A second dent', photos }],
});

describe('a check signed by a link', () => {
  it('is kept with its fingerprint, told to the link and the yard, and not to other links', async () => {
    const photo = await jpeg(5);
    await putPhoto(photo).expect(200);
    const { body } = await sign(filled(1, different([sha256Of(photo)]))).expect(201);
    expect(createHash('sha256').update(canonicalForm(body.check)).digest('hex')).toBe(body.sha256);
    const own = await request(server.app).get(`/api/shared/${token}/checks`).expect(200);
    expect(own.body.checks).toEqual([body]);
    const yard = await request(server.app).get(`/api/walks/${WALK}/checks`).expect(200);
    expect(yard.body.checks).toEqual([{ ...body, from: 'Buyer in Sandholm' }]);
    expect((await request(server.app).get(`/api/shared/${other}/checks`)).body.checks).toEqual([]);
    await request(server.app).get(`/api/shared/${other}/checks/${body.check.id}/pdf`).expect(404);
    await request(server.app)
      .get(`/api/shared/${other}/photos/${sha256Of(photo)}/320`)
      .expect(404);
    await request(server.app)
      .get(`/api/shared/${token}/photos/${sha256Of(photo)}/320`)
      .expect(200);
  });

  it('sent twice is one; another under its id is refused and the first stays', async () => {
    const first = await sign(filled(1)).expect(201);
    expect((await sign(filled(1)).expect(201)).body).toEqual(first.body);
    const { body } = await sign(filled(1, { remarks: 'And the keys are missing.' })).expect(409);
    expect(body.detail).toContain('Begin a new check');
    await sign(filled(1), other).expect(409);
    const { body: yard } = await request(server.app).get(`/api/walks/${WALK}/checks`);
    expect(yard.checks.map(({ check }: { check: object }) => check)).toEqual([first.body.check]);
  });

  it('is refused with what to change', async () => {
    const says = async (check: object, status: number) => (await sign(check).expect(status)).body.detail;
    expect(await says(filled(1, different([sha256Of(await jpeg(9))])), 422)).toContain('have not come yet');
    expect(await says(filled(1, { revision: 7 }), 404)).toContain('revision');
    expect(await says(filled(1, { signedAt: '2026-03-16T10:00:00.000Z' }), 422)).toContain('Set the clock');
    const answers = [{ part: 'mast', verdict: 'as-described' as const, note: '', photos: [] }];
    expect(await says(filled(1, { answers }), 422)).toContain('no part mast');
    expect(await says({ ...filled(1), signature: [] }, 400)).toContain('Sign in the field');
  });

  it('is a PDF with page numbers, the signed words and the fingerprint', async () => {
    const { body } = await sign(filled(1, different([]))).expect(201);
    const { body: pdf } = await request(server.app)
      .get(`/api/checks/${body.check.id}/pdf?paper=letter`)
      .buffer(true)
      .parse(wholeBody)
      .expect(200);
    const text = textOfPdf(pdf);
    expect(text).toContain('Found: A second dent');
    expect(text).toContain(body.check.statement.slice(0, 60));
    expect(text).toContain('page 1 of');
    expect(text.replace(/ /g, '')).toContain(body.sha256);
  });
});

describe('a photo sent by a link', () => {
  it('passes what a photo of the yard passes, and loses its metadata', async () => {
    const secret = await jpegWithSecrets();
    await putPhoto(secret).expect(200);
    const { body } = await request(server.app)
      .get(`/api/shared/${token}/photos/${sha256Of(secret)}/1600`)
      .expect(200);
    expect(Buffer.from(body).includes('A. Owner')).toBe(false);
    const text = Buffer.from('not a photo');
    expect((await putPhoto(text).expect(422)).body.detail).toContain('not a photo');
    expect((await putPhoto(secret, token, 'b'.repeat(64)).expect(422)).body.detail).toContain(
      'not what was announced',
    );
  });

  it('cannot be claimed by its name alone', async () => {
    const photo = await jpeg(6);
    await request(server.app)
      .put(`/api/photos/${sha256Of(photo)}`)
      .set('Content-Type', 'image/jpeg')
      .send(photo)
      .expect(200);
    await putPhoto(Buffer.from('guess'), token, sha256Of(photo)).expect(422);
    await request(server.app)
      .get(`/api/shared/${token}/photos/${sha256Of(photo)}/320`)
      .expect(404);
  });

  it('is one of a number a link may send', async () => {
    const { context } = server;
    const share = context.stores.shares
      .beside(idOf(0xd01))
      .find(({ label }) => label === 'Buyer in Sandholm');
    for (let i = 0; i < 120; i++)
      context.stores.arrivals.notePhoto(
        share?.id ?? '',
        sha256Of(Buffer.from([i])),
        '2026-03-14T10:00:00.000Z',
      );
    expect((await putPhoto(await jpeg(7)).expect(422)).body.detail).toContain('no more are taken');
  });
});
