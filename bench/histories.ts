import { addDays, addMonths, type Day, type OdometerPoint, type ServiceEntry } from '#core/papers';
import { range } from '../demo/picture-maker/random';

type Random = () => number;

/** Readings of an invented car over its life, kilometres: services, certificates, a walk at the end. */
export function cleanPoints(random: Random): OdometerPoint[] {
  const n = Math.floor(range(random, 5, 13));
  const rate = range(random, 5_000, 32_000);
  let [day, value]: [Day, number] = ['2014-03-10', range(random, 10, 200)];
  return Array.from({ length: n }, (_, i) => {
    const months = range(random, 5, 16);
    day = addDays(addMonths(day, Math.floor(months)), Math.floor(random() * 28));
    value += (months / 12) * rate * range(random, 0.45, 1.7);
    return {
      day,
      value: Math.round(value),
      source: i === n - 1 ? 'walk' : random() < 0.5 ? 'service' : 'certificate',
    } as OdometerPoint;
  });
}

const withValue = (points: readonly OdometerPoint[], at: number, value: number) =>
  points.map((point, i) => (i === at ? { ...point, value } : point));

export type PointFault = 'goes-down' | 'other-unit' | 'digit-slip';

/** The same readings with one fault that shows: a value that still lies between its neighbours nobody could tell. */
export function withFault(
  points: readonly OdometerPoint[],
  fault: PointFault,
  random: Random,
): { points: OdometerPoint[]; at: number } | undefined {
  const n = points.length;
  const valueAt = (i: number) => (points[i] as OdometerPoint).value;
  switch (fault) {
    case 'goes-down': {
      const at = Math.floor(range(random, Math.ceil(n / 2), n));
      const off = valueAt(at) - valueAt(at - 1) + range(random, 0.15, 0.4) * valueAt(at - 1);
      return {
        points: points.map((point, i) =>
          i < at ? point : { ...point, value: Math.round(point.value - off) },
        ),
        at,
      };
    }
    case 'other-unit': {
      const at = Math.floor(range(random, 2, n - 1));
      const value = Math.round(random() < 0.5 ? valueAt(at) / 1.609344 : valueAt(at) * 1.609344);
      return value < valueAt(at - 1) * 0.99 || value > valueAt(at + 1) * 1.01
        ? { points: withValue(points, at, value), at }
        : undefined;
    }
    case 'digit-slip': {
      const at = Math.floor(range(random, 1, n - 1));
      const text = String(valueAt(at));
      const i = Math.floor(random() * (text.length - 1));
      const value = Number(text.slice(0, i) + text[i + 1] + text[i] + text.slice(i + 2));
      return value < valueAt(at - 1) * 0.99 || value > valueAt(at + 1) * 1.01
        ? { points: withValue(points, at, value), at }
        : undefined;
    }
  }
}

/** A record kept at every interval, never late: 12 months or 20,000 km. */
export function keptRecord(random: Random): ServiceEntry[] {
  const n = Math.floor(range(random, 5, 11));
  let [day, distance]: [Day, number] = ['2015-05-04', 0];
  return Array.from({ length: n }, () => {
    day = addDays(addMonths(day, 10 + Math.floor(random() * 2)), Math.floor(random() * 25));
    distance += Math.round(range(random, 12_500, 19_500));
    return { day, distance, proof: 'stamp', works: ['oil'] };
  });
}

export type RecordFault = 'missing' | 'early' | 'late';

/** The same record with one stretch too long, too short, or with an entry torn out. Tells the entry it ends at. */
export function withRecordFault(
  entries: readonly ServiceEntry[],
  fault: RecordFault,
  random: Random,
): { entries: ServiceEntry[]; at: number } {
  const at = Math.floor(range(random, 2, entries.length - 1));
  if (fault === 'missing') return { entries: entries.filter((_, i) => i !== at), at };
  const months = fault === 'late' ? 4 + Math.floor(random() * 3) : -7;
  const km = fault === 'late' ? 3_000 : -10_500;
  return {
    entries: entries.map((entry, i) =>
      i < at
        ? entry
        : { ...entry, day: addMonths(entry.day as Day, months), distance: (entry.distance as number) + km },
    ),
    at,
  };
}
