import { unlinkSync } from 'node:fs';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { WalkFile } from '#core/exchange';
import { houseTable } from '#core/judge';
import { usualPrices } from '#core/plan';
import { houseSpots } from '#core/weakSpots';
import { details } from '../../../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { filesIn, zipOf } from '../../../tests/builders/zips';

const REPORT = idOf(0xf0f0);
const OTHER = idOf(0xca2);

let server: TestServer;
let another: TestServer;
let photo: Buffer;
beforeEach(async () => {
  server = await startTestServer();
  another = await startTestServer(false);
  photo = await jpeg(5);
  const hash = sha256Of(photo);
  await request(server.app)
    .put(`/api/photos/${hash}`)
    .set('Content-Type', 'image/jpeg')
    .send(photo)
    .expect(200);
  await request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({
      entries: entriesOf([
        begun,
        noted(1, 'door-fl'),
        { kind: 'photo-attached', body: { photo: hash, role: 'where', part: 'door-fl' } },
      ]),
    })
    .expect(200);
  await request(server.app).post(`/api/walks/${WALK}/reports`).send({ id: REPORT }).expect(201);
  // One that nobody has walked.
  await request(server.app)
    .post('/api/cars')
    .send({ id: OTHER, details: { ...details, stockNumber: 'T-2', make: '=HYPERLINK("x")' } })
    .expect(201);
});
afterEach(async () => {
  await server.close();
  await another.close();
});

const everything = async (of: TestServer): Promise<Buffer> => {
  const { body } = await request(of.app)
    .get('/api/yard/everything.zip')
    .buffer(true)
    .parse((answer, done) => {
      const parts: Buffer[] = [];
      answer.on('data', (part: Buffer) => parts.push(part));
      answer.on('end', () => done(null, Buffer.concat(parts)));
      answer.on('close', () => done(new Error('broken off'), undefined));
    })
    .expect(200);
  return body as Buffer;
};
const takeIn = (into: TestServer, zip: Buffer) =>
  request(into.app).post('/api/imports/yard').set('Content-Type', 'application/zip').send(zip);

/** What another yard must have of it, told by its own answers. */
async function told(by: TestServer) {
  const get = async (path: string) => (await request(by.app).get(path).expect(200)).body;
  const { exportedAt: _, ...walk } = (await get(`/api/walks/${WALK}/export`)) as WalkFile;
  const { report, sha256 } = await get(`/api/reports/${REPORT}`);
  const { cars } = await get('/api/cars');
  return {
    walk: { ...walk, car: undefined, photos: walk.photos.map((each) => each.sha256) },
    report,
    sha256,
    cars: cars
      .map(({ car }: { car: { id: string; createdAt: string } }) => [car.id, car.createdAt])
      .toSorted(),
    yard: await get('/api/yard'),
  };
}

