import type { Schedule, Yard } from './schedule';

/** What a half-day late costs against one half-day of waiting, and what a visit does; a task without a place. House figures. */
export const WEIGHTS = { late: 1000, ready: 1, visit: 2, unplaced: 100_000 } as const;

/** Half-days by which a promise is missed. */
export const lateOf = (promised: number | undefined, ready: number): number =>
  promised === undefined ? 0 : Math.max(0, ready - promised);

/** How bad a schedule is: promised dates first, then how soon cars are ready, then visits. Less is better. */
export function costOf(
  { cars, length }: Pick<Yard, 'cars' | 'length'>,
  { ready, visits, unplaced }: Schedule,
): number {
  let cost = visits * WEIGHTS.visit + unplaced.size * WEIGHTS.unplaced;
  for (const { id, promised } of cars) {
    const at = ready.get(id);
    if (at === undefined) {
      if (promised !== undefined && unplaced.size > 0) cost += WEIGHTS.late * Math.max(0, length - promised);
      continue;
    }
    cost += (at + 1) * WEIGHTS.ready + WEIGHTS.late * lateOf(promised, at);
  }
  return cost;
}
