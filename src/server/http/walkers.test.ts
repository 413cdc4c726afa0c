import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { schools } from '#core/route';
import { begun, entriesOf, WALK, WHO } from '../../../tests/builders/entries';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.close());

const ROUTE = '5b0f6f0e-93a1-4d0a-8d5c-0f6f2d3c1aaa';
const path = `/api/people/${WHO}/routes`;

describe('routes of a person', () => {
  it('are none at first, and the nose comes first', async () => {
    const { body } = await request(server.app).get(path).expect(200);
    expect(body).toEqual({ saved: [], preferred: 'nose-first' });
  });

  it('are kept as sent, and sent again they stay the same', async () => {
    const routes = {
      saved: [{ id: ROUTE, rule: { ...schools['panel-run'], name: 'Mine' } }],
      preferred: ROUTE,
    };
    for (let i = 0; i < 2; i++)
      expect((await request(server.app).put(path).send(routes).expect(200)).body).toEqual(routes);
    expect((await request(server.app).get(path)).body).toEqual(routes);
  });

  it('are refused in plain words when they cannot be walked', async () => {
    const rule = { ...schools['panel-run'], later: ['top'] };
    const { body } = await request(server.app)
      .put(path)
      .send({ saved: [{ id: ROUTE, rule }], preferred: 'nose-first' })
      .expect(400);
    expect(body.detail).toContain('Name every area once.');
    expect((await request(server.app).get(path)).body.saved).toEqual([]);
  });

  it('belong to people of the yard', async () => {
    await request(server.app).get('/api/people/5b0f6f0e-93a1-4d0a-8d5c-0f6f2d3cffff/routes').expect(404);
  });
});

describe('the pace of a person', () => {
  it('is learnt from the walks they began, with the extras those cars have', async () => {
    const parts = ['bonnet', 'door-fl', 'door-rl', 'door-fr', 'towbar', 'door-rr', 'roof'];
    const begunWithBar = { ...begun, body: { ...begun.body, extras: ['tow-bar'] } } as typeof begun;
    const entries = entriesOf([
      begunWithBar,
      ...parts.map((part) => ({ kind: 'stop-reached' as const, body: { part } })),
    ]);
    await request(server.app).post(`/api/walks/${WALK}/entries`).send({ entries }).expect(200);
    const { body } = await request(server.app).get(`/api/people/${WHO}/pace`).expect(200);
    expect(body.walks).toBe(1);
    // The test walk makes one entry a second, and only doors were met three times.
    expect(body.seconds).toEqual({ door: 1 });
  });

  it('is unknown for who never walked', async () => {
    expect((await request(server.app).get(`/api/people/${WHO}/pace`)).body).toEqual({
      walks: 0,
      seconds: {},
    });
  });
});
