import { join } from 'node:path';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { ExpectationsPage, PracticePage, Round } from '#core/api';
import { styleOf } from '#core/car';
import { houseTable } from '#core/judge';
import type { ReportDocument } from '#core/report';
import type { Fact } from '#core/walk';
import { houseSpots } from '#core/weakSpots';
import { details } from '../../../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, START, WALK, WHO } from '../../../tests/builders/entries';
import { asNell, startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { exercises } from '../practice/exercises';
import { createApp } from './createApp';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.close());

const style = styleOf({ bodyStyle: 'hatch-5' });
const cleared: Fact[] = [...style.parts.keys()].map((part) => ({ kind: 'part-cleared', body: { part } }));
const odometer: Fact = { kind: 'odometer-read', body: { value: 57_000, unit: 'mi' } };
const chips = (count: number): Fact =>
  ({
    kind: 'finding-noted',
    body: {
      ...noted(1, 'bonnet').body,
      finding: idOf(0xf000 + count),
      kind: 'stone-chip',
      details: { count },
    },
  }) as Fact;

/** A car with a walk of so many chips and a signed report. */
async function reported(n: number, count: number): Promise<ReportDocument> {
  const [car, walk] = [idOf(0xca0000 + n), idOf(0xaa0000 + n)];
  await request(server.app)
    .post('/api/cars')
    .send({ id: car, details: { ...details, stockNumber: `P-${n}` } })
    .expect(201);
  const facts: Fact[] = [
    { kind: 'walk-begun', body: { carId: car, bodyStyle: 'hatch-5' } },
    ...cleared,
    odometer,
    chips(count),
  ];
  const entries = entriesOf(facts, walk, 0x100000 + n * 0x1000);
  await request(server.app).post(`/api/walks/${walk}/entries`).send({ entries }).expect(200);
  return (
    await request(server.app)
      .post(`/api/walks/${walk}/reports`)
      .send({ id: idOf(0xdd0000 + n) })
      .expect(201)
  ).body;
}

describe('what is usual', () => {
  const page = async (): Promise<ExpectationsPage> =>
    (await request(server.app).get('/api/expectations').expect(200)).body;

  it('begins with the house’s figures, and learns from reported walks', async () => {
    const before = await page();
    expect(before).toMatchObject({ isHouse: true, walks: 0, walkers: [] });
    for (let n = 0; n < 12; n += 1) await reported(n, 18);
    const now = await page();
    expect(now.walks).toBe(12);
    const cell = (each: ExpectationsPage) =>
      each.learned[0]?.cells.find(
        (_, i) => each.table.rows[i]?.ageFrom === 9 && each.table.rows[i]?.milesFrom === 50_000,
      );
    expect(cell(now)).toMatchObject({ cars: 12 });
    expect(cell(now)?.usual).toBeGreaterThan((cell(before)?.usual ?? 0) * 1.1);
    expect(now.walkers.find(({ measure }) => measure === 'front-chips')).toMatchObject({
      name: 'Nell Harrick',
      person: WHO,
    });
  }, 60_000);

  it('stands in reports once the yard’s own cars say it, and those are proven anew from their file', async () => {
    const first = await reported(0, 18);
    expect(first).not.toHaveProperty('forItsAge');
    for (let n = 1; n < 12; n += 1) await reported(n, 16 + (n % 5));
    const odd = await reported(12, 90);
    expect(odd.forItsAge?.rows[0]).toMatchObject({ measure: 'front-chips', standing: 'more', count: 90 });
    expect(odd.forItsAge?.rows[0]?.says).toMatch(
      /^90 chips at the front; \d+ to \d+ are usual at 9 years and 57,000 miles$/,
    );
    // Signed again, it is held against the others as before, not against itself.
    const again = await request(server.app)
      .post(`/api/walks/${odd.walk}/reports`)
      .send({ id: idOf(0xdd1000) })
      .expect(201);
    expect(again.body.forItsAge.rows[0]).toEqual(odd.forItsAge?.rows[0]);
    // The preview of a walk says the same before it is signed.
    const walk = idOf(0xaa0000 + 12);
    const preview = (await request(server.app).get(`/api/walks/${walk}/preview`).expect(200)).body;
    expect(preview.report.forItsAge.rows[0].standing).toBe('more');
    const file = (await request(server.app).get(`/api/walks/${walk}/export`).expect(200)).body;
    const other = await startTestServer(false);
    await request(other.app).post('/api/imports').send(file).expect(201);
    // What a file says of a count that its own log does not is refused.
    const forged = structuredClone(file);
    forged.reports[0].forItsAge.rows[0].count = 3;
    delete forged.fingerprints;
    const refused = await startTestServer(false);
    expect((await request(refused.app).post('/api/imports').send(forged)).status).toBe(422);
    await Promise.all([other.close(), refused.close()]);
  }, 60_000);

  it('is set by a manager, refused in words where it contradicts itself, and goes back to the house’s', async () => {
    const rows = houseTable.rows.map((row, i) => (i === 0 ? { ...row, expected: 2.5, setBy: 'yard' } : row));
    const { body } = await request(server.app).put('/api/expectations').send({ rows }).expect(200);
    expect(body).toMatchObject({ isHouse: false });
    const wrong = await request(server.app)
      .put('/api/expectations')
      .send({ rows: rows.slice(1) })
      .expect(400);
    expect(wrong.body.detail).toContain('There is no row for “Stone chips at the front”');
    await request(server.app).put('/api/expectations').send({ rows: [] }).expect(400);
    const { body: back } = await request(server.app).delete('/api/expectations').send({}).expect(200);
    expect(back).toMatchObject({ isHouse: true });
  });

  it('tells nobody but managers who counts how closely', async () => {
    await reported(1, 9);
    const walker = createApp(server.context, join(server.dir, 'no-interface'), {
      identify: (...asked) => ({ ...(asNell(...asked) as object), role: 'walk' }) as never,
    });
    expect((await request(walker).get('/api/expectations').expect(200)).body.walkers).toEqual([]);
  });
});

