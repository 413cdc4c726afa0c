import type { BoardPage } from '#core/api';
import { cameIn, carTitle, vocabularyOf } from '#core/car';
import { faultsOf, propose, rulesOf } from '#core/cures';
import { type Job, jobsOf, modelFor, type PlanWish, planOf, type Range, usualPrices } from '#core/plan';
import {
  type BoardState,
  crewsOver,
  daysFrom,
  lateOf,
  type NamedTask,
  placeOf,
  rescheduleYard,
  rootWait,
  type Schedule,
  slotOf,
  tasksLeft,
  tasksOf,
  usualCrew,
  waitsWords,
  type Yard,
} from '#core/schedule';
import { cureName } from '#core/walk';
import { isoDay, withinSentence } from '#core/wording';
import type { Context } from '../context';
import type { SaidOfTask } from '../store/workStore';
import { bestJobs } from './bestJobs';
import { carOfWalk } from './carOfWalk';

/** So many days are looked ahead. */
const DAYS = 42;
const DAY_MS = 86_400_000;
const USUAL_CURRENCY = 'GBP';

interface InWork {
  walk: string;
  car: { id: string; stockNumber: string; title: string };
  promised?: string;
  /** The day that was agreed for its collection. */
  collectOn?: string;
  tasks: readonly NamedTask[];
  /** What its jobs come to, and in which currency. */
  cost: Range;
  currency: string;
}

/** All that a schedule is made from, and what it is told with. */
export interface BoardGround {
  yard: Yard;
  days: readonly string[];
  /** With the tasks that are still to do. */
  cars: readonly InWork[];
  state: BoardState;
  /** Every task, also what is said to be done. */
  allTasks: readonly { walk: string; task: NamedTask }[];
  /** What was said of tasks, by task. */
  said: ReadonlyMap<string, SaidOfTask>;
  /** Who does a task as the board stands. */
  crewOf: (task: string) => string | undefined;
}

/** Cars the yard works on, each with the jobs of its best plan as tasks, and who does them from today on. */
export async function groundOfBoard(context: Context): Promise<BoardGround> {
  const { stores, now, pool } = context;
  const today = now().toISOString().slice(0, 10);
  const days = daysFrom(today, DAYS);
  const planned = stores.plans.inWork().flatMap(({ walk, wish }) => {
    const made = plannedCar(context, walk, wish);
    return made ? [made] : [];
  });
  const models = planned.map(({ model }) => model);
  const solve = (programs: readonly string[]) => pool.run('solve', { models: programs });
  const chosen = models.length > 0 ? await bestJobs(models, solve) : [];
  const allOf = planned.map(({ tasksFor }, i) => tasksFor(chosen[i] ?? []));
  const said = new Map(
    planned.flatMap(({ walk }) => stores.work.ofWalk(walk).map((each) => [each.task, each] as const)),
  );
  const noted = new Map(
    [...said].map(([task, { said: says, at }]) => [
      task,
      { ...says, slot: slotOf({ day: isoDay(at), half: halfOf(at) }, today) },
    ]),
  );
  const cars = planned.map(
    ({ walk, car, promised, collectOn, costOf, currency }, i): InWork => ({
      walk,
      car,
      ...(promised && { promised }),
      ...(collectOn && { collectOn }),
      tasks: tasksLeft(allOf[i] ?? [], noted),
      cost: costOf(chosen[i] ?? []),
      currency,
    }),
  );
  const tasks = cars.flatMap((each) => each.tasks);
  const known = new Set(tasks.map(({ id }) => id));
  const crews = crewsOver(stores.plans.crew() ?? usualCrew, today, DAYS);
  const isHere = new Set(crews.map(({ id }) => id));
  const state = stores.plans.board();
  const length = 2 * DAYS;
  // What was put by hand into the past, or to somebody who is gone, is free again.
  const fixed = Object.entries(state.fixed).flatMap(([task, place]) => {
    const start = slotOf(place, today);
    return known.has(task) && isHere.has(place.crew) && start >= 0 && start < length
      ? [[task, { crew: place.crew, start }] as const]
      : [];
  });
  const wanted = cars.map(({ walk, promised, car }) => ({
    id: walk,
    daysInStock: daysInStock(context, car.id),
    ...(promised && { promised: slotOf({ day: promised, half: 1 }, today) }),
  }));
  const ground = {
    yard: { length, crews, cars: wanted, tasks, fixed: new Map(fixed) },
    days,
    cars,
    state,
    allTasks: planned.flatMap(({ walk }, i) => (allOf[i] ?? []).map((task) => ({ walk, task }))),
    said,
  };
  return { ...ground, crewOf: (task) => standing(ground).placed.get(task)?.crew };
}

/** Morning or afternoon, by the clock the day is told by. */
const halfOf = (at: string): 0 | 1 => (Number(at.slice(11, 13)) < 12 ? 0 : 1);

function daysInStock({ stores, now }: Context, id: string): number {
  const car = stores.cars.get(id);
  return car ? Math.max(0, Math.floor((now().getTime() - Date.parse(cameIn(car))) / DAY_MS)) : 0;
}

