import { aroundOne, type Gamma } from './gamma';
import type { MeasureId } from './measures';

/**
 * What is counted on a car is the house’s figure for its cell times factors, each near 1 until counting says otherwise: one of the measure, one of the band of age, one of
 * the band of distance, one of the cell, one of whoever walked, one of conditions in which less is seen. Cells of a band share its factor, so neighbours are drawn together.
 * Shapes are house figures.
 */
export interface Priors {
  measure: Gamma;
  age: Gamma;
  distance: Gamma;
  cell: Gamma;
  walker: Gamma;
  hardToSee: Gamma;
  /** How cars of one cell differ among themselves: the size of a negative binomial distribution, the larger the more alike; and within what factor that is believed, as a standard deviation of its logarithm. */
  size: number;
  sizeWithin: number;
}

export const housePriors: Priors = {
  measure: aroundOne(4),
  age: aroundOne(50),
  distance: aroundOne(50),
  cell: aroundOne(100),
  walker: aroundOne(8),
  // In rain or dusk about a sixth is missed: a house figure.
  hardToSee: { shape: 12, rate: 14.4 },
  size: 3,
  sizeWithin: 0.5,
};

/** What was learned of one measure. Draws belong together by their place: the first of every list is one way in which all may be. */
export interface MeasureLearned {
  /** How cars of one cell differ: sizes of a negative binomial distribution; the larger, the more alike. */
  sizes: number[];
  /** Walks counted in each cell, by age, then by distance. */
  cars: number[];
  /** How many are usual in each cell: draws, cell by cell. */
  usual: number[][];
  /** Factors of whoever walked, by person; and of somebody who has not walked here yet. */
  walkers: Record<string, number[]>;
  anyone: number[];
  hardToSee: number[];
  /** How many were found in all, and how many of those were heavy. */
  found: number;
  heavy: number;
}

/** What a yard’s finished walks say of its table. */
export interface Learned {
  version: 1;
  walks: number;
  measures: Record<MeasureId, MeasureLearned>;
}
