import type { DistanceUnit } from '../car';
import type { Day } from './calendar';
import { readDayAndDistance } from './readDayAndDistance';

export interface OdometerFigure {
  day: Day;
  /** In the unit asked for. */
  value: number;
  source: 'certificate' | 'photo' | 'other';
}

export type FigureReading = { ok: true; figure: OdometerFigure } | { ok: false; says: string };

const words = {
  certificate: /\b(certificate|roadworthiness|emissions test)\b/i,
  photo: /\b(photo|picture|advert|listing)\b/i,
} as const;

/** True when a line of a record is an odometer figure of a certificate or dated photo, not a service. */
export const isFigureLine = (line: string): boolean => words.certificate.test(line) || words.photo.test(line);

/** Reads "54.2k 12/03/2024 certificate": a figure somebody else wrote down on a day. */
export function parseFigure(line: string, unit: DistanceUnit, today: Day, monthFirst = false): FigureReading {
  const read = readDayAndDistance(line, unit, today, monthFirst);
  if (!read.ok) return read;
  const { date, distance, doubts } = read;
  const isAsked = distance === undefined && doubts.some((doubt) => doubt.includes('a distance?'));
  if (!isAsked && (date === undefined || distance === undefined))
    return {
      ok: false,
      says: `“${line.trim()}”: a certificate or photo needs both its date and its distance, like 54.2k 12/03/2024 certificate.`,
    };
  // A year of two figures is no reason to refuse it: what it was taken for is seen in the list.
  const open = doubts.filter((doubt) => !doubt.includes('is taken for'));
  if (open.length > 0 || date === undefined || distance === undefined)
    return { ok: false, says: `“${line.trim()}”: ${open.join(' ')}` };
  const source = words.certificate.test(line) ? 'certificate' : words.photo.test(line) ? 'photo' : 'other';
  return { ok: true, figure: { day: date.day, value: distance, source } };
}