describe('weak spots', () => {
  it('begin with common practice, are set, and refused where they contradict themselves', async () => {
    expect((await request(server.app).get('/api/weak-spots').expect(200)).body.spots).toHaveLength(
      houseSpots.length,
    );
    const own = { ...houseSpots[0], id: 'own', title: 'Own', setBy: 'yard' };
    await request(server.app)
      .put('/api/weak-spots')
      .send({ spots: [own] })
      .expect(200);
    const twice = await request(server.app)
      .put('/api/weak-spots')
      .send({ spots: [own, own] })
      .expect(400);
    expect(twice.body.detail).toContain('same id');
    const never = { ...own, cars: { yearFrom: 2020, yearTo: 2010 } };
    expect(
      (
        await request(server.app)
          .put('/api/weak-spots')
          .send({ spots: [never] })
          .expect(400)
      ).body.detail,
    ).toContain('first year lies after its last');
    expect((await request(server.app).get('/api/weak-spots').expect(200)).body.spots).toHaveLength(1);
  });

  it('found in the yard’s own walks are told after twenty of them', async () => {
    await reported(1, 9);
    expect((await request(server.app).get('/api/weak-spots/typical').expect(200)).body).toEqual({
      walks: 1,
      needed: 20,
      typical: [],
    });
  });
});

