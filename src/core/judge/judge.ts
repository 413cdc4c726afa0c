import { FEWEST_CARS, type UsualBand, usualBand } from './bandOf';
import type { Counted, JudgedWalk } from './countWalk';
import { measureIds } from './measures';
import type { Learned } from './model';
import type { Grid } from './table';

/** How a car’s count stands to what is usual; `too-few` where the yard’s own cars do not say, the rest where the count itself does not. */
export const standings = ['better', 'in-line', 'more', 'too-few', 'not-counted', 'not-all-seen'] as const;
export type Standing = (typeof standings)[number];

/** A share of the parts less than this looked at leaves too much open. House figure. */
const SEEN_ENOUGH = 0.8;

/** How a count stands to its band. More or better only where it lies outside; in line only where the band is known. */
export function standingOf(
  { count, looked, of }: Counted,
  { low, high, isKnown, alike, cars }: Pick<UsualBand, 'low' | 'high' | 'isKnown' | 'alike' | 'cars'>,
): Standing {
  if (looked < of * SEEN_ENOUGH) return 'not-all-seen';
  if (count === undefined) return 'not-counted';
  // Where no car of the yard is of like age and distance, the band is reckoned from others: nothing is held against it.
  if (cars < FEWEST_CARS || alike === 0) return 'too-few';
  if (count > high) return 'more';
  if (count < low) return 'better';
  return isKnown ? 'in-line' : 'too-few';
}

/** Whether more of them are heavy than is usual among as many. */
export const isHeavier = (
  { heavy, count = 0 }: Counted,
  { mostHeavy }: Pick<UsualBand, 'mostHeavy'>,
): boolean => count > 0 && heavy > mostHeavy;

/** What is usual on cars like one, as a report rests on it. */
export interface UsualFor {
  bands: readonly UsualBand[];
  /** The shortest longer distance at which as much wear of the cabin is usual at the car’s age; absent where none is, or nothing was worn more than usual. */
  cabinLikeMiles?: number;
}

/** Everything a report needs to hold a walk against the yard’s other cars. Takes a few milliseconds. */
export function usualFor(grid: Grid, learned: Learned, walk: JudgedWalk): UsualFor {
  const bands = measureIds.flatMap((id) => usualBand(id, grid, learned, walk) ?? []);
  const worn = walk.counted['cabin-wear']?.count;
  const here = bands.find(({ measure }) => measure === 'cabin-wear');
  if (worn === undefined || !here || worn <= here.high) return { bands };
  const like = grid.miles.find(({ from }) => {
    if (from <= walk.miles) return false;
    const band = usualBand('cabin-wear', grid, learned, { ...walk, miles: from });
    return band !== undefined && worn <= band.high;
  });
  return { bands, ...(like && { cabinLikeMiles: like.from }) };
}
