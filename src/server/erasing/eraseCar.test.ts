import { existsSync, mkdirSync, readdirSync, readFileSync, utimesSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Fact } from '#core/walk';
import { details } from '../../../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { filesOnDisk } from '../../../tests/builders/filesOnDisk';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { sweep } from '../start/sweep';

const OTHER_CAR = idOf(0xca2);
const OTHER_WALK = '018f0000-0000-7000-8000-0000000000ab';
const REPORT = idOf(0xf0f0);
const SAID = 'quarrelsome pelican behind the sill';

let server: TestServer;
let [mine, both]: string[] = [];
let token: string;

const putPhoto = async (seed: number): Promise<string> => {
  const bytes = await jpeg(seed);
  const hash = sha256Of(bytes);
  await request(server.app)
    .put(`/api/photos/${hash}`)
    .set('Content-Type', 'image/jpeg')
    .send(bytes)
    .expect(200);
  return hash;
};
const shows = (photo: string): Fact => ({
  kind: 'photo-attached',
  body: { photo, role: 'where', part: 'door-fl' },
});
const post = (walk: string, entries: object[]) =>
  request(server.app).post(`/api/walks/${walk}/entries`).send({ entries }).expect(200);

beforeEach(async () => {
  server = await startTestServer();
  [mine, both] = [await putPhoto(1), await putPhoto(2)];
  const said: Fact = { kind: 'finding-amended', body: { finding: idOf(0xf001), changes: { note: SAID } } };
  const facts = [begun, noted(1, 'door-fl'), said, shows(mine), shows(both)];
  await post(WALK, entriesOf(facts));
  await request(server.app)
    .post('/api/cars')
    .send({ id: OTHER_CAR, details: { ...details, stockNumber: 'T-2' } })
    .expect(201);
  const theirs = entriesOf(
    [{ ...begun, body: { carId: OTHER_CAR, bodyStyle: 'hatch-5' } }, shows(both)] as never,
    OTHER_WALK,
    700,
  );
  await post(OTHER_WALK, theirs);
  await request(server.app).post(`/api/walks/${WALK}/reports`).send({ id: REPORT }).expect(201);
  token = (
    await request(server.app).post(`/api/reports/${REPORT}/shares`).send({ name: 'Overland' }).expect(201)
  ).body.token;
  await request(server.app).get(`/api/shared/${token}`).expect(200);
  await request(server.app).get(`/api/reports/${REPORT}/pdf`).expect(200);
  await server.context.judge.idle();
});
afterEach(() => server.close());

const erase = (stockNumber: string) =>
  request(server.app).post(`/api/cars/${CAR}/erasing`).send({ stockNumber });
/** Every byte the database keeps, its journal among it. */
const kept = (): string =>
  readdirSync(server.dir)
    .filter((name) => name.startsWith('zelk.db'))
    .map((name) => readFileSync(join(server.dir, name), 'latin1'))
    .join('');

describe('a car that is erased', () => {
  it('is told before what goes with it', async () => {
    const { body } = await request(server.app).get(`/api/cars/${CAR}/erasing`).expect(200);
    expect(body).toEqual({ stockNumber: 'T-1', walks: 1, reports: 1, openLinks: 1, files: 2 });
  });

  it('goes for good with all that hangs on it, and nothing else does', async () => {
    const { files, stores } = server.context;
    expect(kept()).toContain(SAID);
    expect((await erase(' t-1 ').expect(200)).body.erased).toContain('T-1');
    for (const path of [
      `/api/cars/${CAR}`,
      `/api/walks/${WALK}`,
      `/api/reports/${REPORT}`,
      `/api/shared/${token}`,
      `/api/photos/${mine}/320`,
      `/api/photos/${mine}/whole`,
    ])
      await request(server.app).get(path).expect(404);
    const left = (await filesOnDisk(files)).filter(({ place }) => place.includes(mine as string));
    expect(left).toEqual([]);
    expect(kept()).not.toContain(SAID);
    expect(kept()).not.toContain(mine);

    // What another car's walk shows stays, with its walk.
    await request(server.app).get(`/api/photos/${both}/1600`).expect(200);
    expect(existsSync(files.original(both as string))).toBe(true);
    const other = (await request(server.app).get(`/api/walks/${OTHER_WALK}`).expect(200)).body;
    expect(other.entries).toHaveLength(2);
    const { cars } = (await request(server.app).get('/api/cars?search=fenlark').expect(200)).body;
    expect(cars.map(({ car }: { car: { id: string } }) => car.id)).toEqual([OTHER_CAR]);
    expect(stores.db.pragma('integrity_check', { simple: true })).toBe('ok');
    expect(stores.db.pragma('foreign_key_check')).toEqual([]);
    const { rows } = (await request(server.app).get('/api/audit').expect(200)).body;
    expect(rows[0]).toMatchObject({ what: 'erased', about: expect.stringContaining('T-1') });
  });

  it('is not taken for a database that is not the right one: what is left over is still tidied away', async () => {
    await sweep(server.context);
    await erase('T-1').expect(200);
    // A file without a name, as a server killed at the wrong moment leaves one.
    const stray = server.context.files.original('e'.repeat(64));
    mkdirSync(dirname(stray), { recursive: true });
    writeFileSync(stray, 'x');
    utimesSync(stray, 1, 1);
    const swept = await sweep(server.context);
    expect(swept?.held).toBeUndefined();
    expect(swept?.putAside).toBe(1);
  });

  it('is not another one by a slip of the hand', async () => {
    const { body } = await erase('T-2').expect(422);
    expect(body.detail).toContain('This is T-1, not “T-2”');
    await request(server.app).get(`/api/walks/${WALK}`).expect(200);
    await request(server.app)
      .post(`/api/cars/${idOf(0xbad)}/erasing`)
      .send({ stockNumber: 'T-1' })
      .expect(404);
  });

  it('does not come back by what a phone still had of it', async () => {
    await erase('T-1').expect(200);
    const late = entriesOf([noted(5, 'roof')], WALK, 800);
    const { body } = await request(server.app)
      .post(`/api/walks/${WALK}/entries`)
      .send({ entries: late })
      .expect(404);
    expect(body.detail).toContain('A walk begins with');
  });
});
