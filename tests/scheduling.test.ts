import { describe, expect, it } from 'vitest';
import {
  type Crew,
  costOf,
  HALF_DAY_MIN,
  lateOf,
  scheduleYard,
  type Task,
  WEIGHTS,
  type Yard,
} from '#core/schedule';
import { range, seeded } from '../demo/picture-maker/random';
import { solve } from '../src/server/jobs/solve';

const SLOTS = 12;
const TRADES = ['valeter', 'dent-specialist', 'workshop'] as const;

/** A small yard: two or three cars with up to four tasks each in an order, three trades, one of them visiting on some days. */
function smallYard(seed: number): Yard {
  const random = seeded(seed);
  const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)] as T;
  const cars = Array.from({ length: 2 + Math.floor(random() * 2) }, (_, i) => ({
    id: `car ${i}`,
    daysInStock: Math.floor(range(random, 0, 60)),
    ...(random() < 0.6 && { promised: 3 + Math.floor(range(random, 0, 7)) }),
    ...(random() < 0.3 && { from: Math.floor(range(random, 0, 3)) }),
  }));
  const tasks = cars.flatMap(({ id }): Task[] => {
    const n = 2 + Math.floor(random() * 3);
    return Array.from({ length: n }, (_, i) => ({
      id: `${id} task ${i}`,
      car: id,
      trade: pick(TRADES),
      minutes: pick([60, 90, 120, 150, 200]),
      length: 1,
      after: i > 0 && random() < 0.7 ? [{ task: `${id} task ${i - 1}`, lag: random() < 0.2 ? 2 : 0 }] : [],
    }));
  });
  const always = (minutes: number) => Array.from({ length: SLOTS }, () => minutes);
  const someDays = Array.from({ length: SLOTS / 2 }, () => random() < 0.5);
  someDays[SLOTS / 2 - 1] = true;
  const crews: Crew[] = [
    { id: 'bay', name: 'Bay', trades: ['valeter'], minutes: always(240) },
    { id: 'hands', name: 'Hands', trades: ['workshop'], minutes: always(200) },
    {
      id: 'dents',
      name: 'Dents',
      trades: ['dent-specialist'],
      isVisiting: true,
      minutes: someDays.flatMap((is) => (is ? [240, 240] : [0, 0])),
    },
  ];
  return { length: SLOTS, crews, cars, tasks, fixed: new Map() };
}

/** The same yard as an integer program, every half-day a choice: its optimum, by HiGHS. */
async function optimum({ crews, cars, tasks, length }: Yard): Promise<{ cost: number; late: number }> {
  const rows: string[] = [];
  const binary: string[] = [];
  const places = tasks.map((task, t) =>
    crews.flatMap((crew, c) =>
      crew.trades.includes(task.trade)
        ? crew.minutes.flatMap((minutes, s) =>
            minutes >= task.minutes && s >= (cars.find(({ id }) => id === task.car)?.from ?? 0)
              ? [{ x: `x${t}_${c}_${s}`, c, s }]
              : [],
          )
        : [],
    ),
  );
  places.forEach((all) => {
    binary.push(...all.map(({ x }) => x));
    rows.push(`${all.map(({ x }) => x).join(' + ')} = 1`);
  });
  const sum = (of: (t: number, place: { c: number; s: number }) => boolean) =>
    places
      .flatMap((all, t) => all.filter((place) => of(t, place)).map(({ x }) => `${tasks[t]?.minutes} ${x}`))
      .join(' + ');
  for (let s = 0; s < length; s++) {
    crews.forEach((crew, c) => {
      const used = sum((_, place) => place.c === c && place.s === s);
      if (used) rows.push(`${used} <= ${crew.minutes[s]}`);
    });
    for (const car of cars) {
      const used = sum((t, place) => tasks[t]?.car === car.id && place.s === s);
      if (used) rows.push(`${used} <= ${HALF_DAY_MIN}`);
    }
  }
  const slotOf = (t: number, sign: string) =>
    (places[t] ?? []).flatMap(({ x, s }) => (s > 0 ? [`${sign} ${s} ${x}`] : [])).join(' ');
  tasks.forEach(({ after, car }, t) => {
    for (const { task, lag } of after) {
      const before = tasks.findIndex(({ id }) => id === task);
      rows.push(`${slotOf(t, '+')} ${slotOf(before, '-')} >= ${1 + lag}`);
    }
    rows.push(`r${cars.findIndex(({ id }) => id === car)} ${slotOf(t, '-')} >= 0`);
  });
  const visits = new Set<string>();
  places.flat().forEach(({ x, c, s }) => {
    if (!crews[c]?.isVisiting) return;
    const y = `y${c}_${Math.floor(s / 2)}`;
    visits.add(y);
    rows.push(`${y} - ${x} >= 0`);
  });
  const lates = cars.flatMap(({ promised }, i) => (promised === undefined ? [] : [{ i, promised }]));
  for (const { i, promised } of lates) rows.push(`l${i} - r${i} >= ${-promised}`);
  const objective = [
    ...cars.map((_, i) => `${WEIGHTS.ready} r${i}`),
    ...lates.map(({ i }) => `${WEIGHTS.late} l${i}`),
    ...[...visits].map((y) => `${WEIGHTS.visit} ${y}`),
  ].join(' + ');
  const program = [
    'Minimize',
    ` cost: ${objective}`,
    'Subject To',
    ...rows.map((row, i) => ` c${i}: ${row}`),
    'Binary',
    ` ${[...binary, ...visits].join('\n ')}`,
    'End',
  ].join('\n');
  const [values = {}] = await solve({ models: [program] });
  const all = (letter: string) =>
    Object.entries(values).reduce((total, [name, value]) => total + (name.startsWith(letter) ? value : 0), 0);
  const [ready, late, visit] = ['r', 'l', 'y'].map((letter) => Math.round(all(letter))) as [
    number,
    number,
    number,
  ];
  return { cost: (ready + cars.length) * WEIGHTS.ready + late * WEIGHTS.late + visit * WEIGHTS.visit, late };
}

describe('schedules of 50 small yards, held against the optimum of an integer program', () => {
  it('keep every promise that can be kept, cost no more than 5 % over, and never less than the bound', async () => {
    let optimal = 0;
    let yards = 0;
    for (let seed = 1; yards < 50; seed++) {
      const yard = smallYard(seed);
      const best = await optimum(yard).catch(() => undefined);
      // Some have no schedule at all within their days.
      if (!best) continue;
      yards++;
      const { schedule, cost, bound } = scheduleYard(yard, {
        random: seeded(seed),
        isOver: () => false,
        most: 1500,
      });
      const late = yard.cars.reduce(
        (sum, { id, promised }) => sum + lateOf(promised, schedule.ready.get(id) ?? Number.POSITIVE_INFINITY),
        0,
      );
      expect(schedule.unplaced.size).toBe(0);
      expect(costOf(yard, schedule)).toBe(cost);
      expect({ seed, late }).toEqual({ seed, late: best.late });
      expect(cost).toBeLessThanOrEqual(best.cost * 1.05);
      expect(cost).toBeGreaterThanOrEqual(best.cost);
      expect(best.cost).toBeGreaterThanOrEqual(bound);
      if (cost === best.cost) optimal++;
    }
    expect(optimal).toBeGreaterThanOrEqual(45);
  });
});