describe('mornings', () => {
  const at = (hours: number) => new Date(START + hours * 3_600_000).toISOString();
  const look = (n: number, more: object = {}) => ({
    id: idOf(0x10c0 + n),
    car: CAR,
    at: at(0.5),
    day: '2026-03-14',
    start: 'at-once',
    ...more,
  });
  const say = (...looks: object[]) => request(server.app).post('/api/mornings').send({ looks });

  it('are kept once, by who said them, in the order cars stand', async () => {
    await request(server.app)
      .post('/api/cars')
      .send({ id: idOf(0xca1), details: { ...details, stockNumber: 'A', standsAt: 'Row A, bay 10' } })
      .expect(201);
    await request(server.app)
      .post('/api/cars')
      .send({ id: idOf(0xca2), details: { ...details, stockNumber: 'B', standsAt: 'Row A, bay 2' } })
      .expect(201);
    await say(look(1), look(2, { car: idOf(0xca1), volts: 12.5 })).expect(200);
    await say(look(1)).expect(200);
    const round: Round = (await request(server.app).get('/api/mornings').expect(200)).body;
    expect(round.cars.map(({ stockNumber }) => stockNumber)).toEqual(['B', 'A', 'T-1']);
    expect(round.cars[2]?.looks).toMatchObject([{ who: WHO, start: 'at-once' }]);
    expect((await request(server.app).get(`/api/cars/${CAR}/mornings`).expect(200)).body.looks).toMatchObject(
      [{ name: 'Nell Harrick' }],
    );
  });

  it('are taken back, and that again changes nothing', async () => {
    await say(look(1)).expect(200);
    await request(server.app)
      .delete(`/api/mornings/${idOf(0x10c1)}`)
      .send({})
      .expect(200);
    await request(server.app)
      .delete(`/api/mornings/${idOf(0x10c1)}`)
      .send({})
      .expect(200);
    expect((await request(server.app).get(`/api/cars/${CAR}/mornings`).expect(200)).body.looks).toEqual([]);
    await request(server.app)
      .delete(`/api/mornings/${idOf(0xbad)}`)
      .send({})
      .expect(404);
  });

  it('count from the day the car came to the yard, though it was typed in later', async () => {
    const before = look(1, { at: at(-99), day: '2026-03-10' });
    await say(before).expect(400);
    await request(server.app)
      .put(`/api/cars/${CAR}`)
      .send({ ...details, arrivedOn: '2026-03-09' })
      .expect(200);
    await say(before).expect(200);
    const round: Round = (await request(server.app).get('/api/mornings').expect(200)).body;
    expect(round.cars.find(({ car }) => car === CAR)?.cameIn).toBe('2026-03-09T00:00:00.000Z');
    const wrong = await request(server.app)
      .put(`/api/cars/${CAR}`)
      .send({ ...details, arrivedOn: 'last week' })
      .expect(400);
    expect(JSON.stringify(wrong.body)).toContain('Type the day like 2026-12-03.');
  });

  it('that cannot be are refused in words, all or none', async () => {
    const problem = async (wrong: object) =>
      (
        await say(look(1), look(2, wrong)).expect((response) =>
          expect(response.status).toBeGreaterThanOrEqual(400),
        )
      ).body.detail;
    expect(await problem({ at: at(9) })).toContain('clock of this device');
    expect(await problem({ day: '2026-03-20' })).toContain('clock of this device');
    expect(await problem({ at: at(-99), day: '2026-03-10' })).toContain('before the car came in');
    expect(await problem({ start: undefined })).toContain('Nothing was noted');
    expect(await problem({ volts: -1 })).toContain('cannot be less than 0');
    expect(await problem({ car: idOf(0xbad) })).toContain('Load the list again');
    expect((await request(server.app).get(`/api/cars/${CAR}/mornings`).expect(200)).body.looks).toEqual([]);
  });

  it('stand in the report without a name or note, and not those made after it was signed', async () => {
    await request(server.app)
      .post(`/api/walks/${WALK}/entries`)
      .send({ entries: entriesOf([begun]) })
      .expect(200);
    await say(look(1, { note: 'ask Joss' }), look(2, { at: at(1.1), level: 'sunk' })).expect(200);
    const { body } = await request(server.app)
      .post(`/api/walks/${WALK}/reports`)
      .send({ id: idOf(0xd01) })
      .expect(201);
    expect(body.stood).toMatchObject({
      says: 'Looked at on one morning: started at once on the one morning it was tried.',
    });
    expect(JSON.stringify(body.stood)).not.toMatch(/Joss|018f0000|who/);
  });

  it('go with the car when it is erased', async () => {
    await say(look(1)).expect(200);
    await request(server.app).post(`/api/cars/${CAR}/erasing`).send({ sure: details.stockNumber });
    const rows = server.context.stores.db.prepare('SELECT count(*) AS n FROM morning_looks').get() as {
      n: number;
    };
    const cars = server.context.stores.db.prepare('SELECT count(*) AS n FROM cars').get() as { n: number };
    expect(rows.n).toBe(cars.n);
  });
});

