import { z } from 'zod';
import type { Counted, JudgedWalk } from './countWalk';
import { countsParts, type MeasureId, measureIds } from './measures';
import type { Learned } from './model';
import { bandAt, type Grid } from './table';

/** Four of five such cars lie in a band: a tenth below it, a tenth above. */
const BELOW = 0.1;
const ABOVE = 0.9;
/** A band says what is in line only where the mean is known this well: standard deviation of its logarithm. */
const KNOWN_WITHIN = 0.5;
/** Before so many cars of the yard’s own a band rests on the house’s figures, which are from memory. */
export const FEWEST_CARS = 10;
/** Longest band that is worked out. */
const MOST = 400;

/** How many are usual on cars like one, as the yard’s own walks say. */
export const usualBandSchema = z.strictObject({
  measure: z.enum(measureIds),
  low: z.int().min(0),
  /** The one in the middle: half of such cars have no more. */
  middle: z.int().min(0),
  high: z.int().min(0),
  /** The yard’s own cars say it well enough to call a count in line with it. */
  isKnown: z.boolean(),
  /** Cars of the yard in the same band of age and distance, and in all. */
  alike: z.int().min(0),
  cars: z.int().min(0),
  /** Of a hundred of them so many are heavy. */
  heavyPercent: z.number().min(0).max(100),
  /** More heavy ones than this among as many as were counted would be unusual. */
  mostHeavy: z.int().min(0),
});
export type UsualBand = z.output<typeof usualBandSchema>;

/**
 * The band of one measure for a walk: counts that four of five cars of its age and distance have, as this walker counts and in these conditions, with
 * what is not known of the mean in it. Undefined where nothing was counted on this car, or its age or distance lies in no band.
 */
export function usualBand(
  measure: MeasureId,
  grid: Grid,
  learned: Learned,
  walk: Pick<JudgedWalk, 'age' | 'miles' | 'walker' | 'isHardToSee' | 'counted'>,
): UsualBand | undefined {
  const counted = walk.counted[measure];
  const [age, distance] = [bandAt(grid.ages, walk.age), bandAt(grid.miles, walk.miles)];
  const known = learned.measures[measure];
  if (!counted || counted.of === 0 || age === undefined || distance === undefined) return undefined;
  const cell = age * grid.miles.length + distance;
  const row = grid.rows.get(measure)?.[cell];
  if (!row) return undefined;
  const walker = known.walkers[walk.walker] ?? known.anyone;
  const share = counted.looked / counted.of;
  const means = (known.usual[cell] ?? []).map(
    (usual, i) => usual * share * (walker[i] ?? 1) * (walk.isHardToSee ? (known.hardToSee[i] ?? 1) : 1),
  );
  if (means.length === 0 || share === 0) return undefined;
  const at = quantiles(means, known.sizes, [BELOW, 0.5, ABOVE]);
  const most = countsParts(measure) ? counted.of : MOST;
  const cars = known.cars.reduce((sum, each) => sum + each, 0);
  return {
    measure,
    low: Math.min(at[0] ?? 0, most),
    middle: Math.min(at[1] ?? 0, most),
    high: Math.min(at[2] ?? 0, most),
    isKnown: cars >= FEWEST_CARS && spreadOfLog(means) <= KNOWN_WITHIN,
    alike: known.cars[cell] ?? 0,
    cars,
    ...heavyOf(row.heavyPercent, known, counted),
  };
}

/** Counts at or under which the shares lie: a negative binomial of each mean and size, all mixed. */
function quantiles(means: readonly number[], sizes: readonly number[], shares: readonly number[]): number[] {
  const now = means.map((mean, i) => {
    const size = sizes[i] ?? 1;
    return (size / (size + mean)) ** size;
  });
  const found: number[] = [];
  let under = 0;
  for (let count = 0; count <= MOST && found.length < shares.length; count += 1) {
    let here = 0;
    for (let i = 0; i < means.length; i += 1) {
      here += now[i] ?? 0;
      const [mean, size] = [means[i] ?? 0, sizes[i] ?? 1];
      now[i] = (((now[i] ?? 0) * (count + size)) / (count + 1)) * (mean / (mean + size));
    }
    under += here / means.length;
    while (found.length < shares.length && under >= (shares[found.length] ?? 1)) found.push(count);
  }
  while (found.length < shares.length) found.push(MOST);
  return found;
}

function spreadOfLog(values: readonly number[]): number {
  const logs = values.map((value) => Math.log(Math.max(value, 1e-9)));
  const mean = logs.reduce((sum, each) => sum + each, 0) / logs.length;
  return Math.sqrt(logs.reduce((sum, each) => sum + (each - mean) ** 2, 0) / logs.length);
}

/** What the house’s share of heavy ones is worth, in things found. House figure. */
const HEAVY_WORTH = 20;

/** Share of heavy ones, corrected by those found, and the most of as many as were counted that is still usual: 9 of 10 such cars have no more (beta-binomial). */
function heavyOf(
  percent: number,
  { found, heavy }: { found: number; heavy: number },
  { count = 0 }: Counted,
): Pick<UsualBand, 'heavyPercent' | 'mostHeavy'> {
  const a = Math.max((percent / 100) * HEAVY_WORTH, 0.1) + heavy;
  const b = Math.max((1 - percent / 100) * HEAVY_WORTH, 0.1) + found - heavy;
  let here = 1;
  for (let i = 0; i < count; i += 1) here *= (b + i) / (a + b + i);
  let under = here;
  let most = 0;
  while (under < ABOVE && most < count) {
    here *= ((count - most) * (a + most)) / ((most + 1) * (b + count - most - 1));
    most += 1;
    under += here;
  }
  return { heavyPercent: Math.round((100 * a) / (a + b)), mostHeavy: most };
}
