import type { BoardPage } from '#core/api';

/** Monday 0 to Sunday 6. */
const weekdayOf = (day: string): number => (new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7;

/** So many days are shown at once. */
const SHOWN = 5;

/** The days on which anybody works, or anything stands, a few at a time from today on. */
export function spansOf({ days, crew, tasks }: Pick<BoardPage, 'days' | 'crew' | 'tasks'>): string[][] {
  const works = new Set(crew.members.flatMap(({ weekdays }) => weekdays));
  const open = days.filter(
    (day) =>
      (works.has(weekdayOf(day)) && !crew.closed.includes(day)) ||
      tasks.some(({ from, to }) => isOn(day, from?.day, to?.day)),
  );
  return Array.from({ length: Math.ceil(open.length / SHOWN) }, (_, i) =>
    open.slice(i * SHOWN, (i + 1) * SHOWN),
  );
}

const isOn = (day: string, from?: string, to?: string): boolean =>
  from !== undefined && to !== undefined && from <= day && day <= to;

export type BoardTask = BoardPage['tasks'][number];

/** What somebody does in a half-day: what begins then, and what stays over it. */
export const tasksIn = (tasks: readonly BoardTask[], crew: string, day: string, half: 0 | 1): BoardTask[] =>
  tasks.filter(({ crew: who, from, to }) => {
    if (who !== crew || !from || !to) return false;
    const at = `${day} ${half}`;
    return `${from.day} ${from.half}` <= at && at <= `${to.day} ${to.half}`;
  });

/** "Thu 3 Dec" */
export const dayName = (day: string): string =>
  new Date(`${day}T00:00:00Z`).toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
  });
