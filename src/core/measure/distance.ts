import type { DistanceUnit } from '../car';
import type { Message } from '../told';
import { kmFromMiles, milesFromKm } from './units';
import { inEnglish, say } from './words';

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

/** "48,213 miles" */
export const distanceTold = (value: number, unit: DistanceUnit): Message =>
  say(`distance.${unit}`, { value: Math.round(value) || 0 });
/** "6,000 to 11,000 miles"; one figure where both ends come to the same. */
export const distanceRangeTold = (low: number, high: number, unit: DistanceUnit): Message =>
  low === high ? distanceTold(low, unit) : say(`distance.${unit}.range`, { low, high });
export const speakDistance = (value: number, unit: DistanceUnit): string =>
  inEnglish(distanceTold(value, unit));

/** "48,213 miles (77,591 km)", for a reader who thinks in the other unit. */
export const distanceBothWaysTold = (value: number, unit: DistanceUnit): Message =>
  say('distance.both', {
    read: distanceTold(value, unit),
    other: unit === 'mi' ? distanceTold(kmFromMiles(value), 'km') : distanceTold(milesFromKm(value), 'mi'),
  });
export const speakDistanceBothWays = (value: number, unit: DistanceUnit): string =>
  inEnglish(distanceBothWaysTold(value, unit));