function plannedCar({ stores, now }: Context, walk: string, wish: PlanWish) {
  const told = carOfWalk(stores, walk);
  if (!told) return undefined;
  const { car, state, style } = told;
  const vocabulary = vocabularyOf(car);
  const proposed = propose(faultsOf(state, style, car, now()), rulesOf(stores.plans.rules()));
  const prices = stores.plans.prices() ?? usualPrices(USUAL_CURRENCY);
  const choice = jobsOf({ proposed, style, prices, vocabulary, typed: wish.typed });
  const promises = [
    ...proposed.flatMap(({ fault: { decision } }) =>
      decision?.is === 'promised' && decision.by ? [decision.by] : [],
    ),
    ...(wish.collectOn ? [wish.collectOn] : []),
  ];
  const says = (job: Job) => `${cureName(job.cure, vocabulary)}: ${withinSentence(job.where)}`;
  return {
    walk,
    car: { id: car.id, stockNumber: car.stockNumber, title: carTitle(car) },
    promised: promises.toSorted()[0],
    collectOn: wish.collectOn,
    model: modelFor(proposed, choice, wish),
    currency: prices.currency,
    costOf: (chosen: readonly string[]) => planOf(proposed, choice, wish, chosen).cost,
    tasksFor: (chosen: readonly string[]) =>
      tasksOf(
        walk,
        planOf(proposed, choice, wish, chosen).jobs.map((job) => ({ job, says: says(job) })),
      ),
  };
}

const dayIndex = (slot: number): number => Math.floor(slot / 2);

/** The schedule as it stands: everything where it stood, as far as that is still possible. */
export function standing(
  { yard, state, days }: Pick<BoardGround, 'yard' | 'state' | 'days'>,
  fixed = yard.fixed,
): Schedule {
  const [today = ''] = days;
  const stood = Object.entries(state.stood).flatMap(([task, place]) => {
    const start = slotOf(place, today);
    return start >= 0 ? [[task, { crew: place.crew, start }] as const] : [];
  });
  return rescheduleYard({ ...yard, fixed }, new Map(stood));
}

/** Where tasks stand, to be kept. */
export const stoodOf = (schedule: Schedule, days: readonly string[]): BoardState['stood'] =>
  Object.fromEntries(
    [...schedule.placed.values()].map(({ task, crew, start }) => [task, placeOf(crew, start, days)]),
  );

/** The board as it is shown. */
export function boardPage(
  { stores }: Context,
  { yard, days, cars, allTasks, said }: BoardGround,
  schedule: Schedule,
): BoardPage {
  const all = cars.flatMap(({ walk, tasks }) => tasks.map((task) => ({ ...task, walk })));
  const says = new Map(allTasks.map(({ task }) => [task.id, task.says]));
  const told = {
    saysOf: (task: string) => says.get(task) ?? task,
    dayOf: (slot: number) => days[Math.floor(slot / 2)] ?? '',
  };
  const moment = (slot: number) => ({
    day: told.dayOf(slot),
    half: slot % 2 === 0 ? (0 as const) : (1 as const),
  });
  const crew = stores.plans.crew();
  return {
    days: [...days],
    crew: crew ?? usualCrew,
    isCrewSet: crew !== undefined,
    cars: cars.map(({ walk, car, promised, collectOn, tasks, cost, currency }) => {
      const ready = schedule.ready.get(walk);
      const due = yard.cars.find(({ id }) => id === walk)?.promised;
      const root = rootWait(schedule, tasks.at(-1)?.id ?? '');
      return {
        walk,
        car: car.id,
        stockNumber: car.stockNumber,
        title: car.title,
        ...(promised && { promised }),
        isForCollection: promised !== undefined && promised === collectOn,
        ...(ready !== undefined && { ready: moment(ready) }),
        // In days of the calendar, however far in the past it was promised for.
        lateDays:
          ready === undefined || lateOf(due, ready) === 0 ? 0 : dayIndex(ready) - dayIndex(due ?? ready),
        waits: waitsWords(root.because, root.start, told),
        cost: { ...cost, currency },
        ...countsOf(walk, allTasks, said),
      };
    }),
    tasks: all.map(({ id, walk, trade, says: name, minutes, mends, cautions }) => {
      const at = schedule.placed.get(id);
      const because = at?.because ?? schedule.unplaced.get(id) ?? { for: 'nothing' as const };
      return {
        id,
        walk,
        trade,
        says: name,
        minutes,
        mends: [...mends],
        cautions: [...cautions],
        ...(at && { crew: at.crew, from: moment(at.start), to: moment(at.end) }),
        waits: waitsWords(because, at?.start, told),
        isFixed: yard.fixed.has(id),
        ...workOf(said.get(id)),
      };
    }),
    done: allTasks.flatMap(({ walk, task }) => {
      const work = said.get(task.id);
      return work?.said.says === 'done'
        ? [{ id: task.id, walk, says: task.says, crew: work.crew, mends: [...task.mends], ...workOf(work) }]
        : [];
    }),
  };
}

const workOf = (said: SaidOfTask | undefined) =>
  said ? { work: { ...said.said, by: said.by, at: said.at } } : {};

function countsOf(walk: string, allTasks: BoardGround['allTasks'], said: BoardGround['said']) {
  const own = allTasks.filter((each) => each.walk === walk);
  return {
    jobs: own.length,
    jobsDone: own.filter(({ task }) => said.get(task.id)?.said.says === 'done').length,
  };
}
