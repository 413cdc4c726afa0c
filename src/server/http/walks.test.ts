import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Entry } from '#core/walk';
import { details } from '../../../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, START, WALK } from '../../../tests/builders/entries';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.close());

const entries = entriesOf([
  begun,
  { kind: 'part-cleared', body: { part: 'bonnet' } },
  noted(1),
  noted(2, 'roof'),
]);
const post = (list: readonly unknown[], walk = WALK) =>
  request(server.app).post(`/api/walks/${walk}/entries`).send({ entries: list });
const stored = async () => (await request(server.app).get(`/api/walks/${WALK}`).expect(200)).body.entries;

describe('appending entries', () => {
  it('keeps them, and sending them again changes nothing', async () => {
    await post(entries).expect(200, { accepted: entries.map((e) => e.id), already: [], position: 4 });
    await post(entries).expect(200, { accepted: [], already: entries.map((e) => e.id), position: 4 });
    await post([...entries, ...entries]).expect(200);
    expect(await stored()).toEqual(entries);
  });

  it('tells in the list what waits at a car, and the picture it is known by', async () => {
    const whole = (n: number) => String(n).repeat(64);
    const promise = { is: 'promised', by: '2026-04-01' } as const;
    await post(
      entriesOf([
        begun,
        noted(1),
        { kind: 'finding-amended', body: { finding: idOf(0xf001), changes: { decision: promise } } },
        { kind: 'photo-attached', body: { photo: whole(1), role: 'whole-car' } },
        { kind: 'photo-attached', body: { photo: whole(2), role: 'whole-car' } },
      ]),
    ).expect(200);
    const listed = async () => (await request(server.app).get('/api/cars').expect(200)).body.cars[0].walk;
    expect(await listed()).toMatchObject({ cover: whole(1), promises: 1, due: '2026-04-01', questions: 0 });
    await request(server.app)
      .post(`/api/walks/${WALK}/questions`)
      .send({ id: idOf(0x9001), text: 'Does it leak?', about: {}, wantsLook: false })
      .expect(201);
    await post(
      entriesOf(
        [
          { kind: 'cover-chosen', body: { photo: whole(2) } },
          { kind: 'mend-checked', body: { about: { of: 'finding', finding: idOf(0xf001) }, found: 'gone' } },
        ],
        WALK,
        60,
      ),
    ).expect(200);
    expect(await listed()).toMatchObject({ cover: whole(2), promises: 0, questions: 1 });
    // Taken away from readers, it is no picture to be known by either.
    await post(entriesOf([{ kind: 'photo-withdrawn', body: { photo: whole(2) } }], WALK, 70)).expect(200);
    expect(await listed()).toMatchObject({ cover: whole(1) });
    const counts = await request(server.app).get('/api/cars/counts').expect(200);
    expect(counts.body).toEqual({ 'to-walk': 0, 'in-hand': 1, reported: 0 });
  });

  it('keeps the list’s figures in step with the log', async () => {
    await post(entries).expect(200);
    const { body } = await request(server.app).get('/api/cars?search=tessel').expect(200);
    expect(body.cars[0].walk).toMatchObject({ visited: 3, findings: 2, photos: 0 });
    const undo = entriesOf([{ kind: 'undone', body: { entry: entries[3]?.id as string } }], WALK, 50);
    await post(undo).expect(200);
    const after = await request(server.app).get('/api/cars').expect(200);
    expect(after.body.cars[0].walk).toMatchObject({ visited: 2, findings: 1 });
  });

  it('refuses all of a request with one bad entry, names it, and stores nothing', async () => {
    await post(entries.slice(0, 1)).expect(200);
    const good = entries[2] as Entry;
    const bad = { ...good, body: { ...good.body, spot: { u: 2, v: 0 } } };
    const { body, headers } = await post([entries[1], bad, entries[3]]).expect(422);
    expect(headers['content-type']).toContain('application/problem+json');
    expect(body).toMatchObject({
      type: '/problems/entries-refused',
      errors: [{ entry: bad.id, code: 'bad-body' }],
    });
    expect(await stored()).toHaveLength(1);
  });

  it('refuses an entry that comes back changed', async () => {
    await post(entries).expect(200);
    const changed = { ...entries[1], body: { part: 'roof' } };
    const { body } = await post([changed]).expect(409);
    expect(body.type).toBe('/problems/entry-differs');
  });

  it.each([
    ['a body that is not JSON', '{"entries": [', 400],
    ['no list', '{}', 400],
    ['an empty list', '{"entries": []}', 400],
    ['a list of nothing', '{"entries": [null]}', 422],
    ['far too many', JSON.stringify({ entries: Array(501).fill({}) }), 400],
  ])('answers %s with a plain problem', async (_name, body, status) => {
    const answer = await request(server.app)
      .post(`/api/walks/${WALK}/entries`)
      .set('Content-Type', 'application/json')
      .send(body)
      .expect(status);
    expect(answer.body.detail.length).toBeGreaterThan(10);
    expect(answer.text).not.toMatch(/\bat .*\.ts|node_modules/);
  });

  it('takes JSON only under its own name, so that no foreign page’s form gets in', async () => {
    await request(server.app)
      .post(`/api/walks/${WALK}/entries`)
      .set('Content-Type', 'text/plain')
      .send(JSON.stringify({ entries }))
      .expect(400);
  });

  it('begins a walk with its first entry only, for a car it knows', async () => {
    await post(entries.slice(1)).expect(404);
    const stranger = entriesOf([{ kind: 'walk-begun', body: { carId: idOf(0xbad), bodyStyle: 'hatch-5' } }]);
    await post(stranger).expect(404);
    await request(server.app).get(`/api/walks/${WALK}`).expect(404);
  });

  it('refuses dates that cannot be', async () => {
    const future = { ...entries[0], at: new Date(START + 9 * 86_400_000).toISOString() };
    const { body } = await post([future]).expect(422);
    expect(body.detail).toContain('in the future');
  });
});

