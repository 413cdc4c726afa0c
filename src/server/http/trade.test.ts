import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { BoardPage, NewTradeLink, Sheet } from '#core/api';
import { begun, entriesOf, idOf, noted, START, WALK } from '../../../tests/builders/entries';
import { textOfPdf } from '../../../tests/builders/pdfText';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { sameYard } from '../../../tests/builders/sameYard';
import type { TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
let pictures: Record<'of' | 'other' | 'after', Buffer>;

const send = async (path: string, bytes: Buffer) =>
  request(server.app)
    .put(`${path}/${sha256Of(bytes)}`)
    .set('Content-Type', 'image/jpeg')
    .send(bytes);
const say = (entries: unknown[], from = 1) =>
  request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf(entries as never, WALK, from) })
    .expect(200);
const dent = noted(1);
const chips = noted(2, 'bonnet');

const start = sameYard(async (made) => {
  server = made;
  pictures = { of: await jpeg(1), other: await jpeg(2), after: await jpeg(3) };
  await send('/api/photos', pictures.of).then((answer) => expect(answer.status).toBeLessThan(300));
  await send('/api/photos', pictures.other);
  await say([
    begun,
    {
      ...dent,
      body: {
        ...dent.body,
        details: { lengthMm: 25, notice: 'across-the-bay', decision: { is: 'promised', by: '2026-03-20' } },
      },
    },
    {
      ...chips,
      body: {
        ...chips.body,
        kind: 'stone-chip',
        details: { count: 2, lengthMm: 2, notice: 'one-step-back' },
      },
    },
    { kind: 'photo-attached', body: { photo: sha256Of(pictures.of), role: 'what', finding: idOf(0xf001) } },
    {
      kind: 'photo-attached',
      body: { photo: sha256Of(pictures.other), role: 'what', finding: idOf(0xf002) },
    },
  ]);
  await request(server.app)
    .put(`/api/walks/${WALK}/plan`)
    .send({ standard: 'not-one-step', isOn: true })
    .expect(200);
});
beforeEach(async () => {
  server = await start();
});
afterEach(() => server.close());

const board = async (): Promise<BoardPage> => (await request(server.app).get('/api/board').expect(200)).body;
const taskOf = async (trade: string) => {
  const found = (await board()).tasks.find((task) => task.trade === trade);
  if (!found) throw new Error(`no task of the ${trade}`);
  return found;
};
const makeLink = async (crew = 'dents', days = 14): Promise<NewTradeLink> =>
  (await request(server.app).post('/api/trade-links').send({ crew, label: 'Marl', days }).expect(201)).body;
const sheetBy = async (token: string): Promise<Sheet> =>
  (await request(server.app).get(`/api/trade/${token}`).expect(200)).body.sheet;
const tell = (token: string, task: string, said: unknown) =>
  request(server.app).put(`/api/trade/${token}/work`).send({ task, said });

