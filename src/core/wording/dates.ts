const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;

/** The day of a time, as ISO 8601 writes it: "2026-03-14". In UTC, as all stored times are. */
export const isoDay = (at: string): string => at.slice(0, 10);

/** "2026-03-14 09:30 UTC": for papers that are read in other zones. */
export const utcMoment = (at: string): string => `${isoDay(at)} ${at.slice(11, 16)} UTC`;

/** "14 March 2026", the day in UTC: the same words for every reader, wherever and in whatever language their phone is set. */
export function longDay(at: string): string {
  const [year, month, day] = isoDay(at).split('-') as [string, string, string];
  return `${Number(day)} ${MONTHS[Number(month) - 1]} ${year}`;
}

/** "14 Mar 2026" of a day or a time. */
export function shortDay(at: string): string {
  const [day, month, year] = longDay(at).split(' ') as [string, string, string];
  return `${day} ${month.slice(0, 3)} ${year}`;
}

/** Month by its English name or the beginning of it, 1..12. */
export function monthNamed(text: string): number | undefined {
  const found = MONTHS.findIndex((name) => text.toLowerCase().startsWith(name.slice(0, 3).toLowerCase()));
  return found < 0 ? undefined : found + 1;
}
