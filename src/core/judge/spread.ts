import type { Random } from './gamma';
import type { Group } from './groups';
import type { Priors } from './model';

/** How far the size is moved at once: a factor of at most about so much. */
const STEP = 0.4;

/** How many counts are larger than 0, than 1 and so on: all that the spread asks of single walks. */
export function tailsOf(counts: readonly number[]): number[] {
  const tails: number[] = [];
  for (const count of counts) for (let i = 0; i < count; i += 1) tails[i] = (tails[i] ?? 0) + 1;
  return tails;
}

/**
 * Another size of the spread among cars, or the same: a Metropolis step on its logarithm, by the negative binomial likelihood of all walks with the means as they
 * stand (Gelman et al., Bayesian Data Analysis, 3rd ed., sections 11.2 and 17.2) and a log-normal belief around the house’s.
 */
export function drawSize(
  size: number,
  { size: usual, sizeWithin }: Priors,
  groups: readonly Group[],
  tails: readonly number[],
  random: Random,
): number {
  const other = size * Math.exp((random() * 2 - 1) * STEP);
  const belief = (each: number) => -0.5 * (Math.log(each / usual) / sizeWithin) ** 2;
  const gain =
    likelihood(other, groups, tails) + belief(other) - likelihood(size, groups, tails) - belief(size);
  return Math.log(1 - random()) <= gain ? other : size;
}

function likelihood(size: number, groups: readonly Group[], tails: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < tails.length; i += 1) sum += (tails[i] ?? 0) * Math.log(size + i);
  for (const { walks, count, mean } of groups)
    sum += walks * size * Math.log(size / (size + mean)) - count * Math.log(size + mean);
  return sum;
}
