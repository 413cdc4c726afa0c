import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { usualPrices } from '#core/plan';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
  await request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf([begun, noted(1)]) })
    .expect(200);
});
afterEach(() => server.close());

describe('prices', () => {
  it('are house figures, and say so, until somebody sets them; then who did is kept', async () => {
    const first = await request(server.app).get('/api/prices').expect(200);
    expect(first.body).toEqual({ prices: usualPrices('GBP'), isSet: false });
    const mine = { ...usualPrices('EUR'), tyres: [{ size: '205/55 R16', each: 9100 }] };
    await request(server.app).put('/api/prices').send(mine).expect(200);
    expect((await request(server.app).get('/api/prices')).body).toEqual({ prices: mine, isSet: true });
    const { body } = await request(server.app).get('/api/audit').expect(200);
    expect(JSON.stringify(body)).toContain('prices-changed');
  });

  it('without a unit, or with half a penny, are refused in words and change nothing', async () => {
    for (const [change, says] of [
      [{ currency: '' }, 'three letters'],
      [{ wholeCarPolish: { minutes: 90, materials: 12.5 } }, 'whole number of pence'],
    ] as const) {
      const { body } = await request(server.app)
        .put('/api/prices')
        .send({ ...usualPrices('GBP'), ...change })
        .expect(400);
      expect(JSON.stringify(body)).toContain(says);
    }
    expect((await request(server.app).get('/api/prices')).body.isSet).toBe(false);
  });
});

describe('a plan', () => {
  const wish = {
    standard: 'as-new',
    isOn: true,
    own: [],
    pins: { in: ['polish car'], out: [] },
    typed: { 'replace x': 900 },
  };

  it('keeps what is wanted of a walk’s car, and goes with the car', async () => {
    const first = await request(server.app).get(`/api/walks/${WALK}/plan`).expect(200);
    expect(first.body).toMatchObject({ wish: { standard: 'not-one-step' }, arePricesSet: false });
    await request(server.app).put(`/api/walks/${WALK}/plan`).send(wish).expect(200);
    expect((await request(server.app).get(`/api/walks/${WALK}/plan`)).body.wish).toEqual(wish);
    await request(server.app)
      .put(`/api/walks/${idOf(9)}/plan`)
      .send(wish)
      .expect(404);
    const { cars } = (await request(server.app).get('/api/cars')).body;
    await request(server.app)
      .post(`/api/cars/${cars[0].car.id}/erasing`)
      .send({ stockNumber: cars[0].car.stockNumber })
      .expect(200);
    expect(server.context.stores.db.prepare('SELECT count(*) AS n FROM plans').get()).toEqual({ n: 0 });
  });

  it('is refused in words where it makes no sense', async () => {
    const { body } = await request(server.app)
      .put(`/api/walks/${WALK}/plan`)
      .send({ ...wish, typed: { 'replace x': -1 } })
      .expect(400);
    expect(JSON.stringify(body)).toContain('A price is 0 or more.');
  });
});

describe('rules of the house', () => {
  it('are kept, and refused in words', async () => {
    const rules = {
      off: ['paint-panel'],
      added: [
        {
          id: 'our-sanding',
          cure: 'polish',
          for: [{ fact: 'kind', is: ['peel'] }],
          says: 'we sand it',
          sure: 'may',
        },
      ],
    };
    await request(server.app).put('/api/cure-rules').send(rules).expect(200);
    expect((await request(server.app).get(`/api/walks/${WALK}/plan`)).body.rules).toMatchObject({
      off: ['paint-panel'],
      added: [{ id: 'our-sanding', never: [] }],
    });
    const { body } = await request(server.app)
      .put('/api/cure-rules')
      .send({ added: [{ ...rules.added[0], for: [] }] })
      .expect(400);
    expect(JSON.stringify(body)).toContain('Say what the rule is for.');
  });
});

describe('the best jobs', () => {
  const model = {
    jobs: [
      { id: 'touch-in', cost: 900, once: ['set-up'] },
      { id: 'paint', cost: 1000, once: [] },
    ],
    once: [{ id: 'set-up', cost: 200 }],
    must: [{ fault: 'chips', by: ['touch-in', 'paint'] }],
    want: [],
    pinned: [],
  };

  it('are solved, several models at once', async () => {
    const pinned = { ...model, pinned: ['touch-in'] };
    const { body } = await request(server.app)
      .post('/api/plans/solved')
      .send({ models: [model, pinned] })
      .expect(200);
    expect(body.chosen).toEqual([['paint'], ['touch-in']]);
  });

  it('are refused in words where a model names what it does not list', async () => {
    const stray = { ...model, must: [{ fault: 'chips', by: ['sanding'] }] };
    const { body } = await request(server.app)
      .post('/api/plans/solved')
      .send({ models: [stray] })
      .expect(400);
    expect(JSON.stringify(body)).toContain('“sanding” is named and not listed.');
  });

  it('are refused where a job is listed twice; one named twice at a fault is one', async () => {
    const twice = { ...model, jobs: [...model.jobs, ...model.jobs] };
    const { body } = await request(server.app)
      .post('/api/plans/solved')
      .send({ models: [twice] })
      .expect(400);
    expect(JSON.stringify(body)).toContain('is listed once');
    const named = { ...model, must: [{ fault: 'chips', by: ['paint', 'paint'] }] };
    const answer = await request(server.app)
      .post('/api/plans/solved')
      .send({ models: [named] })
      .expect(200);
    expect(answer.body.chosen).toEqual([['paint']]);
  });

  it('that cannot be are told as that, not as a failure of the server', async () => {
    const dear = { ...model, budget: 10 };
    const { body } = await request(server.app)
      .post('/api/plans/solved')
      .send({ models: [dear] })
      .expect(422);
    expect(body.detail).toContain('There is no plan');
  });
});
