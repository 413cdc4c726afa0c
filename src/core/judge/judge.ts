import { type UsualBand, usualBand } from './bandOf';
import type { Counted, JudgedWalk } from './countWalk';
import { type MeasureId, measureIds } from './measures';
import type { Learned } from './model';
import type { Grid } from './table';

/** How a car’s count stands to what is usual; `too-few` where the yard’s own cars do not say, the rest where the count itself does not. */
export const standings = ['better', 'in-line', 'more', 'too-few', 'not-counted', 'not-all-seen'] as const;
export type Standing = (typeof standings)[number];

/** A share of the parts less than this looked at leaves too much open. House figure. */
const SEEN_ENOUGH = 0.8;

/** Bands for all that was counted in a walk. Takes a few milliseconds at most. */
export const usualBands = (grid: Grid, learned: Learned, walk: JudgedWalk): UsualBand[] =>
  measureIds.flatMap((id) => usualBand(id, grid, learned, walk) ?? []);

/** How a count stands to its band. More or better only where it lies outside; in line only where the band is known. */
export function standingOf(
  { count, looked, of }: Counted,
  { low, high, isKnown, cars }: UsualBand,
  fewest: number,
): Standing {
  if (looked < of * SEEN_ENOUGH) return 'not-all-seen';
  if (count === undefined) return 'not-counted';
  if (cars < fewest) return 'too-few';
  if (count > high) return 'more';
  if (count < low) return 'better';
  return isKnown ? 'in-line' : 'too-few';
}

/** Whether more of them are heavy than is usual among as many. */
export const isHeavier = ({ heavy, count = 0 }: Counted, { mostHeavy }: UsualBand): boolean =>
  count > 0 && heavy > mostHeavy;

/** How the wear of a cabin stands to the odometer. It asks; it never says that a figure is wrong. */
export type CabinStanding =
  | { status: 'fits' | 'too-few' }
  /** Its wear lies in the band of cars that have gone farther. */
  | { status: 'looks-more'; likeMiles: number }
  /** More wear than any band of its age. */
  | { status: 'beyond' }
  | { status: 'looks-less' };

/** Holds cabin wear against the odometer: the first longer distance at which so much wear is usual at the car’s age. */
export function cabinAgainstOdometer(
  grid: Grid,
  learned: Learned,
  walk: JudgedWalk,
  standing: Standing,
): CabinStanding {
  const id: MeasureId = 'cabin-wear';
  const count = walk.counted[id]?.count;
  if (
    count === undefined ||
    standing === 'too-few' ||
    standing === 'not-all-seen' ||
    standing === 'not-counted'
  )
    return { status: 'too-few' };
  if (standing === 'in-line') return { status: 'fits' };
  if (standing === 'better') return { status: 'looks-less' };
  for (const { from } of grid.miles.filter((band) => band.from > walk.miles)) {
    const band = usualBand(id, grid, learned, { ...walk, miles: from });
    if (band && count <= band.high) return { status: 'looks-more', likeMiles: from };
  }
  return { status: 'beyond' };
}
