import { HALF_DAY_MIN, type Yard } from './schedule';

/** What is wrong with what is to be scheduled, in words; empty where nothing is. */
export function checkYard({ tasks, crews, length, fixed }: Yard): string[] {
  const known = new Map(tasks.map((task) => [task.id, task]));
  const circle = circleIn(tasks);
  return [
    ...(length > 0 ? [] : ['The schedule has no day. Let it run for a day at least.']),
    ...(circle.length > 0
      ? [`${circle.join(', ')} wait for each other in a circle. Take one of them out of the order.`]
      : []),
    ...tasks.flatMap(({ id, minutes, after, car }) => [
      ...(minutes >= 0 && minutes <= HALF_DAY_MIN
        ? []
        : [`${id} takes ${minutes} minutes: a task takes half a day at most.`]),
      ...after.flatMap(({ task }) => {
        const before = known.get(task);
        if (!before) return [`${id} comes after ${task}, which is not there.`];
        return before.car === car ? [] : [`${id} comes after ${task}, which is another car’s.`];
      }),
    ]),
    ...[...fixed].flatMap(([task, { crew, start }]) => [
      ...(known.has(task) ? [] : [`${task} has a fixed place and is not there.`]),
      ...(crews.some(({ id }) => id === crew) ? [] : [`${task} is fixed to somebody who is not there.`]),
      ...(start >= 0 && start < length ? [] : [`${task} is fixed to a day outside of the schedule.`]),
    ]),
  ];
}

/** Tasks that wait for each other; empty where none do. */
function circleIn(tasks: Yard['tasks']): string[] {
  const left = new Map(tasks.map(({ id, after }) => [id, after.map(({ task }) => task)]));
  for (let found = true; found; ) {
    found = false;
    for (const [id, before] of left)
      if (before.every((each) => !left.has(each))) {
        left.delete(id);
        found = true;
      }
  }
  return [...left.keys()];
}
