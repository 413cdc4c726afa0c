import {
  type Crew,
  HALF_DAY_MIN,
  type Placed,
  type Schedule,
  type Task,
  type Waits,
  type Yard,
} from './schedule';

/** How tasks are placed: in this order as far as their own order allows, and which of them wait for a visit that is paid for anyway. */
export interface Genes {
  order: readonly number[];
  waits: readonly boolean[];
}

/** Where tasks stood before: kept wherever that is still possible, so that little moves. */
export type Before = ReadonlyMap<string, Pick<Placed, 'crew' | 'start'>>;

interface Site {
  crewLeft: Float64Array[];
  /** Minutes each car can still be worked on in each half-day; 0 while it is away. */
  carLeft: Float64Array[];
  /** Days on which a crew that visits comes, by crew. */
  visited: Uint8Array[];
  visits: number;
}

/** A yard made ready to be placed again and again. */
export interface Ground {
  yard: Yard;
  index: ReadonlyMap<string, number>;
  before: readonly (readonly { task: number; lag: number }[])[];
  eligible: readonly (readonly number[])[];
  /** The car of each task, by its place among the cars. */
  carOf: readonly number[];
}

export function groundOf(yard: Yard): Ground {
  const index = new Map(yard.tasks.map(({ id }, i) => [id, i]));
  const cars = new Map(yard.cars.map(({ id }, i) => [id, i]));
  return {
    yard,
    index,
    before: yard.tasks.map(({ after }) =>
      after.map(({ task, lag }) => ({ task: index.get(task) as number, lag })),
    ),
    eligible: yard.tasks.map(({ trade }) =>
      yard.crews.flatMap((crew, i) => (crew.trades.includes(trade) ? [i] : [])),
    ),
    carOf: yard.tasks.map(({ car }) => cars.get(car) as number),
  };
}

/**
 * Serial schedule generation: one task after another, each in the first half-day that its order, its car and somebody who does it allow. What is fixed is
 * placed first and stays.
 */
export function placeAll(ground: Ground, { order, waits }: Genes, stood?: Before): Schedule {
  const { yard, before, carOf } = ground;
  const { tasks, length, cars } = yard;
  const site: Site = {
    crewLeft: yard.crews.map(({ minutes, holds }) =>
      Float64Array.from(minutes, (each) => (holds === undefined ? each : each > 0 ? holds : 0)),
    ),
    carLeft: cars.map(() => new Float64Array(length).fill(HALF_DAY_MIN)),
    visited: yard.crews.map(() => new Uint8Array(Math.ceil(length / 2))),
    visits: 0,
  };
  const placed = new Map<string, Placed>();
  const unplaced = new Map<string, Waits>();
  const ends: (number | undefined)[] = tasks.map(() => undefined);
  const put = (i: number, crew: number, start: number, because: Waits) => {
    const task = tasks[i] as Task;
    const end = take(site, yard, task, carOf[i] as number, crew, start);
    ends[i] = end;
    placed.set(task.id, { task: task.id, crew: (yard.crews[crew] as Crew).id, start, end, because });
  };
  tasks.forEach(({ id }, i) => {
    const at = yard.fixed.get(id);
    if (at && tasks[i]?.stopped === undefined)
      put(
        i,
        yard.crews.findIndex((crew) => crew.id === at.crew),
        at.start,
        { for: 'hand' },
      );
  });
  for (const i of feasible(ground, order)) {
    const task = tasks[i] as Task;
    if (placed.has(task.id)) continue;
    let earliest = cars[carOf[i] as number]?.from ?? 0;
    let because: Waits = { for: 'nothing' };
    let isStuck = false;
    if (task.notBefore && task.notBefore.slot > earliest) {
      earliest = task.notBefore.slot;
      because = { for: 'curing', task: task.notBefore.task };
    }
    if (task.stopped !== undefined) {
      unplaced.set(task.id, { for: 'stopped', why: task.stopped });
      continue;
    }
    for (const { task: other, lag } of before[i] ?? []) {
      const end = ends[other];
      const id = (tasks[other] as Task).id;
      if (end === undefined) {
        isStuck = true;
        because = { for: 'task', task: id };
        break;
      }
      if (end + 1 + lag > earliest) {
        earliest = end + 1 + lag;
        because = lag > 0 ? { for: 'curing', task: id } : { for: 'task', task: id };
      }
    }
    const found = isStuck
      ? undefined
      : place(ground, site, i, earliest, because, waits[i] === true, stood?.get(task.id));
    if (found) put(i, found.crew, found.start, found.because);
    else unplaced.set(task.id, isStuck ? because : whyNowhere(ground, i));
  }
  return { placed, unplaced, ready: readyOf(yard, placed, unplaced), visits: site.visits };
}

