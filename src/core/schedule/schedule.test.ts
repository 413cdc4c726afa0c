import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkYard } from './checkYard';
import { rescheduleYard, scheduleYard } from './improve';
import { lowerBound } from './lowerBound';
import { type CarWanted, type Crew, HALF_DAY_MIN, type Schedule, type Task, type Yard } from './schedule';
import { costOf } from './worth';

const SLOTS = 20;
const always = (minutes: number): number[] => Array.from({ length: SLOTS }, () => minutes);
const on = (days: readonly number[], minutes = 240): number[] =>
  Array.from({ length: SLOTS }, (_, slot) => (days.includes(Math.floor(slot / 2)) ? minutes : 0));
const task = (car: string, trade: string, minutes: number, more: Partial<Task> = {}): Task => ({
  id: `${car} ${trade}`,
  car,
  trade,
  minutes,
  length: 1,
  after: [],
  ...more,
});
const behind = (...tasks: string[]) => ({ after: tasks.map((id) => ({ task: id, lag: 0 })) });
const car = (id: string, more: Partial<CarWanted> = {}): CarWanted => ({ id, daysInStock: 10, ...more });
const valeter: Crew = { id: 'bay', name: 'Bay', trades: ['valet'], minutes: always(240) };
const dents: Crew = { id: 'dents', name: 'Dents', trades: ['dents'], minutes: on([3, 5]), isVisiting: true };
const bodyShop: Crew = {
  id: 'shop',
  name: 'Shop',
  trades: ['paint'],
  minutes: on([0, 1, 2, 5, 6, 7, 8]),
  holds: 1,
};
const yardOf = (cars: readonly CarWanted[], tasks: readonly Task[], more: Partial<Yard> = {}): Yard => ({
  length: SLOTS,
  crews: [valeter, dents, bodyShop],
  cars,
  tasks,
  fixed: new Map(),
  ...more,
});
/** A fixed run of numbers. */
const numbers = (seed: number) => () => {
  seed = (seed * 16_807) % 2_147_483_647;
  return seed / 2_147_483_647;
};
const plan = (yard: Yard, most = 300) =>
  scheduleYard(yard, { random: numbers(7), isOver: () => false, most }).schedule;
const startOf = (schedule: Schedule, id: string) => schedule.placed.get(id)?.start;

describe('a schedule', () => {
  it('puts dents before paint before polish with its curing, and tells what each waits for', () => {
    const yard = yardOf(
      [car('a')],
      [
        task('a', 'dents', 60),
        task('a', 'paint', 0, { length: 2, ...behind('a dents') }),
        task('a', 'valet', 150, { after: [{ task: 'a paint', lag: 2 }] }),
      ],
    );
    const { placed, ready } = plan(yard);
    // The dent man comes on the fourth day; the shop opens on the sixth, and works a day; the paint cures a day.
    expect(placed.get('a dents')).toMatchObject({ start: 6, because: { for: 'crew-away', trade: 'dents' } });
    expect(placed.get('a paint')).toMatchObject({
      start: 10,
      end: 11,
      because: { for: 'crew-away', trade: 'paint' },
    });
    expect(placed.get('a valet')).toMatchObject({ start: 14, because: { for: 'curing', task: 'a paint' } });
    expect(ready.get('a')).toBe(14);
  });

  it('a car at the body shop is worked on by nobody else, also over the days it is shut', () => {
    const yard = yardOf([car('a')], [task('a', 'paint', 0, { length: 8 }), task('a', 'valet', 30)], {
      crews: [{ ...valeter, minutes: [0, ...always(240).slice(1)] }, bodyShop],
    });
    const { placed } = plan(yard);
    const [stay, valet] = [placed.get('a paint'), placed.get('a valet')];
    expect(valet && stay && (valet.start < stay.start || valet.start > stay.end)).toBe(true);
  });

  it('keeps a promise before an older car', () => {
    const yard = yardOf(
      [car('old', { daysInStock: 90 }), car('sold', { daysInStock: 1, promised: 0 })],
      [task('old', 'valet', 200), task('sold', 'valet', 200)],
    );
    expect([...plan(yard).ready]).toEqual(
      [
        ['sold', 0],
        ['old', 1],
      ].toSorted(),
    );
  });

  it('has two cars share the visit of one day rather than pay for two', () => {
    const early: Crew = { ...dents, minutes: on([0, 1]) };
    const yard = yardOf([car('a'), car('b', { from: 2 })], [task('a', 'dents', 60), task('b', 'dents', 60)], {
      crews: [early],
    });
    expect(plan(yard).visits).toBe(2);
    // Where it costs nobody a day, one visit is enough.
    const same = yardOf([car('a'), car('b')], [task('a', 'dents', 60), task('b', 'dents', 60)], {
      crews: [early],
    });
    expect(plan(same).visits).toBe(1);
  });

  it('says of what has no place that nobody does it, or that they are full', () => {
    const yard = yardOf(
      [car('a'), car('b')],
      [task('a', 'glass', 30), task('b', 'valet', 200), task('a', 'valet', 200, behind('a glass'))],
      { crews: [{ ...valeter, minutes: [0, 100] }] },
    );
    const { unplaced, ready } = plan(yard);
    expect(Object.fromEntries(unplaced)).toEqual({
      'a glass': { for: 'crew-away', trade: 'glass' },
      'a valet': { for: 'task', task: 'a glass' },
      'b valet': { for: 'crew-busy', trade: 'valet' },
    });
    expect(ready.size).toBe(0);
  });

  it('with nothing to do is empty', () => {
    expect(plan(yardOf([], [])).placed.size).toBe(0);
  });
});

