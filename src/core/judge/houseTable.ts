import { type MeasureId, measureIds } from './measures';
import type { Band, Expectation, ExpectationTable } from './table';

/** Bands of whole years and of miles. House figures. */
const AGES: readonly Band[] = [
  { from: 0, to: 2 },
  { from: 3, to: 5 },
  { from: 6, to: 8 },
  { from: 9, to: 12 },
  { from: 13 },
];
const MILES: readonly Band[] = [
  { from: 0, to: 20_000 },
  { from: 20_000, to: 50_000 },
  { from: 50_000, to: 80_000 },
  { from: 80_000, to: 120_000 },
  { from: 120_000 },
];

/**
 * House figures [H], from memory and not from any survey: how many are usual on the middle band (6 to 8 years, 50,000 to 80,000 miles), how that grows with
 * age and with distance from band to band, and how many of a hundred are heavy. They are where a yard begins; its own cars correct them.
 */
const house: Record<
  MeasureId,
  { usual: number; byAge: readonly number[]; byMiles: readonly number[]; heavyPercent: number }
> = {
  'front-chips': {
    usual: 8,
    byAge: [0.55, 0.8, 1, 1.2, 1.4],
    byMiles: [0.3, 0.65, 1, 1.35, 1.7],
    heavyPercent: 8,
  },
  'side-dings': {
    usual: 1.6,
    byAge: [0.35, 0.7, 1, 1.4, 1.9],
    byMiles: [0.7, 0.85, 1, 1.15, 1.3],
    heavyPercent: 8,
  },
  'door-edges': {
    usual: 1.4,
    byAge: [0.4, 0.75, 1, 1.3, 1.6],
    byMiles: [0.8, 0.9, 1, 1.1, 1.2],
    heavyPercent: 5,
  },
  wheels: {
    usual: 1.5,
    byAge: [0.6, 0.85, 1, 1.15, 1.25],
    byMiles: [0.65, 0.85, 1, 1.15, 1.25],
    heavyPercent: 15,
  },
  'cabin-wear': {
    usual: 2,
    byAge: [0.5, 0.75, 1, 1.3, 1.6],
    byMiles: [0.3, 0.6, 1, 1.5, 2],
    heavyPercent: 12,
  },
  rust: {
    usual: 0.4,
    byAge: [0.1, 0.3, 1, 2.8, 6],
    byMiles: [0.7, 0.85, 1, 1.2, 1.4],
    heavyPercent: 20,
  },
  lamps: {
    usual: 0.5,
    byAge: [0.15, 0.5, 1, 1.8, 2.6],
    byMiles: [0.75, 0.9, 1, 1.1, 1.2],
    heavyPercent: 12,
  },
  glass: {
    usual: 0.8,
    byAge: [0.6, 0.85, 1, 1.15, 1.3],
    byMiles: [0.4, 0.7, 1, 1.3, 1.6],
    heavyPercent: 10,
  },
};

const twoPlaces = (value: number): number => Math.round(value * 100) / 100;

/** What Zelk begins with, every row marked as a house figure. */
export const houseTable: ExpectationTable = {
  rows: measureIds.flatMap((measure) => {
    const { usual, byAge, byMiles, heavyPercent } = house[measure];
    return AGES.flatMap((age, a) =>
      MILES.map(
        (far, m): Expectation => ({
          measure,
          ageFrom: age.from,
          ...(age.to !== undefined && { ageTo: age.to }),
          milesFrom: far.from,
          ...(far.to !== undefined && { milesTo: far.to }),
          expected: twoPlaces(usual * (byAge[a] ?? 1) * (byMiles[m] ?? 1)),
          heavyPercent,
          setBy: 'house',
        }),
      ),
    );
  }),
};
