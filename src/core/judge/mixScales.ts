import type { Gamma, Random } from './gamma';
import type { Grid } from './table';

/** Factors of one kind, with what is believed of each before counting. */
export interface Scale {
  prior: Gamma;
  values: Float64Array;
}

type Scales = Readonly<Record<'measure' | 'age' | 'distance' | 'cell' | 'walker', Scale>>;

/** How far a scale is moved at once: a factor of about so much. */
const STEP = 0.35;

/**
 * All walkers twice as keen, and half as much there, fit the same counts: only what was believed before tells the two apart, and drawing one factor after another finds
 * its way there slowly. So a scale is moved from one kind of factor to another outright, and kept as often as beliefs say (a Metropolis step; the
 * counts do not change). Likewise between a band and its cells.
 */
export function mixScales(
  { measure, age, distance, cell, walker }: Scales,
  grid: Grid,
  random: Random,
): void {
  const whole = (scale: Scale): Part => ({ scale, from: 0, step: 1, count: scale.values.length });
  const far = grid.miles.length;
  for (const other of [age, distance, walker, cell]) exchange(whole(measure), whole(other), random);
  grid.ages.forEach((_, a) => {
    exchange(
      { scale: age, from: a, step: 1, count: 1 },
      { scale: cell, from: a * far, step: 1, count: far },
      random,
    );
  });
  grid.miles.forEach((_, m) => {
    exchange(
      { scale: distance, from: m, step: 1, count: 1 },
      { scale: cell, from: m, step: far, count: grid.ages.length },
      random,
    );
  });
}

/** Some of the factors of a kind: every `step`th from one on. */
interface Part {
  scale: Scale;
  from: number;
  step: number;
  count: number;
}

function exchange(one: Part, other: Part, random: Random): void {
  if (!Number.isFinite(one.scale.prior.shape) || !Number.isFinite(other.scale.prior.shape)) return;
  const by = Math.exp((random() * 2 - 1) * STEP);
  const gain = gainOf(one, by) + gainOf(other, 1 / by);
  if (Math.log(1 - random()) > gain) return;
  scaled(one, by);
  scaled(other, 1 / by);
}

/** How much likelier its factors are, by their logarithms, when all are so many times as large. */
function gainOf({ scale: { prior, values }, from, step, count }: Part, by: number): number {
  let sum = 0;
  for (let i = 0; i < count; i += 1) sum += values[from + i * step] ?? 0;
  return count * prior.shape * Math.log(by) - prior.rate * sum * (by - 1);
}

function scaled({ scale: { values }, from, step, count }: Part, by: number): void {
  for (let i = 0; i < count; i += 1) values[from + i * step] = (values[from + i * step] ?? 1) * by;
}
