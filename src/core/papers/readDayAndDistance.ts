import type { DistanceUnit } from '../car';
import { KM_PER_MILE, parseOdometer } from '../measure';
import type { Day } from './calendar';
import { dayProblemMessage, parseDay } from './parseDay';

export type DayAndDistance =
  | {
      ok: true;
      date?: { day: Day; isMonthOnly: boolean };
      /** In `unit`. */
      distance?: number;
      doubts: string[];
      /** The line without them, a blank at either end. */
      rest: string;
    }
  | { ok: false; says: string };

/** Finds a date and a distance anywhere in a line, however they are written. One of them is enough. */
export function readDayAndDistance(
  line: string,
  unit: DistanceUnit,
  today: Day,
  monthFirst = false,
): DayAndDistance {
  let rest = ` ${line.trim().replace(/\s+/g, ' ')} `;
  if (rest.trim() === '') return { ok: false, says: 'Type a distance or a date, and what was done.' };
  const doubts: string[] = [];
  const take = (pattern: RegExp): string | undefined => {
    const match = pattern.exec(rest);
    if (!match) return undefined;
    rest = `${rest.slice(0, match.index)} ${rest.slice(match.index + match[0].length)}`;
    return match[0].trim().replace(/[,;]$/, '');
  };

  const dateText =
    take(/ \d{4}-\d{1,2}(?:-\d{1,2})?(?=[ ,;])/) ??
    take(/ \d{1,2}[/.-]\d{1,2}[/.-](?:\d{4}|\d{2})(?=[ ,;])/) ??
    take(/ \d{1,2}[/-](?:19|20)\d{2}(?=[ ,;])/) ??
    take(/ \d{1,2}\.(?:19|20)\d{2}(?=[ ,;])/) ??
    take(
      / (?:\d{1,2} )?(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.? (?:19|20)\d{2}(?=[ ,;])/i,
    );
  const date = dateText === undefined ? undefined : parseDay(dateText, today, { monthFirst });
  if (date && !date.ok) return { ok: false, says: `“${dateText}”: ${dayProblemMessage(date.problem)}` };

  const distanceText = take(
    / \d[\d.,']*\s?(?:k(?![a-z])|kms?(?![a-z])|k ?mi(?:les)?|mi(?:les)?(?![a-z]))?(?=[ ,;])/i,
  );
  const reading =
    distanceText === undefined
      ? undefined
      : parseOdometer(distanceText.replace(/kms$/i, 'km').replace(/\s/g, ''), unit);
  if (reading && !reading.ok)
    return {
      ok: false,
      says: `“${distanceText}” is not a distance Zelk can read. Type it like 31200, 31,200 or 31.2k.`,
    };
  let distance = reading?.ok ? reading.value : undefined;
  if (reading?.ok && reading.unit !== unit)
    distance = Math.round(unit === 'mi' ? reading.value / KM_PER_MILE : reading.value * KM_PER_MILE);
  if (distance !== undefined && distance < 500 && !/k/i.test(distanceText ?? ''))
    doubts.push(`Is “${distanceText}” a distance? Perhaps ${distance}k is meant.`);
  if (date === undefined && distance === undefined)
    return {
      ok: false,
      says: 'There is neither a date nor a distance in that line. Add one, like 31.2k or 04/2023.',
    };
  return {
    ok: true,
    ...(date?.ok && { date: { day: date.day, isMonthOnly: date.isMonthOnly } }),
    ...(distance !== undefined && { distance }),
    doubts,
    rest,
  };
}
