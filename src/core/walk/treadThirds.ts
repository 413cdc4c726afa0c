import type { Vocabulary } from '../car';

/** Where across a tyre: the outer third is away from the car. */
export const treadThirds = ['outer', 'centre', 'inner'] as const;
export type TreadThird = (typeof treadThirds)[number];
export const thirdName = (third: TreadThird, vocabulary: Vocabulary): string =>
  third === 'centre' && vocabulary === 'us' ? 'center' : third;
