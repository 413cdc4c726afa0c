import type { JudgedWalk } from './countWalk';
import { drawGamma, type Random } from './gamma';
import { type Factors, type Group, grouped, settleMeans, sweep } from './groups';
import { type MeasureId, measureIds } from './measures';
import { mixScales } from './mixScales';
import { housePriors, type Learned, type MeasureLearned, type Priors } from './model';
import { drawSize, tailsOf } from './spread';
import type { Grid } from './table';

/** Draws that are kept, after so many that are not, with so many between two of them. */
const DRAWS = 100;
const BURN_IN = 120;
const BETWEEN = 3;
/** The spread among cars is known well and moves slowly: it is drawn anew every so many times. */
const SPREAD_EVERY = 3;
/** Rounds in which the factors settle before anything is drawn. */
const SETTLING = 12;

interface Options {
  random: Random;
  priors?: Priors;
  /** Size of the spread among cars, instead of learning it. */
  size?: number;
}

/**
 * Corrects a table by finished walks, one measure at a time: Gibbs sampling of the factors of `Priors`, each conjugate given the others
 * (Gelman et al., Bayesian Data Analysis, 3rd ed., sections 2.6 and 11.1). Cars of one cell differ among themselves more than counts of one rate do: each has a
 * factor of its own, which is drawn too; together with the rate that makes a negative binomial count (the same, section 17.2). The same walks and seed give the same.
 */
export function learn(grid: Grid, walks: readonly JudgedWalk[], options: Options): Learned {
  return {
    version: 1,
    walks: walks.length,
    measures: Object.fromEntries(
      measureIds.map((id) => [id, learnMeasure(id, grid, walks, options)]),
    ) as Record<MeasureId, MeasureLearned>,
  };
}

/** What the walks say of one measure. */
export function learnMeasure(
  id: MeasureId,
  grid: Grid,
  walks: readonly JudgedWalk[],
  { random, priors = housePriors, size: given }: Options,
): MeasureLearned {
  const people = [...new Set(walks.map(({ walker }) => walker))].sort();
  const { base, groups, cars, counts, found, heavy } = grouped(id, grid, walks, people);
  const factors = {
    measure: factorsOf(priors.measure, 1, () => 0),
    age: factorsOf(priors.age, grid.ages.length, ({ age }) => age),
    distance: factorsOf(priors.distance, grid.miles.length, ({ distance }) => distance),
    cell: factorsOf(priors.cell, base.length, ({ cell }) => cell),
    walker: factorsOf(priors.walker, people.length, ({ walker }) => walker),
    hard: factorsOf(priors.hardToSee, 1, ({ isHard }) => (isHard ? 0 : -1)),
  };
  const all = Object.values(factors);
  const tails = tailsOf(counts);
  let size = given ?? priors.size;
  const learned: MeasureLearned = {
    sizes: [],
    cars,
    usual: base.map(() => []),
    walkers: Object.fromEntries(people.map((person) => [person, []])),
    anyone: [],
    hardToSee: [],
    found,
    heavy,
  };
  settleMeans(all, groups);
  for (let i = -SETTLING; i < BURN_IN + DRAWS * BETWEEN; i += 1) {
    if (i < 0) {
      sweep(all, groups, ({ shape, rate }) => shape / rate);
      continue;
    }
    if (given === undefined && i % SPREAD_EVERY === 0) size = drawSize(size, priors, groups, tails, random);
    for (const group of groups) group.cars = carsDrawn(group, size, random);
    sweep(all, groups, (gamma) => drawGamma(gamma, random));
    mixScales(factors, grid, random);
    if (i < BURN_IN || (i - BURN_IN) % BETWEEN > 0) continue;
    keep(learned, factors, base, people, grid, size);
    learned.anyone.push(short(drawGamma(priors.walker, random)));
  }
  return learned;
}

/** What the cars of a group come to, each with its own factor: theirs are Gammas of one rate, so their sum is one too. */
function carsDrawn({ walks, count, mean }: Group, size: number, random: Random): number {
  return Number.isFinite(size)
    ? drawGamma({ shape: walks * size + count, rate: size + mean }, random)
    : walks;
}

const factorsOf = (prior: Factors['prior'], count: number, of: Factors['of']): Factors => ({
  prior,
  of,
  values: new Float64Array(count).fill(Number.isFinite(prior.shape) ? prior.shape / prior.rate : 1),
});

type Named = Readonly<Record<'measure' | 'age' | 'distance' | 'cell' | 'walker' | 'hard', Factors>>;

function keep(
  learned: MeasureLearned,
  factors: Named,
  base: readonly number[],
  people: readonly string[],
  grid: Grid,
  size: number,
): void {
  const factorAt = (name: keyof Named, at = 0) => factors[name].values[at] ?? 1;
  base.forEach((usual, cell) => {
    const band =
      factorAt('age', Math.floor(cell / grid.miles.length)) * factorAt('distance', cell % grid.miles.length);
    learned.usual[cell]?.push(short(usual * factorAt('measure') * band * factorAt('cell', cell)));
  });
  people.forEach((person, at) => {
    learned.walkers[person]?.push(short(factorAt('walker', at)));
  });
  learned.hardToSee.push(short(factorAt('hard')));
  learned.sizes.push(short(Math.min(size, 1e6)));
}

/** Four figures are more than is known. */
const short = (value: number): number => Number(value.toPrecision(4));