describe('cars', () => {
  it('searches by every word, whatever signs are in it', async () => {
    const find = async (search: string) =>
      (await request(server.app).get('/api/cars').query({ search }).expect(200)).body.cars.length;
    expect(await find('TESSEL 2017')).toBe(1);
    expect(await find('tessel 1999')).toBe(0);
    expect(await find('%')).toBe(0);
    expect(await find("' OR 1=1 --")).toBe(0);
  });

  it('pages through a long list without skipping or repeating', async () => {
    for (let i = 0; i < 7; i++) {
      await request(server.app)
        .post('/api/cars')
        .send({ id: idOf(0x100 + i), details: { ...details, stockNumber: `P-${i}` } })
        .expect(201);
    }
    const seen: string[] = [];
    let next: string | undefined = '';
    while (next !== undefined) {
      const page: { body: { cars: { car: { id: string } }[]; next?: string } } = await request(server.app)
        .get('/api/cars')
        .query({ limit: 3, ...(next && { cursor: next }) });
      seen.push(...page.body.cars.map((row) => row.car.id));
      next = page.body.next;
    }
    expect(seen).toHaveLength(8);
    expect(new Set(seen).size).toBe(8);
  });

  it('refuses a wrong identity number where the digit binds, unless it is as read', async () => {
    const american = { ...details, country: 'US', steering: 'left', identityNumber: '1M8GDM9A1KP042788' };
    const { body } = await request(server.app)
      .post('/api/cars')
      .send({ id: idOf(1), details: american })
      .expect(400);
    expect(body.errors[0].path).toBe('details.identityNumber');
    await request(server.app)
      .post('/api/cars')
      .send({ id: idOf(1), details: { ...american, identityAsRead: true } })
      .expect(201);
    await request(server.app)
      .post('/api/cars')
      .send({ id: idOf(2), details: { ...american, country: 'GB' } })
      .expect(201);
  });

  it('edits', async () => {
    await request(server.app)
      .put(`/api/cars/${CAR}`)
      .send({ ...details, colour: 'Moss green' })
      .expect(200);
    expect((await request(server.app).get(`/api/cars/${CAR}`)).body.car.colour).toBe('Moss green');
    await request(server.app)
      .put(`/api/cars/${idOf(77)}`)
      .send(details)
      .expect(404);
  });
});
