import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

const CHOICE = { is: 'buyer-chooses', price: { amount: 90, currency: 'GBP' } };
const FAULT = `finding ${idOf(0xf001)}`;

let server: TestServer;
let report: string;
let token: string;
const log = (facts: readonly object[], firstId: number) =>
  request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf(facts as never, WALK, firstId) })
    .expect(200);
const offered = (n: number, decision: object) => {
  const fact = noted(n);
  return { ...fact, body: { ...fact.body, details: { decision } } };
};
const freeze = async (id: string): Promise<string> =>
  (await request(server.app).post(`/api/walks/${WALK}/reports`).send({ id }).expect(201)).body.id;
const link = async (days?: number): Promise<string> =>
  (
    await request(server.app)
      .post(`/api/reports/${report}/shares`)
      .send({ label: 'Buyer beyond the border', ...(days && { days }) })
      .expect(201)
  ).body.token;
beforeEach(async () => {
  server = await startTestServer();
  await log([begun, offered(1, CHOICE), offered(2, { is: 'left' }), offered(3, { is: 'buyer-chooses' })], 1);
  report = await freeze(idOf(0xabc));
  token = await link();
});
afterEach(() => server.close());

const offers = async (of = token) =>
  (await request(server.app).get(`/api/shared/${of}/choices`).expect(200)).body.offers;
const choose = (fault: string, isWanted = true, of = token) =>
  request(server.app).post(`/api/shared/${of}/choices`).send({ fault, isWanted });
const choices = async () =>
  (await request(server.app).get(`/api/walks/${WALK}/choices`).expect(200)).body.choices;
const answer = (id: string, says: string) =>
  request(server.app).post(`/api/choices/${id}/answer`).send({ answer: says });

describe('what a buyer may choose', () => {
  it('is what the report offers at a price, nothing else', async () => {
    expect(await offers()).toEqual([
      {
        fault: FAULT,
        number: 1,
        where: 'Nearside front door (left)',
        says: 'Dent',
        price: { amount: 90, currency: 'GBP' },
        state: 'open',
      },
    ]);
    expect((await choose(`finding ${idOf(0xf002)}`).expect(422)).body.detail).toContain(
      'not offered any more',
    );
  });

  it('may be chosen as long as the link opens, and says until when', async () => {
    const untilOf = async (of: string) =>
      (await request(server.app).get(`/api/shared/${of}/choices`).expect(200)).body.until;
    expect(await untilOf(token)).toBeUndefined();
    const { body } = await request(server.app)
      .post(`/api/reports/${report}/shares`)
      .send({ label: 'For a fortnight', days: 14 })
      .expect(201);
    expect(await untilOf(body.token)).toBe(body.expiresAt);
  });

  it('is told to the yard once, taken back while nobody answered, and confirmed it is a promise', async () => {
    await choose(FAULT).expect(200);
    await choose(FAULT).expect(200);
    expect(await choices()).toMatchObject([
      { from: 'Buyer beyond the border', price: { amount: 90 }, says: 'Dent' },
    ]);
    expect((await request(server.app).get('/api/morning')).body.chosen).toMatchObject({
      count: 1,
      rows: [{ choices: 1 }],
    });
    await choose(FAULT, false).expect(200);
    expect(await choices()).toEqual([]);

    await choose(FAULT).expect(200);
    const [{ id }] = await choices();
    await answer(id, 'confirmed').expect(200);
    await answer(id, 'confirmed').expect(200);
    const { entries } = (await request(server.app).get(`/api/walks/${WALK}`)).body;
    expect(entries.filter(({ kind }: { kind: string }) => kind === 'finding-amended')).toMatchObject([
      { body: { finding: idOf(0xf001), changes: { decision: { is: 'promised' } } } },
    ]);
    // The reader is told; the report they have is as it was signed.
    expect(await offers()).toMatchObject([
      { fault: FAULT, number: 1, state: 'confirmed', price: { amount: 90 } },
    ]);
    expect((await choose(FAULT, false).expect(409)).body.detail).toContain('confirmed this already');
    expect((await answer(id, 'declined').expect(409)).body.detail).toContain('answered already');
    const shared = (await request(server.app).get(`/api/shared/${token}`)).body;
    expect(shared.report.findings[0].decision).toContain('The buyer may choose');
  });

  it('declined is told, and may be asked for again', async () => {
    await choose(FAULT).expect(200);
    const [{ id }] = await choices();
    await answer(id, 'declined').expect(200);
    expect(await offers()).toMatchObject([{ state: 'declined' }]);
    await choose(FAULT).expect(200);
    expect(await offers()).toMatchObject([{ state: 'chosen' }]);
  });

  it('is each reader’s own: another link’s choices are nobody’s business', async () => {
    await choose(FAULT).expect(200);
    expect(await offers(await link())).toMatchObject([{ state: 'open' }]);
  });

  it('at another price waits for a revision that says so', async () => {
    const dearer = { ...CHOICE, price: { amount: 120, currency: 'GBP' } };
    await log(
      [{ kind: 'finding-amended', body: { finding: idOf(0xf001), changes: { decision: dearer } } }],
      50,
    );
    expect(await offers()).toEqual([]);
    expect((await choose(FAULT).expect(422)).body.detail).toContain('at another price');
    await freeze(idOf(0xabd));
    expect(await offers()).toMatchObject([{ price: { amount: 120 } }]);
  });

  it('ends with its link', async () => {
    const short = await link();
    const shares = (await request(server.app).get(`/api/reports/${report}`)).body.shares;
    await request(server.app)
      .delete(`/api/shares/${shares.at(-1).id}`)
      .expect(200);
    await request(server.app).delete(`/api/shares/${shares[0].id}`).expect(200);
    for (const gone of [short, token]) {
      await request(server.app).get(`/api/shared/${gone}/choices`).expect(410);
      await choose(FAULT, true, gone).expect(410);
    }
  });
});
