import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Morning } from '#core/api';
import { details } from '../../../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { morningSql } from '../store/morningStore';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.close());

const morning = async (): Promise<Morning> =>
  (await request(server.app).get('/api/morning').expect(200)).body;
const log = (facts: readonly object[], firstId = 1) =>
  request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf(facts as never, WALK, firstId) })
    .expect(200);
const promised = (n: number, by?: string) => {
  const fact = noted(n);
  return {
    ...fact,
    body: { ...fact.body, details: { decision: { is: 'promised', owner: 'Tomas', ...(by && { by }) } } },
  };
};

describe('the morning', () => {
  it('of an empty yard has nothing in it but what is to be walked', async () => {
    const page = await morning();
    expect(page.toWalk).toMatchObject({
      count: 1,
      rows: [{ car: CAR, daysInStock: 0, title: expect.any(String) }],
    });
    expect(
      [page.toAnswer, page.different, page.promised, page.toSend, page.inHand].map(({ count }) => count),
    ).toEqual([0, 0, 0, 0, 0]);
  });

  it('tells promises by their day, late ones as late, and no more once they are kept', async () => {
    await log([begun, promised(1, '2026-03-13'), promised(2, '2026-03-20'), promised(3)]);
    expect((await morning()).promised).toMatchObject({
      count: 1,
      rows: [{ walk: WALK, promises: 3, due: '2026-03-13', isLate: true }],
    });
    const kept = (n: number) => ({ kind: 'put-right', body: { finding: idOf(0xf000 + n), says: 'Done' } });
    await log([kept(1)], 50);
    expect((await morning()).promised.rows).toMatchObject([
      { promises: 2, due: '2026-03-20', isLate: false },
    ]);
    await log([kept(2), kept(3)], 60);
    expect((await morning()).promised).toEqual({ count: 0, rows: [] });
  });

  it('tells questions until they have an answer, and again when the answer is taken back', async () => {
    await log([begun, noted(1)]);
    const question = idOf(0xaaa);
    await request(server.app)
      .post(`/api/walks/${WALK}/questions`)
      .send({ id: question, text: 'Does the boot leak?', about: {}, wantsLook: false })
      .expect(201);
    expect((await morning()).toAnswer).toMatchObject({
      count: 1,
      rows: [{ walk: WALK, text: 'Does the boot leak?' }],
    });
    await log([{ kind: 'question-answered', body: { question, says: 'It is dry.', photos: [] } }], 50);
    expect((await morning()).toAnswer.count).toBe(0);
    await log([{ kind: 'undone', body: { entry: idOf(50) } }], 51);
    expect((await morning()).toAnswer.count).toBe(1);
  });

  it('tells walks in hand with how much is left', async () => {
    await log([begun, { kind: 'part-cleared', body: { part: 'roof' } }]);
    const { inHand, toWalk, toSend } = await morning();
    expect(inHand).toMatchObject({ count: 1, rows: [{ walk: WALK, left: expect.any(Number) }] });
    expect([toWalk.count, toSend.count]).toEqual([0, 0]);
    await request(server.app)
      .post('/api/cars')
      .send({ id: idOf(0xcc2), details: { ...details, stockNumber: 'T-2' } })
      .expect(201);
    expect((await morning()).toWalk.count).toBe(1);
  });

  it('never goes over a whole table', () => {
    for (const [list, sql] of Object.entries(morningSql)) {
      const values = sql.includes('?') ? ['2026'] : [];
      const plan = server.context.stores.db.prepare(`EXPLAIN QUERY PLAN ${sql}`).all(...values) as {
        detail: string;
      }[];
      const scans = plan
        .map(({ detail }) => detail)
        .filter((step) => /^SCAN/.test(step) && !/USING (COVERING )?INDEX/.test(step));
      expect([list, scans]).toEqual([list, []]);
    }
  });
});
