import { monthNamed } from '../wording';
import { type Day, dayOf, daysBetween } from './calendar';

export type DayReading =
  | { ok: true; day: Day /** Only the month was given: the day is its first. */; isMonthOnly: boolean }
  | { ok: false; problem: 'not-a-date' | 'no-such-day' | 'in-the-future' | 'too-early' };

/** Cars and their papers begin here. */
const EARLIEST = '1950-01-01';

/**
 * Reads a date as people type it: "17/04/2023", "17.4.23", "04/2023", "2023-04-17", "Apr 2023". Day comes before month, except where
 * `monthFirst` (US). Anything after `today` is refused unless `mayBeAhead` (a certificate's expiry).
 */
export function parseDay(
  text: string,
  today: Day,
  { monthFirst = false, mayBeAhead = false }: { monthFirst?: boolean; mayBeAhead?: boolean } = {},
): DayReading {
  const clean = text.trim().toLowerCase().replace(/\s+/g, ' ');
  const found = figuresOf(clean, monthFirst);
  if (!found) return { ok: false, problem: 'not-a-date' };
  const { year, month, date } = found;
  const day = dayOf(year < 100 ? 2000 + year : year, month, date ?? 1);
  if (!day) return { ok: false, problem: 'no-such-day' };
  if (daysBetween(EARLIEST, day) < 0) return { ok: false, problem: 'too-early' };
  if (!mayBeAhead && daysBetween(today, day) > 0) return { ok: false, problem: 'in-the-future' };
  return { ok: true, day, isMonthOnly: date === undefined };
}

interface Figures {
  year: number;
  month: number;
  date?: number;
}

function figuresOf(text: string, monthFirst: boolean): Figures | undefined {
  const iso = /^(\d{4})-(\d{1,2})(?:-(\d{1,2}))?$/.exec(text);
  if (iso) return { year: Number(iso[1]), month: Number(iso[2]), ...(iso[3] && { date: Number(iso[3]) }) };
  const full = /^(\d{1,2})[/.-](\d{1,2})[/.-](\d{4}|\d{2})$/.exec(text);
  if (full) {
    const [a, b] = [Number(full[1]), Number(full[2])];
    return monthFirst
      ? { year: Number(full[3]), month: a, date: b }
      : { year: Number(full[3]), month: b, date: a };
  }
  const month = /^(\d{1,2})[/.-](\d{4})$/.exec(text);
  if (month) return { year: Number(month[2]), month: Number(month[1]) };
  const named = /^(?:(\d{1,2}) )?([a-z]{3,9})\.? (?:(\d{1,2}),? )?(\d{4})$/.exec(text);
  const number = named && monthNamed(named[2] as string);
  if (!named || !number) return undefined;
  const date = named[1] ?? named[3];
  return { year: Number(named[4]), month: number, ...(date && { date: Number(date) }) };
}

export function dayProblemMessage(problem: Extract<DayReading, { ok: false }>['problem']): string {
  switch (problem) {
    case 'not-a-date':
      return 'Type a date like 17/04/2023, 04/2023 or 2023-04-17.';
    case 'no-such-day':
      return 'There is no such day in the calendar. Look at day and month again.';
    case 'in-the-future':
      return 'That day has not come yet. Check the year.';
    case 'too-early':
      return 'That is before 1950. Check the year.';
  }
}