describe('the practice yard', () => {
  const page = async (): Promise<PracticePage> =>
    (await request(server.app).get('/api/practice').expect(200)).body;
  const answer = (n: number, exercise: string, more: object = {}) =>
    request(server.app)
      .post('/api/practice/answers')
      .send({ id: idOf(0x9a00 + n), exercise, marks: [], ms: 4000, ...more });

  it('has at least sixty exercises, of faults, dirt and nothing, and tells nothing of a picture before it is answered', async () => {
    expect(exercises.length).toBeGreaterThanOrEqual(60);
    expect(new Set(exercises.map(({ truth }) => truth.is))).toEqual(new Set(['fault', 'dirt', 'nothing']));
    const { next, exercises: count, results } = await page();
    expect(count).toBe(exercises.length);
    expect(Object.keys(next ?? {}).toSorted()).toEqual(['asksSide', 'height', 'id', 'says', 'why', 'width']);
    expect(results.answers).toBe(0);
  });

  it('scores an answer once, and brings its kind round again', async () => {
    const exercise = exercises.find(({ truth }) => truth.is === 'fault' && truth.area);
    const area = exercise?.truth.area ?? [];
    const middle = {
      x: area.reduce((sum, [x]) => sum + x, 0) / area.length,
      y: area.reduce((sum, [, y]) => sum + y, 0) / area.length,
    };
    const mark = { at: middle, is: 'fault', kind: exercise?.truth.kind };
    const { body } = await answer(1, exercise?.id ?? '', { marks: [mark] }).expect(200);
    expect(body).toMatchObject({
      truth: exercise?.truth,
      score: { outcome: 'found', isKindRight: true, falseAlarms: [] },
    });
    // The same answer again is the same answer: another one under its id counts for nothing.
    const again = await answer(1, exercise?.id ?? '', { marks: [] }).expect(200);
    expect(again.body.score.outcome).toBe('found');
    expect((await page()).results).toMatchObject({ answers: 1, skills: [{ seen: { met: 1, of: 1 } }] });
    expect(Date.parse(body.due)).toBeGreaterThan(START);
  });

  it('refuses in words what cannot be', async () => {
    const [first] = exercises;
    expect((await answer(1, 'p999').expect(404)).body.detail).toContain('Load the page again');
    expect((await answer(1, first?.id ?? '', { ms: -5 }).expect(400)).body.detail).toContain(
      'clock of this device',
    );
    const mark = { at: { x: 3, y: 0 }, is: 'fault' };
    expect((await answer(1, first?.id ?? '', { marks: [mark] }).expect(400)).body.detail).toContain(
      'A place lies on the picture',
    );
  });

  it('is one’s own until it is shared, and each person’s apart', async () => {
    const [first] = exercises;
    await answer(1, first?.id ?? '').expect(200);
    const team = async () => (await request(server.app).get('/api/practice/team').expect(200)).body;
    expect((await team()).people).toEqual([]);
    await request(server.app).put('/api/practice/sharing').send({ isShared: true }).expect(200);
    expect((await team()).people).toMatchObject([{ name: 'Nell Harrick', results: { answers: 1 } }]);
    await request(server.app).put('/api/practice/sharing').send({ isShared: false }).expect(200);
    expect((await team()).people).toEqual([]);
    const other = createApp(server.context, join(server.dir, 'no-interface'), {
      identify: (...asked) =>
        ({ ...(asNell(...asked) as object), person: idOf(0xe2), role: 'walk' }) as never,
    });
    expect((await request(other).get('/api/practice').expect(200)).body.results.answers).toBe(0);
    await request(other).get('/api/practice/team').expect(403);
    expect(
      (
        await request(other)
          .post('/api/practice/answers')
          .send({ id: idOf(0x9a01), exercise: first?.id, marks: [], ms: 1 })
          .expect(409)
      ).body.detail,
    ).toContain('another answer');
  });

  it('shows managers where two who walked the same car differ', async () => {
    const tomas = idOf(0xe2);
    await request(server.app).post('/api/people').send({ id: tomas, name: 'Tomas Vey' }).expect(201);
    const walked = async (walk: string, who: string, parts: readonly string[]) => {
      const facts = [begun, ...cleared, ...parts.map((part, i) => noted(i + 1, part))];
      const entries = entriesOf(facts, walk, who === WHO ? 0x500000 : 0x600000).map((entry) => ({
        ...entry,
        who,
      }));
      await request(server.app).post(`/api/walks/${walk}/entries`).send({ entries }).expect(200);
    };
    await walked(WALK, WHO, ['door-fl', 'door-rl', 'bonnet', 'wing-fl']);
    await walked(idOf(0xaa2), tomas, ['door-fl', 'door-rl', 'roof']);
    const { pairs } = (await request(server.app).get('/api/practice/team').expect(200)).body;
    expect(pairs).toHaveLength(1);
    expect([pairs[0].one, pairs[0].other].toSorted()).toEqual(['Nell Harrick', 'Tomas Vey']);
    expect(pairs[0]).toMatchObject({ cars: 1, kinds: [{ kind: 'dent' }] });
    expect(pairs[0].kinds[0].onlyOne + pairs[0].kinds[0].onlyOther).toBe(3);
    expect(pairs[0].kinds[0].agreement.low).toBeLessThan(pairs[0].kinds[0].agreement.kappa);
  });
});
