import { readFileSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { WALK_FILE_VERSION, type WalkFile } from '#core/exchange';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { sameYard } from '../../../tests/builders/sameYard';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let here: TestServer;
let there: TestServer;
let photoBytes: Buffer;

const start = sameYard(async (made) => {
  here = made;
  photoBytes = await jpeg(2);
  const photo = sha256Of(photoBytes);
  const facts = [
    begun,
    noted(1),
    noted(2, 'roof'),
    { kind: 'photo-attached', body: { photo, role: 'what', finding: idOf(0xf001) } } as const,
  ];
  await request(here.app)
    .put(`/api/photos/${photo}`)
    .set('Content-Type', 'image/jpeg')
    .send(photoBytes)
    .expect(200);
  await request(here.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf(facts) })
    .expect(200);
  await request(here.app)
    .post(`/api/walks/${WALK}/reports`)
    .send({ id: idOf(0xd0c) })
    .expect(201);
});
beforeEach(async () => {
  here = await start();
  there = await startTestServer(false);
});
afterEach(async () => {
  await here.close();
  await there.close();
});

const exported = async (from = here): Promise<WalkFile> =>
  (await request(from.app).get(`/api/walks/${WALK}/export`).expect(200)).body;
const take = (file: unknown) =>
  request(there.app)
    .post('/api/imports')
    .send(file as object);

it('a file whose report was frozen in earlier words is taken as it is', async () => {
  // Exported before American reports were told wholly in American; what it says stays what it said.
  const file = JSON.parse(readFileSync('tests/golden/walk-us-before-its-words.json', 'utf8')) as WalkFile;
  expect(JSON.stringify(file.reports)).toContain('A tyre under the limit');
  await request(there.app).post('/api/imports').send(file).expect(201);
  const [report] = file.reports;
  const kept = await request(there.app).get(`/api/reports/${report?.id}`).expect(200);
  expect(kept.body.report).toEqual(report);
  // Words composed no more and without a fingerprint cannot be proven; what the log says can, and what is held is never replaced.
  const edited = JSON.parse(JSON.stringify(file).replaceAll('A tyre under', 'No tyre under')) as WalkFile;
  await request(there.app).post('/api/imports').send(edited);
  const still = await request(there.app).get(`/api/reports/${report?.id}`).expect(200);
  expect(still.body.report).toEqual(report);
  const lying = { ...file, reports: file.reports.map((each) => ({ ...each, position: 2 })) };
  expect(lying.reports).not.toEqual(file.reports);
  const refused = await request(here.app).post('/api/imports').send(lying).expect(422);
  expect(refused.body.detail).toContain('does not follow from the file’s own log');
});

describe('a walk file', () => {
  it('fits the published JSON Schema, by an independent validator', async () => {
    const { body: schema } = await request(here.app).get('/api/schemas/walk.json').expect(200);
    expect(schema.$schema).toBe('https://json-schema.org/draft/2020-12/schema');
    const ajv = new Ajv2020({ strict: false, allErrors: true });
    addFormats.default(ajv);
    const validate = ajv.compile(schema);
    const file = await exported();
    expect(validate(file), JSON.stringify(validate.errors)).toBe(true);
    expect(validate({ ...file, entries: [{ ...file.entries[0], kind: 'nonsense' }] })).toBe(false);
  });

  it('brings log, photo list and report to another Zelk unchanged', async () => {
    const file = await exported();
    const { body } = await take(file).expect(201);
    expect(body).toMatchObject({ entries: 4, reports: 1, photosMissing: [sha256Of(photoBytes)] });
    const back = await exported(there);
    expect({ ...back, exportedAt: '' }).toEqual({
      ...file,
      exportedAt: '',
      car: { ...file.car, updatedAt: back.car.updatedAt },
    });
    await take(file).expect(201);
    await request(there.app)
      .put(`/api/photos/${sha256Of(photoBytes)}`)
      .set('Content-Type', 'image/jpeg')
      .send(photoBytes)
      .expect(200);
    expect((await take(file).expect(201)).body.photosMissing).toEqual([]);
  });

  it('is refused whole when its report does not follow from its log', async () => {
    const file = structuredClone(await exported());
    (file.reports[0] as { summary: string[] }).summary = ['Not a mark on it.'];
    const { body } = await take(file).expect(422);
    expect(body.type).toBe('/problems/report-differs');
    await request(there.app).get(`/api/walks/${WALK}`).expect(404);
  });

  it.each([
    ['a newer version', (file: WalkFile) => ({ ...file, version: WALK_FILE_VERSION + 1 }), 'newer Zelk'],
    ['something else', () => ({ hello: 1 }), 'not a walk'],
    ['a list', () => [], 'not a walk'],
    ['a damaged one', (file: WalkFile) => ({ ...file, entries: [{}] }), 'damaged'],
    [
      'one with a foreign entry',
      (file: WalkFile) => ({ ...file, entries: [{ ...file.entries[0], walk: idOf(5) }] }),
      'another walk',
    ],
  ])('that is %s is refused with a reason', async (_name, change, reason) => {
    const { body } = await take(change(await exported())).expect(400);
    expect(body.detail).toContain(reason);
    expect((await request(there.app).get('/api/cars')).body.cars).toEqual([]);
  });

  it('does not overwrite a walk that has gone on here', async () => {
    const file = await exported();
    await take(file).expect(201);
    const own = entriesOf([noted(7, 'bonnet')], WALK, 70);
    await request(there.app).post(`/api/walks/${WALK}/entries`).send({ entries: own }).expect(200);
    const { body } = await take(file).expect(409);
    expect(body.detail).toContain('gone on');
  });
});

describe('the API description', () => {
  it('is OpenAPI 3.1 and knows every route', async () => {
    const { body } = await request(here.app).get('/api/openapi.json').expect(200);
    expect(body.openapi).toBe('3.1.0');
    expect(Object.keys(body.paths)).toEqual(
      expect.arrayContaining([
        '/api/cars',
        '/api/walks/{id}/entries',
        '/api/photos/{sha256}',
        '/api/shared/{token}',
        '/api/schemas/walk.json',
      ]),
    );
  });

  it('answers unknown addresses with a problem', async () => {
    const { body } = await request(here.app).get('/api/nothing').expect(404);
    expect(body.type).toBe('/problems/not-found');
  });
});
