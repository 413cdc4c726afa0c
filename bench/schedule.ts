import { type Crew, scheduleYard, type Task, type Yard } from '#core/schedule';
import { range, seeded } from '../demo/picture-maker/random';
import { ms, type Row, timed } from './row';

/** What is done to a car, in its order; minutes, or half-days where it stays. */
const JOBS = [
  ['workshop', 60],
  ['dents', 60],
  ['wheels', 75],
  ['body-shop', 2],
  ['valeter', 90],
  ['hands', 45],
  ['valeter', 120],
  ['hands', 20],
] as const;

/** A yard with so many cars of eight jobs each, a crew that has work for weeks, three trades that visit on one weekday, and a body shop. */
function yardOf(cars: number, days: number): Yard {
  const random = seeded(cars);
  const week = (open: (weekday: number) => boolean, minutes = 240) =>
    Array.from({ length: 2 * days }, (_, slot) => (open(Math.floor(slot / 2) % 7) ? minutes : 0));
  const workday = (weekday: number) => weekday < 5;
  const share = Math.max(1, Math.round(cars / 30));
  const several = (
    id: string,
    trades: readonly string[],
    minutes: readonly number[],
    n: number,
    more = {},
  ): Crew[] =>
    Array.from({ length: n }, (_, i) => ({ id: `${id} ${i}`, name: id, trades, minutes, ...more }));
  const crews: Crew[] = [
    ...several('valeter', ['valeter'], week(workday), 2 * share),
    ...several('hands', ['hands'], week(workday), share),
    ...several('workshop', ['workshop'], week(workday), share),
    ...several(
      'dents',
      ['dents'],
      week((day) => day === 3),
      share,
      { isVisiting: true as const },
    ),
    ...several(
      'wheels',
      ['wheels'],
      week((day) => day === 2),
      share,
      { isVisiting: true as const },
    ),
    ...several('body-shop', ['body-shop'], week(workday), share, { holds: 2 }),
  ];
  const all = Array.from({ length: cars }, (_, i) => ({
    id: `car ${i}`,
    daysInStock: Math.floor(range(random, 0, 120)),
    ...(random() < 0.25 && { promised: 2 * Math.floor(range(random, 10, days / 2)) }),
  }));
  const tasks = all.flatMap(({ id }) =>
    JOBS.map(
      ([trade, takes], i): Task => ({
        id: `${id} ${i}`,
        car: id,
        trade,
        minutes: trade === 'body-shop' ? 0 : Math.round(takes * range(random, 0.6, 1.4)),
        length: trade === 'body-shop' ? takes : 1,
        after: i > 0 ? [{ task: `${id} ${i - 1}`, lag: i === 4 ? 2 : 0 }] : [],
      }),
    ),
  );
  return { length: 2 * days, crews, cars: all, tasks, fixed: new Map() };
}

/** Thirty cars in two seconds, three hundred in twenty: how far the plan is from what nothing can be under, and what the search gains over the rules alone. */
export async function benchSchedule(): Promise<Row[]> {
  const rows: Row[] = [];
  for (const [cars, days, seconds] of [
    [30, 60, 2],
    [300, 60, 20],
  ] as const) {
    const yard = yardOf(cars, days);
    const rules = scheduleYard(yard, { random: seeded(1), isOver: () => true });
    let found = rules;
    const took = await timed(() => {
      const end = performance.now() + seconds * 950;
      found = scheduleYard(yard, { random: seeded(1), isOver: () => performance.now() > end });
    });
    const late = yard.cars.filter(
      ({ id, promised }) => promised !== undefined && (found.schedule.ready.get(id) ?? 1e9) > promised,
    ).length;
    rows.push({
      what: `${cars} cars of 8 jobs scheduled, ${found.tries.toLocaleString('en')} tries; ${late} promised dates missed, ${found.schedule.unplaced.size} jobs without a place`,
      measured: `${ms(took)}; cost ${found.cost.toLocaleString('en')}`,
      baseline: `${rules.cost.toLocaleString('en')} (the best of four rules); ${found.bound.toLocaleString('en')} (bound)`,
      ratio: `${((100 * found.cost) / rules.cost).toFixed(0)} % of the rules; ${((100 * (found.cost - found.bound)) / found.bound).toFixed(0)} % over the bound`,
      target: `≤ ${seconds} s`,
    });
  }
  return rows;
}