describe('a schedule made anew', () => {
  const tasks = ['a', 'b', 'c', 'd'].flatMap((id) => [
    task(id, 'dents', 100),
    task(id, 'valet', 120, behind(`${id} dents`)),
  ]);
  const yard = yardOf(
    ['a', 'b', 'c', 'd'].map((id) => car(id)),
    tasks,
  );

  it('moves nothing where nothing changed', () => {
    const { placed } = plan(yard);
    const again = rescheduleYard(yard, placed);
    for (const [id, { start, crew }] of placed) expect(again.placed.get(id)).toMatchObject({ start, crew });
  });

  it('moves only what a job put to another day pushes, and tells by whom it was put', () => {
    const before = plan(yard);
    const moved =
      [...before.placed.values()].find(({ task: id, start }) => id.endsWith('dents') && start < 10)?.task ??
      '';
    const fixed = new Map([[moved, { crew: 'dents', start: 11 }]]);
    const after = rescheduleYard({ ...yard, fixed }, before.placed);
    expect(after.placed.get(moved)).toMatchObject({ start: 11, because: { for: 'hand' } });
    const others = [...before.placed.values()].filter(({ task: id }) => !id.startsWith(moved[0] ?? ''));
    for (const { task: id, start } of others) expect([id, startOf(after, id)]).toEqual([id, start]);
  });
});

describe('what cannot be scheduled', () => {
  it.each([
    [
      { tasks: [task('a', 'valet', 10, behind('a dents')), task('a', 'dents', 10, behind('a valet'))] },
      'in a circle',
    ],
    [{ tasks: [task('a', 'valet', 241)] }, 'half a day at most'],
    [{ tasks: [task('a', 'valet', 10, behind('b dents')), task('b', 'dents', 10)] }, 'another car’s'],
    [{ tasks: [task('a', 'valet', 10, behind('a glass'))] }, 'which is not there'],
    [{ fixed: new Map([['a valet', { crew: 'bay', start: 99 }]]) }, 'outside of the schedule'],
    [{ fixed: new Map([['a valet', { crew: 'nobody', start: 1 }]]) }, 'somebody who is not there'],
    [{ length: 0 }, 'a day at least'],
  ])('%o: says %s', (change, says) => {
    const yard = yardOf([car('a'), car('b')], [task('a', 'valet', 10)], change as Partial<Yard>);
    expect(checkYard(yard).join(' ')).toContain(says);
  });

  it('is nothing of what is in order', () => {
    expect(
      checkYard(yardOf([car('a')], [task('a', 'valet', 10), task('a', 'dents', 10, behind('a valet'))])),
    ).toEqual([]);
  });
});

