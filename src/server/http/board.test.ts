import ICAL from 'ical.js';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { BoardPage } from '#core/api';
import { usualCrew } from '#core/schedule';
import { begun, entriesOf, noted, START, WALK } from '../../../tests/builders/entries';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
  const promised = noted(1);
  const facts = [
    begun,
    {
      ...promised,
      body: {
        ...promised.body,
        details: { lengthMm: 25, notice: 'across-the-bay', decision: { is: 'promised', by: '2026-03-16' } },
      },
    },
  ];
  await request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf(facts as never) })
    .expect(200);
});
afterEach(() => server.close());

const wish = { standard: 'not-one-step', isOn: true };
const putOn = () => request(server.app).put(`/api/walks/${WALK}/plan`).send(wish).expect(200);
const board = async (): Promise<BoardPage> => (await request(server.app).get('/api/board').expect(200)).body;
const dent = ({ tasks }: BoardPage) => tasks.find(({ trade }) => trade === 'dent-specialist');

describe('the board', () => {
  it('is empty until a car is put on it, and says who does it by house figures', async () => {
    const page = await board();
    expect(page).toMatchObject({ cars: [], tasks: [], isCrewSet: false, crew: usualCrew });
    expect(page.days[0]).toBe(new Date(START).toISOString().slice(0, 10));
  });

  it('has the jobs of a car’s plan with the last valet, pictures and second walk, the day it is ready, and why it is late', async () => {
    await putOn();
    const page = await board();
    expect(page.tasks.map(({ says }) => says)).toEqual([
      'Paintless dent removal: nearside front door (left)',
      'Last valet',
      'Pictures and second walk',
    ]);
    // The 14th is a Saturday; the dent specialist comes on Thursdays.
    expect(dent(page)).toMatchObject({ crew: 'dents', from: { day: '2026-03-19', half: 0 } });
    expect(page.cars).toEqual([
      expect.objectContaining({
        walk: WALK,
        promised: '2026-03-16',
        ready: { day: '2026-03-20', half: 0 },
        lateDays: 4,
        waits: 'waits for the dent specialist, next on 19 Mar 2026',
      }),
    ]);
  });

  it('counts days late from the day that was promised, though it has passed', async () => {
    await putOn();
    const [finding] = server.context.stores.walks
      .entriesOf(WALK)
      .flatMap((entry) => (entry.kind === 'finding-noted' ? [entry.body.finding] : []));
    const earlier = {
      kind: 'finding-amended',
      body: { finding, changes: { decision: { is: 'promised', by: '2026-03-10' } } },
    };
    await request(server.app)
      .post(`/api/walks/${WALK}/entries`)
      .send({ entries: entriesOf([earlier] as never, WALK, 40) })
      .expect(200);
    // Ready on the 20th.
    expect((await board()).cars[0]).toMatchObject({ promised: '2026-03-10', lateDays: 10 });
  });

  it('has a car once, by its newest walk', async () => {
    await putOn();
    const second = '018f0000-0000-7000-8000-0000000000ab';
    const again = entriesOf([begun], second, 90).map((entry) => ({
      ...entry,
      at: new Date(START + 60_000).toISOString(),
    }));
    await request(server.app).post(`/api/walks/${second}/entries`).send({ entries: again }).expect(200);
    expect((await board()).cars).toEqual([]);
    await request(server.app).put(`/api/walks/${second}/plan`).send(wish).expect(200);
    expect((await board()).cars.map(({ walk }) => walk)).toEqual([second]);
  });

  it('is planned for a while, stays as it is then, and is the same when nothing changed', async () => {
    await putOn();
    const { body } = await request(server.app).post('/api/board/planned').send({}).expect(200);
    expect(await board()).toEqual(body.board);
    expect(body.tries).toBeGreaterThan(0);
    expect(body.atMostBetter).toBeGreaterThanOrEqual(0);
  });

  it('has a car ready by the day it is collected on, as by a promise, and says which of the two it is', async () => {
    const collect = (collectOn: string) =>
      request(server.app)
        .put(`/api/walks/${WALK}/plan`)
        .send({ ...wish, collectOn });
    await collect('2026-03-15').expect(200);
    expect((await board()).cars[0]).toMatchObject({
      promised: '2026-03-15',
      isForCollection: true,
      lateDays: 5,
    });
    await collect('2026-04-15').expect(200);
    expect((await board()).cars[0]).toMatchObject({ promised: '2026-03-16', isForCollection: false });
    expect((await collect('soon').expect(400)).body.detail).toMatch(/A date is written like/);
  });

  it('lets a job be put to another day, says what that breaks, and lets it go again', async () => {
    await putOn();
    const crew = usualCrew.members.map((member) =>
      member.id === 'dents' ? { ...member, weekdays: [0, 3] } : member,
    );
    await request(server.app)
      .put('/api/crew')
      .send({ ...usualCrew, members: crew })
      .expect(200);
    const task = dent(await board())?.id;
    expect((await board()).cars[0]).toMatchObject({ lateDays: 1 });
    const move = (to: object | null) => request(server.app).put('/api/board/place').send({ task, to });
    const { body } = await move({ crew: 'dents', day: '2026-03-26', half: 0 }).expect(200);
    expect(body.effects).toEqual([
      expect.stringMatching(/is 11 days late for what was promised by 16 Mar 2026\.$/),
      '2 other jobs move with it.',
    ]);
    expect(dent(await board())).toMatchObject({
      isFixed: true,
      from: { day: '2026-03-26', half: 0 },
      waits: 'put there by hand',
    });
    await move(null).expect(200);
    expect(dent(await board())).toMatchObject({ isFixed: false });

    for (const [to, says] of [
      [{ crew: 'dents', day: '2026-03-10', half: 0 }, 'That day has passed'],
      [{ crew: 'dents', day: '2026-03-17', half: 0 }, 'is not here then'],
      [{ crew: 'hands', day: '2026-03-16', half: 0 }, 'do not do this work'],
      [{ crew: 'dents', day: '2027-03-16', half: 0 }, 'The board ends on'],
    ] as const)
      expect((await move(to).expect(422)).body.detail).toContain(says);
  });

  it('loses nothing of what is put there while it is planned anew', async () => {
    await putOn();
    const task = dent(await board())?.id;
    const move = (to: object | null) =>
      request(server.app).put('/api/board/place').send({ task, to }).expect(200);
    await move({ crew: 'dents', day: '2026-03-26', half: 0 });
    // Whoever searches is busy for a while; who works out a plan is not.
    const { pool } = server.context;
    const run = pool.run.bind(pool) as (job: string, input: unknown) => Promise<unknown>;
    const search = vi.spyOn(pool, 'run').mockImplementation((async (job: string, input: unknown) => {
      if (job === 'schedule') await new Promise((over) => setTimeout(over, 400));
      return run(job, input);
    }) as never);
    const plan = request(server.app)
      .post('/api/board/planned')
      .send({})
      .expect(200)
      .then(() => {});
    await vi.waitFor(() => expect(search).toHaveBeenCalledWith('schedule', expect.anything()));
    await Promise.all([plan, move(null)]);
    expect(dent(await board())).toMatchObject({ isFixed: false });
  });

  it('is a calendar for everybody who does something, as an independent reader of RFC 5545 reads it', async () => {
    await putOn();
    const { text, headers } = await request(server.app).get('/api/board/dents/calendar.ics').expect(200);
    expect(headers['content-type']).toMatch(/^text\/calendar/);
    const events = new ICAL.Component(ICAL.parse(text))
      .getAllSubcomponents('vevent')
      .map((each) => new ICAL.Event(each));
    expect(
      events.map(({ summary, startDate, endDate }) => [summary, startDate.toString(), endDate.toString()]),
    ).toEqual([
      [
        'T-1: Paintless dent removal: nearside front door (left)',
        '2026-03-19T08:00:00',
        '2026-03-19T08:25:00',
      ],
    ]);
    // No zone: eight in the morning by whoever's clock.
    expect(text).toContain('DTSTART:20260319T080000\r\n');
    expect(
      (await request(server.app).get('/api/board/nobody/calendar.ics').expect(404)).body.detail,
    ).toContain('taken off');
    const empty = await request(server.app).get('/api/board/trim/calendar.ics').expect(200);
    expect(ICAL.parse(empty.text)[0]).toBe('vcalendar');
  });

  it('says of work nobody does that it has no place, and has no day for the car', async () => {
    await putOn();
    const members = usualCrew.members.filter(({ id }) => id !== 'dents');
    await request(server.app)
      .put('/api/crew')
      .send({ ...usualCrew, members })
      .expect(200);
    const page = await board();
    expect(dent(page)).toMatchObject({ waits: 'nobody does the work of the dent specialist in these weeks' });
    expect(page.cars[0]?.ready).toBeUndefined();
  });
});
