import type { DistanceUnit } from '../car';
import { kmFromMiles, milesFromKm } from './units';

export type OdometerReading =
  | { ok: true; value: number; unit: DistanceUnit }
  | { ok: false; problem: 'not-a-distance' | 'too-far' };

/** Seven figures is more than any car's odometer shows. */
export const MAX_ODOMETER = 2_000_000;

/** Reads an odometer figure as people type it: "48213", "48,213", "48.213 km", "31.2k". A bare number is in `unit`. */
export function parseOdometer(text: string, unit: DistanceUnit): OdometerReading {
  const clean = text.trim().toLowerCase().replace(/\s+/g, '');
  const spoken = /^(\d[\d.,']*)(k)?(mi|miles|km)?$/.exec(clean);
  if (!spoken) return { ok: false, problem: 'not-a-distance' };
  const [, figures = '', thousands, suffix] = spoken;
  const grouped = /^\d{1,3}([.,']\d{3})+$/.test(figures);
  const plain = grouped ? figures.replace(/[.,']/g, '') : figures.replace(',', '.');
  const value = Number(plain) * (thousands ? 1000 : 1);
  if (!Number.isFinite(value)) return { ok: false, problem: 'not-a-distance' };
  if (value > MAX_ODOMETER) return { ok: false, problem: 'too-far' };
  const used = suffix === 'km' ? 'km' : suffix ? 'mi' : unit;
  return { ok: true, value: Math.round(value), unit: used };
}

export function odometerProblemMessage(problem: Extract<OdometerReading, { ok: false }>['problem']): string {
  return problem === 'too-far'
    ? 'That is farther than any odometer shows. Check the figure.'
    : 'Type the figure on the odometer, for example 48213 or 48,213 km.';
}

const grouped = (value: number) => String(Math.round(value)).replace(/\B(?=(\d{3})+$)/g, ',');

/** "48,213 miles" */
export function speakDistance(value: number, unit: DistanceUnit): string {
  return `${grouped(value)} ${unit === 'mi' ? 'miles' : 'km'}`;
}

/** "48,213 miles (77,591 km)", for a reader who thinks in the other unit. */
export function speakDistanceBothWays(value: number, unit: DistanceUnit): string {
  const other =
    unit === 'mi' ? speakDistance(kmFromMiles(value), 'km') : speakDistance(milesFromKm(value), 'mi');
  return `${speakDistance(value, unit)} (${other})`;
}
