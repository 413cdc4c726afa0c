import type { DistanceUnit } from '../car';
import { KM_PER_MILE, parseOdometer } from '../measure';
import { shortDay } from '../wording';
import type { Day } from './calendar';
import { dayProblemMessage, parseDay } from './parseDay';

export type DayAndDistance =
  | {
      ok: true;
      date?: { day: Day; isMonthOnly: boolean };
      /** In `unit`. */
      distance?: number;
      doubts: string[];
      /** A small bare figure that may be a distance, asked about among the doubts. */
      small?: string;
      /** The line without them, a blank at either end. */
      rest: string;
    }
  | { ok: false; says: string };

const MONTH = '(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\\.?';

/** A date as `parseDay` reads it: without the ending of an ordinal, and with its century. */
const inFull = (text: string): string =>
  text
    .replaceAll(',', '')
    .replace(/(\d)(?:st|nd|rd|th)\b/i, '$1')
    .replace(/^(.*[a-z.,]+) '?(\d{2})$/i, '$1 20$2')
    .replace(/^(\d{1,2}\/)(\d{2})$/, '$120$2');

/** The likeliest distance of a line: one that says its unit, then one of thousands. A small bare number is none. */
function distanceIn(rest: string): RegExp {
  const ways = [
    / \d[\d.,']*(?: \d{3})*\s?(?:kms?(?![a-z])|k ?mi(?:les)?|mi(?:les)?(?![a-z])|k(?![a-z]))(?=[ ,;])/i,
    / \d{4,}m(?=[ ,;])/i,
    / \d{1,3}(?:[.,' ]\d{3})+(?=[ ,;])/,
    / \d{4,}(?=[ ,;])/,
    / \d[\d.,']*[.,']\d+(?=[ ,;])/,
  ];
  return ways.find((way) => way.test(rest)) ?? NOTHING;
}
const NOTHING = /(?!)/;

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
    take(new RegExp(` (?:\\d{1,2}(?:st|nd|rd|th)? )?${MONTH},? (?:19|20)\\d{2}(?=[ ,;])`, 'i')) ??
    take(new RegExp(` ${MONTH} \\d{1,2}(?:st|nd|rd|th)?,? (?:19|20)\\d{2}(?=[ ,;])`, 'i'));
  // A year of two figures, where nothing fuller is said: "Apr 23", "17 Apr 23", "04/23".
  const shortText =
    dateText === undefined
      ? (take(new RegExp(` (?:\\d{1,2}(?:st|nd|rd|th)? )?${MONTH} '?\\d{2}(?=[ ,;])`, 'i')) ??
        take(/ (?:0?[1-9]|1[0-2])\/\d{2}(?=[ ,;])/))
      : undefined;
  const said = dateText ?? shortText;
  const date = said === undefined ? undefined : parseDay(inFull(said), today, { monthFirst });
  if (date && !date.ok) return { ok: false, says: `“${said}”: ${dayProblemMessage(date.problem)}` };
  if (date?.ok && shortText !== undefined)
    doubts.push(
      `“${shortText}” is taken for ${shortDay(date.day).replace(/^\d+ /, date.isMonthOnly ? '' : '$&')}.`,
    );

  const distanceText = take(distanceIn(rest));
  const reading =
    distanceText === undefined
      ? undefined
      : parseOdometer(
          distanceText
            .replace(/kms$/i, 'km')
            .replace(/(\d)m$/i, '$1mi')
            .replace(/\s/g, ''),
          unit,
        );
  if (reading && !reading.ok)
    return {
      ok: false,
      says: `“${distanceText}” is not a distance Zelk can read. Type it like 31200, 31,200 or 31.2k.`,
    };
  let distance = reading?.ok ? reading.value : undefined;
  if (reading?.ok && reading.unit !== unit)
    distance = Math.round(unit === 'mi' ? reading.value / KM_PER_MILE : reading.value * KM_PER_MILE);
  // A small bare number may be anything: it is asked about, and stays in the line.
  const small =
    distance === undefined
      ? / (\d{1,3})(?=[ ,;])(?! ?(?:yr|year|month|mth|l\b|litre|liter|%))/i.exec(rest)?.[1]
      : undefined;
  if (small !== undefined) doubts.push(`Is “${small}” a distance? If so, type ${small}k.`);
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
    ...(small !== undefined && { small }),
    rest,
  };
}
