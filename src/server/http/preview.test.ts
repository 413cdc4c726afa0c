import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { ReportDocument } from '#core/report';
import { details } from '../../../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
let photo: string;
const PLATE = 'HX17KTE';
const NUMBER = '1M8GDM9AXKP042788'; // The worked example of 49 CFR 565: no vehicle of anybody's.

beforeEach(async () => {
  server = await startTestServer();
  await request(server.app)
    .put(`/api/cars/${CAR}`)
    .send({ ...details, plate: PLATE, identityNumber: NUMBER })
    .expect(200);
  const bytes = await jpeg(5, 1600, 1200);
  photo = sha256Of(bytes);
  await request(server.app)
    .put(`/api/photos/${photo}`)
    .set('Content-Type', 'image/jpeg')
    .send(bytes)
    .expect(200);
  await say(begun, noted(1), {
    kind: 'photo-attached',
    body: { photo, role: 'what', part: 'door-fl', finding: idOf(0xf001) },
  });
});
afterEach(() => server.close());

let said = 1;
async function say(...facts: Parameters<typeof entriesOf>[0]) {
  const entries = entriesOf(facts, WALK, said);
  said += facts.length;
  await request(server.app).post(`/api/walks/${WALK}/entries`).send({ entries }).expect(200);
}
const preview = async (identity?: string) =>
  (
    await request(server.app)
      .get(`/api/walks/${WALK}/preview${identity ? `?identity=${identity}` : ''}`)
      .expect(200)
  ).body as { report: ReportDocument; drawn: Record<string, string> };

describe('a preview', () => {
  it('is what would be frozen, and keeps nothing', async () => {
    const { report: before } = await preview();
    const frozen = (
      await request(server.app)
        .post(`/api/walks/${WALK}/reports`)
        .send({ id: idOf(0xd0c) })
        .expect(201)
    ).body as ReportDocument;
    const apart = ({ id: _id, frozenAt: _at, ...rest }: ReportDocument) => rest;
    expect(apart(before)).toEqual(apart(frozen));
    expect((await request(server.app).get(`/api/walks/${WALK}`)).body.reports).toHaveLength(1);
  });

  it('tells of plate and number as much as was chosen: their last signs where nobody chose', async () => {
    const text = async (identity?: string) => JSON.stringify((await preview(identity)).report);
    expect(await text('full')).toContain(NUMBER);
    for (const said of [await text(), await text('left-out')]) {
      expect(said).not.toContain(NUMBER);
      expect(said).not.toContain(PLATE);
    }
    expect(await text()).toContain('…042788');
    expect(await text('left-out')).not.toContain('042788');
    const refused = await request(server.app).get(`/api/walks/${WALK}/preview?identity=most`).expect(400);
    expect(JSON.stringify(refused.body)).toContain('Choose how much of the plate is told.');
  });

  it('shows pictures as readers get them: what is hidden is black, what was withdrawn is gone', async () => {
    const address = async () =>
      `/api/walks/${WALK}/preview/photos/${photo}/320?drawn=${(await preview()).drawn[photo]}`;
    const plain = await request(server.app)
      .get(await address())
      .expect(200);
    await say({
      kind: 'photo-hidden',
      body: { photo, boxes: [{ x: 0, y: 0, width: 1, height: 1, hides: 'plate' }] },
    });
    const hidden = await request(server.app)
      .get(await address())
      .expect(200);
    expect(hidden.body.equals(plain.body)).toBe(false);
    await request(server.app)
      .get(`/api/walks/${WALK}/preview/photos/${'b'.repeat(64)}/320`)
      .expect(404);
    await request(server.app)
      .get(`/api/walks/${idOf(0xabc)}/preview`)
      .expect(404);
  });
});

describe('a link made again', () => {
  it('is another address for the same reader, as long and with the same passphrase; the first goes on', async () => {
    await request(server.app)
      .post(`/api/walks/${WALK}/reports`)
      .send({ id: idOf(0xd0c) })
      .expect(201);
    const wish = { label: 'A buyer', days: 7, passphrase: 'grey heron' };
    const first = (
      await request(server.app)
        .post(`/api/reports/${idOf(0xd0c)}/shares`)
        .send(wish)
        .expect(201)
    ).body;
    const again = (await request(server.app).post(`/api/shares/${first.id}/again`).send({}).expect(201)).body;
    expect(again).toMatchObject({ label: 'A buyer', hasPassphrase: true, opened: 0 });
    expect(again.token).not.toBe(first.token);
    const lasts = Date.parse(again.expiresAt) - Date.parse(again.createdAt);
    expect(lasts).toBe(7 * 86_400_000);
    for (const { token } of [first, again]) {
      await request(server.app).get(`/api/shared/${token}`).expect(401);
      await request(server.app)
        .post(`/api/shared/${token}/unlock`)
        .send({ passphrase: 'grey heron' })
        .expect(200);
    }
    await request(server.app)
      .post(`/api/shares/${idOf(0xabc)}/again`)
      .send({})
      .expect(404);
  });
});
