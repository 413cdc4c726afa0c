import type { PartKind } from '../car';
import type { FindingKind } from '../walk';

/** A finished walk as typical findings are looked for in it. */
export interface WalkedCar {
  walk: string;
  make: string;
  model: string;
  bodyStyle: string;
  /** "arch rust": each kind of part with a kind of finding, once. */
  found: readonly `${PartKind} ${FindingKind}`[];
}

/** A share with the interval it lies in 95 times in 100. */
export interface Share {
  met: number;
  of: number;
  low: number;
  high: number;
}

/** What cars of a model have more often than all others. */
export interface Typical {
  make: string;
  model: string;
  part: PartKind;
  kind: FindingKind;
  here: Share;
  others: Share;
  /** How much more of a hundred, and the interval of that. */
  more: { low: number; high: number };
}

/** Before so many finished walks nothing is called typical. */
export const ENOUGH_WALKS = 20;
/** Nor of a model of which fewer cars were walked. */
const ENOUGH_OF_MODEL = 4;
/** Two-sided points of the normal distribution: 95 of 100, as it is told; 99 of 100, as it is decided, since many things are looked at and some stand apart by chance. */
const TOLD = 1.959964;
const DECIDED = 2.575829;
/** What is told must stand well apart, a tenth at least. House figure. */
const LEAST_MORE = 0.1;

/** Wilson's interval of a share, of 95 in 100 unless another point is given (Wilson, 1927; method 3 of Newcombe, Statistics in Medicine 17, 1998, 857 to 872). */
export function shareOf(met: number, of: number, z = TOLD): Share {
  if (of === 0) return { met, of, low: 0, high: 1 };
  const p = met / of;
  const middle = 2 * met + z * z;
  const spread = z * Math.sqrt(z * z + 4 * met * (1 - p));
  const under = 2 * (of + z * z);
  return {
    met,
    of,
    low: Math.max(0, (middle - spread) / under),
    high: Math.min(1, (middle + spread) / under),
  };
}

/** Interval of the difference of two shares, the first less the second (method 10 of Newcombe, Statistics in Medicine 17, 1998, 873 to 890). */
export function differenceOf(a: Share, b: Share): { low: number; high: number } {
  const [p, q] = [a.met / a.of, b.met / b.of];
  return {
    low: p - q - Math.hypot(p - a.low, b.high - q),
    high: p - q + Math.hypot(a.high - p, q - b.low),
  };
}

/**
 * What the yard's own finished walks show as typical of a model: kinds of finding its cars have more often than all others, by an interval that lies
 * wholly above a tenth. Empty before `ENOUGH_WALKS`. The surest first.
 */
export function typicalFindings(cars: readonly WalkedCar[]): Typical[] {
  if (cars.length < ENOUGH_WALKS) return [];
  const modelOf = ({ make, model }: WalkedCar) => `${make} ${model}`;
  const counts = new Map<string, { cars: number; found: Map<string, number>; make: string; model: string }>();
  const all = new Map<string, number>();
  for (const car of cars) {
    const key = modelOf(car);
    const here = counts.get(key) ?? { cars: 0, found: new Map(), make: car.make, model: car.model };
    counts.set(key, here);
    here.cars += 1;
    for (const each of new Set(car.found)) {
      here.found.set(each, (here.found.get(each) ?? 0) + 1);
      all.set(each, (all.get(each) ?? 0) + 1);
    }
  }
  return [...counts.values()]
    .filter((here) => here.cars >= ENOUGH_OF_MODEL && here.cars < cars.length)
    .flatMap(({ cars: of, found, make, model }) =>
      [...found].flatMap(([each, met]): Typical[] => {
        const [besides, ofOthers] = [(all.get(each) ?? 0) - met, cars.length - of];
        const more = differenceOf(shareOf(met, of, DECIDED), shareOf(besides, ofOthers, DECIDED));
        const [part, kind] = each.split(' ') as [PartKind, FindingKind];
        return more.low > LEAST_MORE
          ? [{ make, model, part, kind, here: shareOf(met, of), others: shareOf(besides, ofOthers), more }]
          : [];
      }),
    )
    .sort((a, b) => b.more.low - a.more.low);
}