describe('the link of a visiting trade', () => {
  it('shows its own jobs with place, pictures, what was agreed and where the car stands, and nothing of the others', async () => {
    const { token } = await makeLink();
    const sheet = await sheetBy(token);
    expect(sheet.crew).toEqual({ id: 'dents', name: 'Dent specialist' });
    const cars = sheet.days.flatMap(({ cars: here }) => here);
    expect(cars).toHaveLength(1);
    expect(cars[0]?.map).toMatch(/^<svg xmlns=.*aria-label="Where the faults of these jobs are/);
    expect(cars[0]?.tasks).toEqual([
      expect.objectContaining({
        says: 'Paintless dent removal: nearside front door (left)',
        faults: [
          expect.objectContaining({
            number: 1,
            where: 'Nearside front door (left)',
            agreed: 'Will be put right before collection, by 20 March 2026',
            photos: [sha256Of(pictures.of)],
          }),
        ],
      }),
    ]);
    expect(JSON.stringify(sheet)).not.toContain('bonnet');
    const photo = (sha256: string) => request(server.app).get(`/api/trade/${token}/photos/${sha256}/320`);
    await photo(sha256Of(pictures.of)).expect(200);
    await photo(sha256Of(pictures.other)).expect(404);
    // Taken away from readers, it is gone at once, also from a page that was just opened.
    await say([{ kind: 'photo-withdrawn', body: { photo: sha256Of(pictures.of) } }], 60);
    await photo(sha256Of(pictures.of)).expect(404);
  });

  it('tells nobody what a buyer would pay', async () => {
    const price = { amount: 77, currency: 'GBP' };
    await say(
      [
        {
          kind: 'finding-amended',
          body: { finding: idOf(0xf001), changes: { decision: { is: 'buyer-chooses', price } } },
        },
      ],
      40,
    );
    const { token } = await makeLink();
    const sheet = await sheetBy(token);
    const text = JSON.stringify(sheet, (key, value) => (key === 'map' ? '' : value));
    expect(text).toContain('Paintless dent removal');
    expect(text).not.toContain('77');
  });

  it('takes that a job is done with a picture that came by it, and the board goes on from there', async () => {
    const { token } = await makeLink();
    const task = await taskOf('dent-specialist');
    const photos = [sha256Of(pictures.after)];
    // Only who sent a picture may name it.
    await tell(token, task.id, { says: 'done', photos: [sha256Of(pictures.other)] }).expect(422);
    await tell(token, task.id, { says: 'done', photos }).expect(422);
    expect((await send(`/api/trade/${token}/photos`, pictures.after)).status).toBe(200);
    await tell(token, task.id, { says: 'done', why: 'pulled from behind', photos }).expect(200);
    const page = await board();
    expect(page.tasks.map(({ id }) => id)).not.toContain(task.id);
    expect(page.done).toEqual([
      expect.objectContaining({
        id: task.id,
        crew: 'dents',
        work: expect.objectContaining({ says: 'done', by: 'Marl', photos }),
      }),
    ]);
    expect(page.cars[0]).toMatchObject({ jobs: page.tasks.length + 1, jobsDone: 1 });
    // It waited for Thursday; now it need not.
    expect((page.cars[0]?.ready?.day ?? '9') < '2026-03-19').toBe(true);
    // It is their word: nothing of it is in the record.
    expect(server.context.stores.walks.entriesOf(WALK)).toHaveLength(5);
    await request(server.app).get(`/api/trade/${token}/photos/${photos[0]}/320`).expect(200);
    await tell(token, task.id, null).expect(200);
    expect((await board()).tasks.map(({ id }) => id)).toContain(task.id);
  });

  it('takes that a job cannot be done with the reason alone, and the car is then on no day', async () => {
    const { token } = await makeLink();
    const task = await taskOf('dent-specialist');
    const { body } = await tell(token, task.id, { says: 'cannot' }).expect(400);
    expect(body.detail).toMatch(/Say why it cannot be done/);
    await tell(token, task.id, { says: 'cannot', why: 'the paint is cracked' }).expect(200);
    const page = await board();
    expect(page.cars[0]).toMatchObject({ waits: 'cannot be done: the paint is cracked' });
    expect(page.cars[0]).not.toHaveProperty('ready');
    expect(page.tasks.find(({ id }) => id === task.id)).not.toHaveProperty('from');
  });

  it('says nothing of jobs of others, nor of what is on no board', async () => {
    const { token } = await makeLink();
    const other = (await board()).tasks.find(({ trade }) => trade === 'own-hands');
    await tell(token, other?.id ?? '', { says: 'done' }).expect(404);
    await tell(token, 'nothing', { says: 'done' }).expect(404);
  });

  it('is withdrawn and runs out, each with its words, and opens nothing of the yard', async () => {
    const { id, token } = await makeLink('dents', 1);
    const paths = [`/api/trade/${token}`, `/api/trade/${token}/sheet.pdf`];
    for (const path of paths) await request(server.app).get(path).expect(200);
    // It is no buyer's link, and a buyer's none of a trade.
    await request(server.app).get(`/api/shared/${token}`).expect(404);
    server.context.stores.db
      .prepare('UPDATE trade_links SET expires_at = ?')
      .run(new Date(START).toISOString());
    for (const path of paths) {
      const { body } = await request(server.app).get(path).expect(410);
      expect(body.title).toBe('This link has run out');
    }
    const again = await makeLink();
    await request(server.app).delete(`/api/trade-links/${again.id}`).expect(200);
    const { body } = await request(server.app).get(`/api/trade/${again.token}`).expect(410);
    expect(body.detail).toMatch(/withdrawn this link. Ask them for a new one/);
    const task = await taskOf('dent-specialist');
    await tell(again.token, task.id, { says: 'done' }).expect(410);
    expect((await send(`/api/trade/${again.token}/photos`, pictures.after)).status).toBe(410);
    const { links } = (await request(server.app).get('/api/trade-links').expect(200)).body;
    expect(links.map((link: { id: string }) => link.id).toSorted()).toEqual([id, again.id].toSorted());
    expect(JSON.stringify(links)).not.toContain(token);
    const kept = server.context.stores.db.prepare('SELECT token_hash FROM trade_links').all();
    expect(JSON.stringify(kept)).not.toContain(token);
  });

  it('is refused for nobody of the crew, for no days and for too many', async () => {
    const make = (body: object) =>
      request(server.app)
        .post('/api/trade-links')
        .send({ crew: 'dents', label: 'Marl', days: 14, ...body });
    expect((await make({ crew: 'nobody' }).expect(422)).body.detail).toMatch(/Choose one of the crew/);
    expect((await make({ days: 0 }).expect(400)).body.detail).toMatch(/a day at least/);
    expect((await make({ days: 400 }).expect(400)).body.detail).toMatch(/92 days at most/);
    expect((await make({ label: ' ' }).expect(400)).body.detail).toMatch(/whom the link is for/);
  });
});

describe('a job sheet', () => {
  it('is printed with its cars, jobs, what was agreed and the cautions', async () => {
    const task = await taskOf('dent-specialist');
    const { body } = await request(server.app)
      .get(`/api/board/dents/sheet.pdf?day=${task.from?.day}`)
      .buffer(true)
      .parse((answer, done) => {
        const chunks: Buffer[] = [];
        answer.on('data', (chunk: Buffer) => chunks.push(chunk));
        answer.on('end', () => done(null, Buffer.concat(chunks)));
      })
      .expect(200);
    const text = textOfPdf(body);
    for (const says of [
      'Job sheet: Dent specialist',
      'Paintless dent removal',
      'Agreed: Will be put right',
      'Local law',
    ])
      expect(text).toContain(says);
  });

  it('of another day is empty, and of somebody who is none is refused', async () => {
    const empty = await request(server.app).get('/api/board/dents/sheet?day=2026-03-15').expect(200);
    expect(empty.body.days).toEqual([]);
    await request(server.app).get('/api/board/nobody/sheet').expect(404);
    await request(server.app).get('/api/board/dents/sheet?day=someday').expect(400);
  });

  it('goes with its car when that is erased, with the pictures that came for it', async () => {
    const { token } = await makeLink();
    const task = await taskOf('dent-specialist');
    await send(`/api/trade/${token}/photos`, pictures.after);
    await tell(token, task.id, { says: 'done', photos: [sha256Of(pictures.after)] }).expect(200);
    const [car] = server.context.stores.cars.all();
    await request(server.app)
      .post(`/api/cars/${car?.id}/erasing`)
      .send({ stockNumber: car?.stockNumber })
      .expect(200);
    expect(server.context.stores.work.ofWalk(WALK)).toEqual([]);
    await request(server.app)
      .get(`/api/trade/${token}/photos/${sha256Of(pictures.after)}/320`)
      .expect(404);
  });
});