describe('whatever there is to do', () => {
  const anyYard = fc
    .record({
      cars: fc.array(
        fc.record({
          promised: fc.option(fc.nat(SLOTS), { nil: undefined }),
          from: fc.nat(4),
          days: fc.nat(90),
        }),
        { minLength: 1, maxLength: 4 },
      ),
      tasks: fc.array(
        fc.record({
          car: fc.nat(3),
          trade: fc.constantFrom('valet', 'dents', 'paint'),
          minutes: fc.integer({ min: 5, max: HALF_DAY_MIN }),
          length: fc.integer({ min: 1, max: 4 }),
          lag: fc.nat(2),
          isAfter: fc.boolean(),
        }),
        { maxLength: 12 },
      ),
      seed: fc.integer({ min: 1, max: 1e6 }),
      fixed: fc.option(fc.nat(SLOTS - 1), { nil: undefined }),
    })
    .map(({ cars, tasks, seed, fixed }) => {
      const all = tasks.map(({ car: n, trade, minutes, length, lag, isAfter }, i): Task => {
        const owner = n % cars.length;
        const last = tasks.slice(0, i).findLastIndex((other) => other.car % cars.length === owner);
        return {
          ...task(`car ${owner}`, trade, trade === 'paint' ? 0 : minutes),
          id: `task ${i}`,
          length: trade === 'paint' ? length : 1,
          after: isAfter && last >= 0 ? [{ task: `task ${last}`, lag }] : [],
        };
      });
      const wanted = cars.map(({ promised, from, days }, i) => ({
        id: `car ${i}`,
        daysInStock: days,
        from,
        ...(promised !== undefined && { promised }),
      }));
      const valet = all.find(({ trade, after: before }) => trade === 'valet' && before.length === 0);
      const held =
        valet && fixed !== undefined ? new Map([[valet.id, { crew: 'bay', start: fixed }]]) : new Map();
      return { yard: yardOf(wanted, all, { fixed: held }), seed };
    });

  it('everybody has the time, every car is in one place, the order and what is fixed hold, and no schedule is under the bound', () => {
    fc.assert(
      fc.property(anyYard, ({ yard, seed }) => {
        const { schedule, cost, bound } = scheduleYard(yard, {
          random: numbers(seed),
          isOver: () => false,
          most: 30,
        });
        expect(bound).toBe(lowerBound(yard));
        expect(cost).toBe(costOf(yard, schedule));
        expect(cost).toBeGreaterThanOrEqual(bound);
        expect(schedule.placed.size + schedule.unplaced.size).toBe(yard.tasks.length);
        const at = (id: string) => schedule.placed.get(id);
        for (const { id, after: before, car: owner } of yard.tasks) {
          const mine = at(id);
          if (!mine || yard.fixed.has(id)) continue;
          expect(mine.start).toBeGreaterThanOrEqual(yard.cars.find((each) => each.id === owner)?.from ?? 0);
          for (const { task: other, lag } of before)
            expect(mine.start).toBeGreaterThan((at(other)?.end ?? Number.POSITIVE_INFINITY) + lag);
        }
        for (const [id, { start }] of yard.fixed) expect(at(id)?.start).toBe(start);
        const free = yard.tasks.filter(({ id }) => !yard.fixed.has(id));
        for (let slot = 0; slot < SLOTS; slot++) {
          const inSlot = free.flatMap((each) => {
            const place = at(each.id);
            return place && place.start <= slot && slot <= place.end ? [{ ...each, crew: place.crew }] : [];
          });
          for (const { id, minutes, holds } of yard.crews) {
            const mine = inSlot.filter(({ crew }) => crew === id);
            if (holds === undefined)
              expect(mine.reduce((sum, each) => sum + each.minutes, 0)).toBeLessThanOrEqual(
                minutes[slot] ?? 0,
              );
            else expect(mine.length).toBeLessThanOrEqual(holds);
          }
          for (const { id } of yard.cars) {
            const mine = inSlot.filter((each) => each.car === id);
            const isAway = mine.some(({ trade }) => trade === 'paint');
            if (isAway) expect(mine).toHaveLength(1);
            else expect(mine.reduce((sum, each) => sum + each.minutes, 0)).toBeLessThanOrEqual(HALF_DAY_MIN);
          }
        }
      }),
      { numRuns: 60 },
    );
  });

  it('the same seed makes the same schedule', () => {
    fc.assert(
      fc.property(anyYard, ({ yard, seed }) => {
        const twice = [1, 2].map(() =>
          scheduleYard(yard, { random: numbers(seed), isOver: () => false, most: 20 }),
        );
        expect([...(twice[0]?.schedule.placed ?? [])]).toEqual([...(twice[1]?.schedule.placed ?? [])]);
      }),
      { numRuns: 20 },
    );
  });
});
