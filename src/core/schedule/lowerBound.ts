import type { Task, Yard } from './schedule';
import { lateOf, WEIGHTS } from './worth';

/**
 * A cost no schedule can be under. Cars are ready no sooner than if each had everybody to itself; nor, of all that need one trade, sooner than that trade gets
 * through its work. Promises are missed at least by what each car alone would miss; of a visiting trade at least as many days are needed as its work takes.
 */
export function lowerBound(yard: Yard): number {
  const { ends, unplaced } = earliestEnds(yard);
  let cost = unplaced * WEIGHTS.unplaced + visitsNeeded(yard, ends) * WEIGHTS.visit;
  const alone = new Map<string, number>();
  for (const { id, promised } of yard.cars) {
    const mine = yard.tasks.flatMap(({ car }, i) => (car === id ? [ends[i]] : []));
    if (mine.length === 0 || mine.includes(undefined)) continue;
    const ready = Math.max(...(mine as number[]));
    alone.set(id, ready);
    cost += WEIGHTS.late * lateOf(promised, ready);
  }
  const trades = [...new Set(yard.tasks.map(({ trade }) => trade))];
  const sums = trades.map((trade) => throughTrade(yard, trade, ends, alone));
  const each = [...alone.values()].reduce((sum, ready) => sum + ready + 1, 0);
  return cost + Math.max(each, ...sums) * WEIGHTS.ready;
}

/**
 * Half-days until ready, summed over all cars, at least: those that need the trade leave it one after another, the shortest first, each followed by what comes
 * after it on its car; the others as if alone.
 */
function throughTrade(
  { tasks, crews, length, fixed }: Yard,
  trade: string,
  ends: readonly (number | undefined)[],
  alone: ReadonlyMap<string, number>,
): number {
  const tails = tailsOf(tasks);
  const who = crews.filter((crew) => crew.trades.includes(trade));
  const holds = who.some((crew) => crew.holds !== undefined);
  // One task of each car; those that are fixed are no queue.
  const queued = new Map<string, { takes: number; tail: number; from: number }>();
  tasks.forEach((task, i) => {
    if (task.trade !== trade || !alone.has(task.car) || fixed.has(task.id)) return;
    const takes = holds ? task.length : task.minutes;
    const tail = tails[i] as number;
    const before = queued.get(task.car);
    if (!before || tail < before.tail)
      queued.set(task.car, {
        takes,
        tail,
        from: Math.max(0, (ends[i] as number) - (holds ? task.length - 1 : 0)),
      });
  });
  const all = [...queued.values()];
  const first = holds ? 0 : Math.min(...all.map(({ from }) => from), length);
  let sum = 0;
  let needed = 0;
  let [slot, room] = [first - 1, 0];
  for (const { takes } of all.toSorted((a, b) => a.takes - b.takes)) {
    needed += takes;
    while (room < needed && slot < length - 1) {
      slot++;
      for (const { minutes, holds: many } of who)
        if ((minutes[slot] ?? 0) > 0) room += many ?? minutes[slot] ?? 0;
    }
    sum += slot + 1;
  }
  for (const { tail } of all) sum += tail;
  for (const [car, ready] of alone) if (!queued.has(car)) sum += ready + 1;
  return sum;
}

/** Half-days that must pass from the end of each task to the end of its car. */
function tailsOf(tasks: readonly Task[]): number[] {
  const index = new Map(tasks.map(({ id }, i) => [id, i]));
  const later: { to: number; lag: number }[][] = tasks.map(() => []);
  tasks.forEach(({ after }, i) => {
    for (const { task, lag } of after) later[index.get(task) as number]?.push({ to: i, lag });
  });
  const tails = new Map<number, number>();
  const visit = (i: number): number => {
    const known = tails.get(i);
    if (known !== undefined) return known;
    tails.set(i, 0);
    const tail = Math.max(0, ...(later[i] ?? []).map(({ to, lag }) => 1 + lag + visit(to)));
    tails.set(i, tail);
    return tail;
  };
  return tasks.map((_, i) => visit(i));
}

function earliestEnds({ tasks, crews, cars, fixed, length }: Yard): {
  ends: (number | undefined)[];
  unplaced: number;
} {
  const index = new Map(tasks.map(({ id }, i) => [id, i]));
  const from = new Map(cars.map(({ id, from: at = 0 }) => [id, at]));
  const ends: (number | undefined)[] = tasks.map(() => undefined);
  const done = new Set<number>();
  const endFrom = (task: Task, earliest: number): number | undefined => {
    let best: number | undefined;
    for (const { trades, minutes, holds } of crews) {
      if (!trades.includes(task.trade)) continue;
      let left = holds === undefined ? 1 : task.length;
      for (let at = earliest; at < length && left > 0; at++) {
        const needs = holds === undefined ? Math.max(1, task.minutes) : 1;
        if ((minutes[at] ?? 0) >= needs) left--;
        if (left === 0 && (best === undefined || at < best)) best = at;
      }
    }
    return best;
  };
  const visit = (i: number): number | undefined => {
    if (done.has(i)) return ends[i];
    done.add(i);
    const task = tasks[i] as Task;
    const before = task.after.map(({ task: id, lag }) => {
      const end = visit(index.get(id) as number);
      return end === undefined ? undefined : end + 1 + lag;
    });
    const at = fixed.get(task.id);
    // What is fixed is where it is, whatever its order says; it takes no less than a half-day.
    if (at) ends[i] = at.start;
    else if (!before.includes(undefined) && task.stopped === undefined)
      ends[i] = endFrom(task, Math.max(from.get(task.car) ?? 0, ...(before as number[])));
    return ends[i];
  };
  for (let i = 0; i < tasks.length; i++) visit(i);
  return { ends, unplaced: ends.filter((end) => end === undefined).length };
}

function visitsNeeded({ crews, tasks: all }: Yard, ends: readonly (number | undefined)[]): number {
  // What has no place at all needs no visit.
  const tasks = all.filter((_, i) => ends[i] !== undefined);
  let visits = 0;
  for (const trade of new Set(tasks.map((task) => task.trade))) {
    const who = crews.filter((crew) => crew.trades.includes(trade));
    // Whoever does two trades may do both in one visit.
    const isAlone = who.every(
      ({ isVisiting, holds, trades }) => isVisiting && holds === undefined && trades.length === 1,
    );
    if (who.length === 0 || !isAlone) continue;
    const days = who.flatMap(({ minutes }) =>
      Array.from(
        { length: Math.ceil(minutes.length / 2) },
        (_, day) => (minutes[2 * day] ?? 0) + (minutes[2 * day + 1] ?? 0),
      ),
    );
    const work = tasks.filter((task) => task.trade === trade).reduce((sum, task) => sum + task.minutes, 0);
    visits += Math.ceil(work / Math.max(1, ...days));
  }
  return visits;
}
