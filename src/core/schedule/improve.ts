import { lowerBound } from './lowerBound';
import { type Before, type Genes, type Ground, groundOf, placeAll } from './placeAll';
import type { Schedule, Task, Yard } from './schedule';
import { costOf, lateOf } from './worth';

export interface Scheduled {
  schedule: Schedule;
  cost: number;
  /** No schedule costs less than this. */
  bound: number;
  /** How many were tried. */
  tries: number;
}

interface Search {
  /** Numbers from 0 to under 1; the same seed gives the same schedule as long as there is time for it. */
  random: () => number;
  /** Whether the time is over. Asked before every try. */
  isOver: () => boolean;
  /** Not more tries than this. */
  most?: number;
}

/** After so many tries without a better one it begins anew from the best with more shaken. */
const PATIENCE = 200;

/**
 * A schedule for everything there is to do: several rules of priority, the best of them improved by moving tasks about, until it is as good as can be proven, or the
 * time is over.
 */
export function scheduleYard(
  yard: Yard,
  { random, isOver, most = Number.POSITIVE_INFINITY }: Search,
): Scheduled {
  const ground = groundOf(yard);
  const bound = lowerBound(yard);
  const tried = rules(ground).map((order): [Genes, Schedule, number] => {
    const genes: Genes = { order, waits: yard.tasks.map(() => false) };
    const schedule = placeAll(ground, genes);
    return [genes, schedule, costOf(yard, schedule)];
  });
  let [genes, schedule, cost] = tried.reduce((best, each) => (each[2] < best[2] ? each : best));
  let [at, atCost] = [genes, cost];
  let late = lateCars(yard, schedule);
  let tries = tried.length;
  let stale = 0;
  while (cost > bound && tries < most && !isOver()) {
    const next = shaken(at, ground, random, stale > PATIENCE ? 4 : 1, late);
    const found = placeAll(ground, next);
    const foundCost = costOf(yard, found);
    tries++;
    stale++;
    // As good is taken too: it may lead on.
    if (foundCost <= atCost) [at, atCost, late] = [next, foundCost, lateCars(yard, found)];
    if (foundCost < cost) {
      [genes, schedule, cost] = [next, found, foundCost];
      stale = 0;
    }
    if (stale > 2 * PATIENCE) {
      [at, atCost, late] = [genes, cost, lateCars(yard, schedule)];
      stale = 0;
    }
  }
  return { schedule, cost, bound, tries };
}

/** Cars that miss what was promised. */
const lateCars = ({ cars, length }: Yard, { ready }: Schedule): string[] =>
  cars.flatMap(({ id, promised }) => (lateOf(promised, ready.get(id) ?? length) > 0 ? [id] : []));

/** The same yard after something changed, with as little moved as can be: whatever can stay where it stood does. */
export function rescheduleYard(yard: Yard, before: Before): Schedule {
  const ground = groundOf(yard);
  const start = (i: number) => before.get((yard.tasks[i] as Task).id)?.start ?? Number.POSITIVE_INFINITY;
  const [order = []] = rules(ground);
  return placeAll(ground, { order: order.toSorted((a, b) => start(a) - start(b)), waits: [] }, before);
}

/** Orders to begin with: what is promised soonest, what has most work before it is ready, what has stood longest. */
function rules({ yard, before }: Ground): number[][] {
  const { tasks, cars } = yard;
  const car = new Map(cars.map((each) => [each.id, each]));
  // Half-days of work from a task to the end of its car.
  const tail = tasks.map(() => 0);
  for (let pass = 0; pass < tasks.length; pass++) {
    let moved = false;
    tasks.forEach(({ length }, i) => {
      for (const { task, lag } of before[i] ?? []) {
        const behind = (tail[i] as number) + length + lag;
        if (behind > (tail[task] as number)) {
          tail[task] = behind;
          moved = true;
        }
      }
    });
    if (!moved) break;
  }
  const all = tasks.map((_, i) => i);
  const due = (i: number) => car.get((tasks[i] as Task).car)?.promised ?? Number.POSITIVE_INFINITY;
  const stood = (i: number) => car.get((tasks[i] as Task).car)?.daysInStock ?? 0;
  const slack = (i: number) => due(i) - (tail[i] as number);
  const by = (...keys: readonly ((i: number) => number)[]) =>
    all.toSorted((a, b) => {
      for (const key of keys) {
        const [x, y] = [key(a), key(b)];
        if (x !== y) return x < y ? -1 : 1;
      }
      return a - b;
    });
  const total = new Map<string, number>();
  for (const { car: id } of tasks) total.set(id, (total.get(id) ?? 0) + 1);
  const few = (i: number) => total.get((tasks[i] as Task).car) ?? 0;
  return [
    by(
      due,
      few,
      (i) => -stood(i),
      (i) => -(tail[i] as number),
    ),
    by(
      slack,
      (i) => -(tail[i] as number),
      (i) => -stood(i),
    ),
    by(due, (i) => -(tail[i] as number), few),
    by(
      due,
      (i) => -stood(i),
      (i) => -(tail[i] as number),
    ),
  ];
}

/** One move or several: a task brought forward or put back, two exchanged, all of a car brought forward, or waiting for a visit. */
function shaken(
  { order, waits }: Genes,
  { yard }: Ground,
  random: () => number,
  moves: number,
  late: readonly string[],
): Genes {
  const next = [...order];
  const wait = [...waits];
  const n = next.length;
  const any = () => Math.floor(random() * n);
  for (let move = 0; move < moves; move++) {
    const kind = random();
    if (kind < 0.35) {
      const [taken] = next.splice(any(), 1);
      if (taken !== undefined) next.splice(any(), 0, taken);
    } else if (kind < 0.6) {
      const [a, b] = [any(), any()];
      [next[a], next[b]] = [next[b] as number, next[a] as number];
    } else if (kind < 0.85) {
      // Half of the time one that would be late.
      const chosen = random() < 0.5 ? late[Math.floor(random() * late.length)] : undefined;
      const car = chosen ?? (yard.tasks[next[any()] as number] as Task).car;
      const mine = next.filter((i) => (yard.tasks[i] as Task).car === car);
      const others = next.filter((i) => (yard.tasks[i] as Task).car !== car);
      const to = Math.floor((chosen ? random() ** 2 : random()) * (others.length + 1));
      next.splice(0, n, ...others.slice(0, to), ...mine, ...others.slice(to));
    } else {
      const i = any();
      wait[i] = !wait[i];
    }
  }
  return { order: next, waits: wait };
}
