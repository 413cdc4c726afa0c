/** A day without a time: "2023-04-17". */
export type Day = string;

const SHAPE = /^(\d{4})-(\d{2})-(\d{2})$/;
const MS_A_DAY = 86_400_000;

const daysInMonth = (year: number, month: number): number => new Date(Date.UTC(year, month, 0)).getUTCDate();
const two = (n: number) => String(n).padStart(2, '0');

/** A day of the Gregorian calendar; undefined where there is none, like 31 February. */
export function dayOf(year: number, month: number, day: number): Day | undefined {
  const exists =
    Number.isInteger(year) &&
    year >= 1900 &&
    year <= 2199 &&
    month >= 1 &&
    month <= 12 &&
    day >= 1 &&
    day <= daysInMonth(year, month);
  return exists ? `${year}-${two(month)}-${two(day)}` : undefined;
}

const partsOf = (day: Day): [year: number, month: number, day: number] => {
  const [, y, m, d] = SHAPE.exec(day) as unknown as [string, string, string, string];
  return [Number(y), Number(m), Number(d)];
};
const numberOf = (day: Day): number => {
  const [year, month, date] = partsOf(day);
  return Date.UTC(year, month - 1, date) / MS_A_DAY;
};

/** Whether a text is a day that exists, written like 2023-04-17. */
export function isDay(text: string): text is Day {
  const match = SHAPE.exec(text);
  return match !== null && dayOf(Number(match[1]), Number(match[2]), Number(match[3])) !== undefined;
}

/** Days from one to the other; less than 0 when the second comes first. */
export const daysBetween = (from: Day, to: Day): number => numberOf(to) - numberOf(from);

/** Whole months from one to the other, as people count them: 31 January to 28 February is none, to 1 March is one. */
export function monthsBetween(from: Day, to: Day): number {
  if (daysBetween(from, to) < 0) return -monthsBetween(to, from);
  const [y1, m1, d1] = partsOf(from);
  const [y2, m2, d2] = partsOf(to);
  return (y2 - y1) * 12 + m2 - m1 - (d2 < d1 ? 1 : 0);
}

/** The same day so many months on; the last of the month where it has no such day. */
export function addMonths(day: Day, months: number): Day {
  const [year, month, date] = partsOf(day);
  const at = year * 12 + month - 1 + months;
  const [y, m] = [Math.floor(at / 12), (((at % 12) + 12) % 12) + 1];
  return `${y}-${two(m)}-${two(Math.min(date, daysInMonth(y, m)))}`;
}

export function addDays(day: Day, days: number): Day {
  return new Date((numberOf(day) + Math.round(days)) * MS_A_DAY).toISOString().slice(0, 10);
}

/** Years from one to the other, with their fraction: 365.25 days each. */
export const yearsBetween = (from: Day, to: Day): number => daysBetween(from, to) / 365.25;