/** The order wished for, with what comes before a task brought before it. */
function feasible({ before }: Ground, order: readonly number[]): number[] {
  const taken = new Uint8Array(before.length);
  const made: number[] = [];
  const visit = (i: number): void => {
    if (taken[i]) return;
    taken[i] = 1;
    for (const { task } of before[i] ?? []) visit(task);
    made.push(i);
  };
  for (const i of order) visit(i);
  return made;
}

const dayOf = (slot: number): number => Math.floor(slot / 2);

interface Found {
  crew: number;
  start: number;
  because: Waits;
}

function place(
  { yard, eligible, carOf }: Ground,
  site: Site,
  i: number,
  earliest: number,
  because: Waits,
  waits: boolean,
  stood: Pick<Placed, 'crew' | 'start'> | undefined,
): Found | undefined {
  const task = yard.tasks[i] as Task;
  const car = carOf[i] as number;
  const isFree = (slot: number) =>
    (eligible[i] ?? []).some((each) => fits(site, yard, task, car, each, slot));
  if (stood && stood.start >= earliest) {
    const crew = yard.crews.findIndex(({ id }) => id === stood.crew);
    if ((eligible[i] ?? []).includes(crew) && fits(site, yard, task, car, crew, stood.start)) {
      return {
        crew,
        start: stood.start,
        because:
          stood.start === earliest
            ? because
            : isFree(earliest)
              ? { for: 'stood' }
              : whyNot({ yard, eligible, carOf }, site, i, earliest),
      };
    }
  }
  let why = because;
  let first: Found | undefined;
  for (let start = earliest; start < yard.length; start++) {
    let best: number | undefined;
    for (const crew of eligible[i] ?? []) {
      if (!fits(site, yard, task, car, crew, start)) continue;
      const isPaid = site.visited[crew]?.[dayOf(start)] === 1;
      if ((yard.crews[crew] as Crew).isVisiting && isPaid) {
        best = crew;
        break;
      }
      best ??= crew;
    }
    if (best === undefined) {
      if (start === earliest) why = whyNot({ yard, eligible, carOf }, site, i, start);
      continue;
    }
    const found: Found = { crew: best, start, because: start === earliest ? because : why };
    const isFree = !(yard.crews[best] as Crew).isVisiting || site.visited[best]?.[dayOf(start)] === 1;
    if (!waits || isFree)
      return first && isFree ? { ...found, because: { for: 'visit', trade: task.trade } } : found;
    first ??= found;
  }
  return first;
}

function fits(
  { crewLeft, carLeft }: Site,
  { crews, length }: Yard,
  task: Task,
  of: number,
  crew: number,
  start: number,
): boolean {
  const left = crewLeft[crew] as Float64Array;
  const car = carLeft[of] as Float64Array;
  const { minutes, holds } = crews[crew] as Crew;
  if (holds === undefined)
    return (left[start] ?? 0) >= task.minutes && (car[start] ?? 0) >= task.minutes && (left[start] ?? 0) > 0;
  const end = endOfStay(minutes, start, task.length);
  if (end === undefined || end >= length || (minutes[start] ?? 0) === 0) return false;
  for (let at = start; at <= end; at++) {
    if ((car[at] ?? 0) < HALF_DAY_MIN) return false;
    if ((minutes[at] ?? 0) > 0 && (left[at] ?? 0) < 1) return false;
  }
  return true;
}

