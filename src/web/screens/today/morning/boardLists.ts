import type { BoardPage } from '#core/api';

type Task = BoardPage['tasks'][number];
type Car = BoardPage['cars'][number];

/** What the board has for the morning. */
export interface BoardLists {
  /** Cars that will miss a day that was promised and has not passed yet. */
  willBeLate: readonly Car[];
  /** Jobs of which whoever was to do them says that they cannot. */
  cannot: readonly { car: Car; task: Task }[];
  /** Said to be done: to be looked at on the second walk. */
  toLookAt: readonly { car: Car; jobs: number }[];
  /** Cars that wait for somebody who visits, or a shop that keeps them, with the day. */
  waiting: readonly { car: Car; crew: { id: string; name: string }; day: string; says: string }[];
}

/** Out of the board what waits for somebody: before a promise is late, where work stands still, and who comes when. */
export function boardLists({ cars, tasks, done, crew, days }: BoardPage): BoardLists {
  const [today = ''] = days;
  const carOf = new Map(cars.map((car) => [car.walk, car]));
  const away = new Map(
    crew.members.flatMap((member) => (member.is === 'own' ? [] : [[member.id, member] as const])),
  );
  const withCar = <T>(walk: string, make: (car: Car) => T): T[] => {
    const car = carOf.get(walk);
    return car ? [make(car)] : [];
  };
  return {
    willBeLate: cars.filter(({ lateDays, promised }) => lateDays > 0 && promised && promised >= today),
    cannot: tasks.flatMap((task) =>
      task.work?.says === 'cannot' ? withCar(task.walk, (car) => ({ car, task })) : [],
    ),
    toLookAt: cars.flatMap((car) => {
      const jobs = done.filter(({ walk, mends }) => walk === car.walk && mends.length > 0).length;
      return jobs > 0 ? [{ car, jobs }] : [];
    }),
    waiting: tasks
      .flatMap(({ walk, crew: who, from, says }) => {
        const member = who === undefined ? undefined : away.get(who);
        return member && from
          ? withCar(walk, (car) => ({ car, crew: { id: member.id, name: member.name }, day: from.day, says }))
          : [];
      })
      .toSorted((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0)),
  };
}
