import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Fact } from '#core/walk';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
let token: string;
let report: string;
const photo = async (seed: number) => {
  const bytes = await jpeg(seed);
  await request(server.app)
    .put(`/api/photos/${sha256Of(bytes)}`)
    .set('Content-Type', 'image/jpeg')
    .send(bytes)
    .expect(200);
  return sha256Of(bytes);
};
const walkOn = (firstId: number, ...facts: Fact[]) =>
  request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf(facts, WALK, firstId + 1) })
    .expect(200);
const share = async (label: string) =>
  (await request(server.app).post(`/api/reports/${report}/shares`).send({ label }).expect(201)).body.token;

beforeEach(async () => {
  server = await startTestServer();
  await walkOn(0, begun, noted(1), noted(2, 'roof'));
  const frozen = await request(server.app)
    .post(`/api/walks/${WALK}/reports`)
    .send({ id: idOf(0xd01) })
    .expect(201);
  report = frozen.body.id;
  token = await share('Mirela in the harbour');
});
afterEach(() => server.close());

const ask = (n: number, more: object = {}, by = token) =>
  request(server.app)
    .post(`/api/shared/${by}/questions`)
    .send({ id: idOf(0xa00 + n), text: 'Is the seal bent?', about: { part: 'door-fl' }, ...more });
const asked = async () =>
  (await request(server.app).get(`/api/walks/${WALK}/questions`).expect(200)).body.questions;

describe('a buyer asks', () => {
  it('once, however often it is sent, and the yard knows by whose link', async () => {
    await ask(1).expect(201);
    await ask(1).expect(201);
    expect(await asked()).toMatchObject([
      { text: 'Is the seal bent?', from: 'Mirela in the harbour', isWorry: false, answers: [] },
    ]);
    expect((await ask(1, { text: 'Something else?' }).expect(409)).body.detail).toContain('other words');
  });

  it('and no reader learns who', async () => {
    await ask(1).expect(201);
    const other = await share('Another buyer');
    for (const address of [`/api/shared/${other}`, `/api/shared/${other}/questions`]) {
      const { body } = await request(server.app).get(address).expect(200);
      expect(body.questions).toHaveLength(1);
      expect(JSON.stringify(body)).not.toContain('Mirela');
    }
  });

  it('and is answered through the log, for all readers at once, with pictures of the spot', async () => {
    await ask(1, { about: { finding: idOf(0xf001) }, wantsLook: true }).expect(201);
    const shown = await photo(5);
    const unsaid = await photo(6);
    await walkOn(20, {
      kind: 'question-answered',
      body: { question: idOf(0xa01), says: 'It lies flat; a reflection.', photos: [shown] },
    });
    const { body } = await request(server.app).get(`/api/shared/${token}`).expect(200);
    expect(body.questions[0].answers).toMatchObject([
      { says: 'It lies flat; a reflection.', photos: [shown] },
    ]);
    // The frozen revision is as it was: answers stand beside it.
    expect(JSON.stringify(body.report)).not.toContain('reflection');
    await request(server.app).get(`/api/shared/${token}/photos/${shown}/320`).expect(200);
    await request(server.app).get(`/api/shared/${token}/photos/${unsaid}/320`).expect(404);
    await walkOn(30, { kind: 'undone', body: { entry: idOf(21) } });
    expect((await asked())[0].answers).toEqual([]);
    await request(server.app).get(`/api/shared/${token}/photos/${shown}/320`).expect(404);
  });

  it('about what was withdrawn since, and still gets an answer', async () => {
    await ask(1, { about: { finding: idOf(0xf002) } }).expect(201);
    await walkOn(20, { kind: 'finding-dismissed', body: { finding: idOf(0xf002), why: 'a reflection' } });
    await request(server.app)
      .post(`/api/walks/${WALK}/reports`)
      .send({ id: idOf(0xd02) })
      .expect(201);
    const { body } = await request(server.app).get(`/api/shared/${token}`).expect(200);
    expect(body.questions[0].about).toEqual({ finding: idOf(0xf002) });
    await ask(2, { about: { finding: idOf(0xf002) } }).expect(201);
  });

  it.each([
    ['too short', { text: ' a ' }, 400, /Type what you want to know/],
    ['too long', { text: 'x'.repeat(501) }, 400, /500 characters/],
    ['of another car', { about: { part: 'wing-of-a-plane' } }, 422, /not in this report any more/],
    ['of an unknown finding', { about: { finding: idOf(0xfff) } }, 422, /not in this report any more/],
    ['of a foreign photo', { about: { photo: 'a'.repeat(64) } }, 422, /not in this report any more/],
    ['with a ring on nothing', { about: { at: { x: 0.5, y: 0.5 } } }, 400, /needs its photo/],
    ['with a field nobody knows', { html: '<b>' }, 400, /./],
  ])('and is told what to change when it is %s', async (_name, more, status, says) => {
    const answer = await ask(1, more).expect(status as number);
    expect(answer.body.detail).toMatch(says as RegExp);
    expect(await asked()).toEqual([]);
  });

  it('at most twenty things at a time, and again once some are answered', async () => {
    for (let n = 1; n <= 20; n++) await ask(n).expect(201);
    expect((await ask(21).expect(422)).body.detail).toContain('wait for an answer');
    // Another link has its own.
    await ask(22, {}, await share('Another')).expect(201);
    await walkOn(20, { kind: 'question-answered', body: { question: idOf(0xa01), says: 'No.' } });
    await ask(21).expect(201);
  });

  it('in plain text: what looks like a page is kept as words', async () => {
    const text = '<img src=x onerror=alert(1)> & "quoted"';
    await ask(1, { text }).expect(201);
    expect((await asked())[0].text).toBe(text);
  });

  it('not by a withdrawn link, and not past its own walk', async () => {
    const [mine] = (await request(server.app).get(`/api/reports/${report}`).expect(200)).body.shares;
    await request(server.app).delete(`/api/shares/${mine.id}`).expect(200);
    await ask(1).expect(410);
    await request(server.app).get(`/api/shared/${token}/questions`).expect(410);
  });
});

describe('a worry of before the walk', () => {
  it('is put on its part by the yard, and told to readers as such, without a name', async () => {
    await request(server.app)
      .post(`/api/walks/${WALK}/questions`)
      .send({ id: idOf(0xa09), text: 'Any rust on the sills?', about: { part: 'sill-l' }, from: 'Mr. Oda' })
      .expect(201);
    expect(await asked()).toMatchObject([{ isWorry: true, from: 'Mr. Oda' }]);
    const { body } = await request(server.app).get(`/api/shared/${token}`).expect(200);
    expect(body.questions).toMatchObject([{ isWorry: true, text: 'Any rust on the sills?' }]);
    expect(JSON.stringify(body)).not.toContain('Oda');
  });
});