describe('everything of a yard', () => {
  it('goes out in open formats, each file what it says it is', async () => {
    await request(server.app).put('/api/prices').send(usualPrices('GBP')).expect(200);
    const files = await filesIn(await everything(server));
    const names = [...files.keys()].toSorted();
    expect(names).toEqual([
      'README.txt',
      'cars.csv',
      `photos/${sha256Of(photo)}.jpeg`,
      'prices.json',
      expect.stringMatching(/^reports\/T-1-revision-1-0000f0f0\.pdf$/),
      expect.stringMatching(/^walks\/T-1-018f0000\/findings\.csv$/),
      'walks/T-1-018f0000/walk.json',
      'yard.json',
    ]);
    // As it was taken, to the byte.
    expect(sha256Of(files.get(`photos/${sha256Of(photo)}.jpeg`) as Buffer)).toBe(sha256Of(photo));
    const pdf = files.get(names.find((name) => name.endsWith('.pdf')) as string) as Buffer;
    expect(pdf.toString('latin1', 0, 5)).toBe('%PDF-');
    expect(files.get('README.txt')?.toString()).toContain('2 cars, 1 walks, 1 reports, 1 photos');
    // Nothing in a table is a formula (common practice: a cell beginning with = + - @ is kept from being one).
    expect(files.get('cars.csv')?.toString()).toContain(`"'=HYPERLINK(""x"")`);
    for (const [name, bytes] of files) if (name.endsWith('.json')) JSON.parse(bytes.toString());
    const all = Buffer.concat([...files.values()]).toString('latin1');
    expect(all).not.toContain('argon2');
  });

  it('takes what is usual, weak spots and mornings along; what is set there stays, and the same again changes nothing', async () => {
    const rows = houseTable.rows.map((row, n) => (n === 0 ? { ...row, expected: 3, setBy: 'yard' } : row));
    await request(server.app).put('/api/expectations').send({ rows }).expect(200);
    const own = { ...houseSpots[0], id: 'own', title: 'Own', setBy: 'yard' };
    await request(server.app)
      .put('/api/weak-spots')
      .send({ spots: [...houseSpots, own] })
      .expect(200);
    const at = server.context.now().toISOString();
    const look = { id: idOf(0x10c1), car: CAR, at, day: at.slice(0, 10), level: 'level' };
    await request(server.app)
      .post('/api/mornings')
      .send({ looks: [look] })
      .expect(200);
    const zip = await everything(server);
    for (let times = 0; times < 2; times += 1)
      expect((await takeIn(another, zip).expect(201)).body).toMatchObject({ refused: [] });
    const read = async (path: string) => (await request(another.app).get(path).expect(200)).body;
    expect((await read('/api/expectations')).table.rows[0].expected).toBe(3);
    expect((await read('/api/weak-spots')).spots).toHaveLength(houseSpots.length + 1);
    expect((await read(`/api/cars/${CAR}/mornings`)).looks).toMatchObject([{ level: 'level' }]);
  });

  it('takes the words of the house along; one that stands for something else there stays as it is', async () => {
    const teach = (of: TestServer, word: string, means: string) =>
      request(of.app).put('/api/words').send({ word, means }).expect(200);
    await teach(server, 'gubbins', 'wiper');
    await teach(server, 'wotsit', 'grille');
    await teach(another, 'wotsit', 'sill');
    const zip = await everything(server);
    const { 'words.json': file } = Object.fromEntries(await filesIn(zip));
    expect(JSON.parse(String(file))).toEqual([
      { word: 'gubbins', means: 'wiper' },
      { word: 'wotsit', means: 'grille' },
    ]);
    await takeIn(another, zip).expect(201);
    expect((await request(another.app).get('/api/words')).body).toEqual([
      { word: 'gubbins', means: 'wiper' },
      { word: 'wotsit', means: 'sill' },
    ]);
  });

  it('comes in elsewhere as it was: log, frozen report with its fingerprint, photo, cars, settings', async () => {
    // What is there to be read is in nobody's way.
    await request(server.app).put('/api/prices').send(usualPrices('GBP')).expect(200);
    await request(server.app)
      .put('/api/yard')
      .send({
        name: 'Brindle & Tew',
        place: 'Quay 1',
        phone: '01632 960104',
        policy: 'Every car is serviced.',
      })
      .expect(200);
    const { body } = await takeIn(another, await everything(server)).expect(201);
    expect(body).toEqual({ cars: 2, walks: 1, photos: 1, recordings: 0, refused: [] });
    expect(await told(another)).toEqual(await told(server));
    await request(another.app)
      .get(`/api/photos/${sha256Of(photo)}/1600`)
      .expect(200);
    // Once more adds nothing, and loses nothing.
    const { body: again } = await takeIn(another, await everything(server)).expect(201);
    expect(again).toEqual({ cars: 0, walks: 0, photos: 0, recordings: 0, refused: [] });
    expect(await told(another)).toEqual(await told(server));
  });

  it('leaves what a yard has gone on with, and says so', async () => {
    const zip = await everything(server);
    await takeIn(another, zip).expect(201);
    const more = entriesOf([noted(9, 'roof')], WALK, 900);
    await request(another.app).post(`/api/walks/${WALK}/entries`).send({ entries: more }).expect(200);
    const { body } = await takeIn(another, zip).expect(201);
    expect(body.refused).toEqual([
      { file: 'walks/T-1-018f0000/walk.json', why: expect.stringContaining('has gone on since') },
    ]);
    // Its own settings stay.
    expect((await request(another.app).get(`/api/cars/${CAR}`).expect(200)).body.walks).toHaveLength(1);
  });

  it('refuses what is none in words, and takes nothing', async () => {
    const cases: [Buffer, RegExp][] = [
      [Buffer.from('no zip at all'), /This is not a ZIP/],
      [await zipOf({ 'walk.json': '{}' }), /There is no yard in this ZIP/],
      [await zipOf({ 'yard.json': '{' }), /not a ZIP, or it was cut short/],
      [await zipOf({ 'yard.json': '{"format":"zelk-yard","version":99}' }), /a newer Zelk/],
      [await zipOf({ 'yard.json': '{"format":"zelk-yard","version":1}' }), /yard.json is damaged/],
    ];
    for (const [zip, says] of cases) {
      const { body, status } = await takeIn(another, zip);
      expect([status >= 400 && status < 500, body.detail]).toEqual([true, expect.stringMatching(says)]);
    }
    expect((await request(another.app).get('/api/cars').expect(200)).body.cars).toEqual([]);
  });

  it('says what of a photo was wrong, and takes the rest', async () => {
    const files = await filesIn(await everything(server));
    const name = `photos/${sha256Of(photo)}.jpeg`;
    files.set(name, Buffer.concat([files.get(name) as Buffer, Buffer.from('x')]));
    const { body } = await takeIn(another, await zipOf(Object.fromEntries(files))).expect(201);
    expect(body).toMatchObject({ cars: 2, walks: 1, photos: 0, refused: [{ file: name }] });
  });

  it('ends where a file of the yard is gone, without an unfinished ZIP that looks whole', async () => {
    unlinkSync(server.context.files.original(sha256Of(photo)));
    await expect(everything(server)).rejects.toThrow();
  });
});
