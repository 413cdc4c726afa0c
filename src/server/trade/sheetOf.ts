import type { Sheet, WorkTold } from '#core/api';
import { svgOf } from '#core/report';
import type { NamedTask, Schedule } from '#core/schedule';
import { carOnSheet, mapOfTasks, tasksOnSheet } from '#core/sheet';
import type { Context } from '../context';
import type { SheetMade, SheetPiece } from '../pdfs/printed';
import { type BoardGround, groundOfBoard, standing } from '../planning/board';
import { carOfWalk } from '../planning/carOfWalk';
import { notFound } from '../problems';
import type { SaidOfTask } from '../store/workStore';

export const workTold = ({ said, by, at }: SaidOfTask): WorkTold => ({ ...said, by, at });

/** What one of the crew does, by day; of one day alone where that is asked for. Throws a Problem when nobody of the crew is called so. */
export async function sheetOf(context: Context, crewId: string, only?: string): Promise<SheetMade> {
  const ground = await groundOfBoard(context);
  const member = ground.yard.crews.find(({ id }) => id === crewId);
  if (!member) throw notFound('crew', 'They may have been taken off the board.');
  const schedule = standing(ground);
  const byDay = new Map<string, Map<string, NamedTask[]>>();
  for (const { walk, tasks } of ground.cars)
    for (const task of tasks) {
      const at = schedule.placed.get(task.id);
      const day = at?.crew === crewId ? ground.days[Math.floor(at.start / 2)] : undefined;
      if (day === undefined || (only !== undefined && day !== only)) continue;
      const ofDay = byDay.get(day) ?? new Map<string, NamedTask[]>();
      byDay.set(day, ofDay.set(walk, [...(ofDay.get(walk) ?? []), task]));
    }
  return {
    crew: { id: member.id, name: member.name },
    yard: context.stores.people.yard().name,
    days: [...byDay]
      .toSorted(([a], [b]) => (a < b ? -1 : 1))
      .map(([day, cars]) => ({
        day,
        pieces: [...cars].flatMap(([walk, tasks]) => {
          const made = pieceOf(context, walk, inOrder(tasks, schedule));
          return made ? [made] : [];
        }),
      })),
    said: saidBy(context, ground, crewId),
  };
}

const inOrder = (tasks: readonly NamedTask[], { placed }: Schedule): NamedTask[] =>
  tasks.toSorted((a, b) => (placed.get(a.id)?.start ?? 0) - (placed.get(b.id)?.start ?? 0));

function pieceOf(
  { stores, now }: Context,
  walk: string,
  tasks: readonly NamedTask[],
): SheetPiece | undefined {
  const standing = carOfWalk(stores, walk);
  if (!standing) return undefined;
  const work = new Map(stores.work.ofWalk(walk).map((each) => [each.task, workTold(each)]));
  return {
    car: {
      walk,
      ...carOnSheet(standing),
      tasks: tasksOnSheet(standing, tasks, (task) => work.get(task), now()),
    },
    map: mapOfTasks(standing, tasks),
  };
}

/** What they said of jobs of cars that are in work. */
const saidBy = ({ stores }: Context, { cars }: BoardGround, crewId: string): Sheet['said'] =>
  cars.flatMap(({ walk, car }) =>
    stores.work
      .ofWalk(walk)
      .filter(({ crew }) => crew === crewId)
      .map((each) => ({
        walk,
        task: each.task,
        stockNumber: car.stockNumber,
        says: each.name,
        work: workTold(each),
      })),
  );

/** As it is answered: drawings as SVG. */
export const sheetTold = ({ crew, yard, days, said }: SheetMade): Sheet => ({
  crew,
  yard,
  days: days.map(({ day, pieces }) => ({
    day,
    cars: pieces.map(({ car, map }) => ({ ...car, map: map ? asFile(svgOf(map)) : '' })),
  })),
  said,
});

/** As a picture by itself, which names what it is written in. */
const asFile = (svg: string): string =>
  svg.replace('<svg ', '<svg xmlns="http://www.w3.org/2000/svg" font-family="sans-serif" ');