/** The last half-day of a stay: only half-days in which they work count, the car stays over the others. */
function endOfStay(minutes: readonly number[], start: number, slots: number): number | undefined {
  for (let at = start, left = slots; at < minutes.length; at++) {
    if ((minutes[at] ?? 0) > 0) left--;
    if (left <= 0) return at;
  }
  return undefined;
}

/** Books a task; gives back its last half-day. What is fixed is booked though it does not fit: it is a fact. */
function take(
  site: Site,
  { crews, length }: Yard,
  task: Task,
  of: number,
  crew: number,
  start: number,
): number {
  const { crewLeft, carLeft, visited } = site;
  const left = crewLeft[crew] as Float64Array;
  const car = carLeft[of] as Float64Array;
  const { minutes, holds, isVisiting } = crews[crew] as Crew;
  const days = visited[crew] as Uint8Array;
  if (isVisiting && days[dayOf(start)] === 0) {
    days[dayOf(start)] = 1;
    site.visits++;
  }
  if (holds === undefined) {
    left[start] = Math.max(0, (left[start] ?? 0) - task.minutes);
    car[start] = Math.max(0, (car[start] ?? 0) - task.minutes);
    return start;
  }
  const end = endOfStay(minutes, start, task.length) ?? length - 1;
  for (let at = start; at <= end; at++) {
    car[at] = 0;
    if ((minutes[at] ?? 0) > 0) left[at] = Math.max(0, (left[at] ?? 0) - 1);
  }
  return end;
}

/** Why a task cannot be in a half-day: nobody is here, they are busy, or the car is. */
function whyNot(
  { yard, eligible, carOf }: Pick<Ground, 'yard' | 'eligible' | 'carOf'>,
  { crewLeft, carLeft }: Site,
  i: number,
  slot: number,
): Waits {
  const task = yard.tasks[i] as Task;
  const here = (eligible[i] ?? []).filter((crew) => ((yard.crews[crew] as Crew).minutes[slot] ?? 0) > 0);
  if (here.length === 0) return { for: 'crew-away', trade: task.trade };
  const needs = (crew: number) => ((yard.crews[crew] as Crew).holds === undefined ? task.minutes : 1);
  const free = here.filter((crew) => ((crewLeft[crew] as Float64Array)[slot] ?? 0) >= needs(crew));
  if (free.length === 0) return { for: 'crew-busy', trade: task.trade };
  return (carLeft[carOf[i] as number]?.[slot] ?? 0) < HALF_DAY_MIN
    ? { for: 'car-busy' }
    : { for: 'crew-busy', trade: task.trade };
}

/** Why there is no place at all: nobody does it, or all of them are full to the end. */
function whyNowhere({ yard, eligible }: Ground, i: number): Waits {
  const { trade } = yard.tasks[i] as Task;
  const isEver = (eligible[i] ?? []).some((crew) =>
    (yard.crews[crew] as Crew).minutes.some((each) => each > 0),
  );
  return isEver ? { for: 'crew-busy', trade } : { for: 'crew-away', trade };
}

function readyOf(
  { tasks }: Yard,
  placed: Schedule['placed'],
  unplaced: Schedule['unplaced'],
): Map<string, number> {
  const ready = new Map<string, number>();
  const stuck = new Set(tasks.flatMap(({ id, car }) => (unplaced.has(id) ? [car] : [])));
  for (const { id, car } of tasks) {
    const at = placed.get(id);
    if (at && !stuck.has(car)) ready.set(car, Math.max(ready.get(car) ?? 0, at.end));
  }
  return ready;
}
