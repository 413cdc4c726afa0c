import { z } from 'zod';
import { type Cure, cures } from '../walk';
import { type Trade, tradeIds } from './trades';

export const sizeClasses = ['small', 'medium', 'large'] as const;
export type SizeClass = (typeof sizeClasses)[number];

/** Money is whole pence, cents and the like. */
const money = z
  .int('A price is a whole number of pence or cents.')
  .min(0, 'A price is 0 or more.')
  .max(10_000_000, 'A price is at most 100,000.');
const minutes = z
  .int('Minutes are whole.')
  .min(0, 'Minutes are 0 or more.')
  .max(10_000, 'At most 10,000 minutes.');
const oneSize = z.strictObject({ minutes, materials: money });

/** What one cure takes: once a car for setting up, then for each panel or spot by its size. */
const workSchema = z.strictObject({
  trade: z.enum(tradeIds),
  setUpMinutes: minutes,
  small: oneSize,
  medium: oneSize,
  large: oneSize,
});
export type Work = z.output<typeof workSchema>;

/** The yard's prices. Stored as they are; `version` tells how they are read. */
export const pricesSchema = z.strictObject({
  version: z.literal(1),
  currency: z.string().regex(/^[A-Z]{3}$/, 'A currency has three letters, like GBP.'),
  /** Prices are without tax; it is added where it is shown. Tenths of a percent. */
  tax: z.strictObject({
    perMille: z.int('Tax is in tenths of a percent.').min(0).max(500, 'Tax is at most 50 %.'),
    isShown: z.boolean(),
  }),
  /** By the hour; and what a visit costs before anything is done, or the way to the body shop and back. */
  trades: z.record(z.enum(tradeIds), z.strictObject({ perHour: money, callOut: money })),
  work: z.record(z.enum(cures), workSchema),
  /** A polish of the whole car. */
  wholeCarPolish: oneSize,
  /** Three wheels and more are done as a set of all: so many thousandths of their single prices. */
  wheelSetPerMille: z.int().min(0).max(1000, 'A set costs no more than its wheels.'),
  /** What a tyre costs fitted, by size as it is said: "205/55 R16". */
  tyres: z
    .array(
      z.strictObject({
        size: z.string().trim().min(3, 'Type the size, like 205/55 R16.').max(30),
        each: money,
      }),
    )
    .max(200, 'At most 200 sizes.'),
});
export type Prices = z.output<typeof pricesSchema>;

const one = (mins: number, materials: number) => ({ minutes: mins, materials });
const work = (
  trade: Trade,
  setUpMinutes: number,
  small: readonly [number, number],
  medium: readonly [number, number],
  large: readonly [number, number],
): Work => ({ trade, setUpMinutes, small: one(...small), medium: one(...medium), large: one(...large) });

/** House figures to begin with: minutes, and materials in hundredths of the currency. Every one is the yard's to change. */
const usualWork: Record<Cure, Work> = {
  'find-out': work('workshop', 0, [30, 0], [45, 0], [60, 0]),
  clean: work('valeter', 10, [10, 100], [20, 200], [60, 600]),
  remove: work('valeter', 10, [10, 0], [20, 0], [60, 0]),
  'treat-rust': work('body-shop', 0, [45, 800], [90, 1500], [150, 3000]),
  'repair-panel': work('body-shop', 0, [45, 800], [90, 1500], [180, 4000]),
  'dent-removal': work('dent-specialist', 0, [25, 0], [45, 0], [80, 0]),
  'touch-in': work('own-hands', 20, [20, 80], [25, 120], [35, 200]),
  'local-paint': work('paint-specialist', 0, [45, 1200], [60, 1500], [90, 2500]),
  'full-panel': work('body-shop', 0, [40, 1500], [65, 2700], [100, 4500]),
  polish: work('valeter', 20, [15, 100], [30, 200], [45, 300]),
  'wheel-refurbish': work('wheel-specialist', 0, [60, 2000], [75, 2500], [90, 3000]),
  'glass-repair': work('glass-specialist', 0, [30, 500], [40, 600], [50, 800]),
  'glass-replace': work('glass-specialist', 0, [90, 2000], [90, 2000], [120, 3000]),
  'lamp-polish': work('own-hands', 10, [30, 500], [30, 500], [40, 600]),
  recolour: work('trim-specialist', 0, [45, 800], [75, 1500], [120, 2500]),
  adjust: work('workshop', 0, [30, 0], [45, 0], [60, 0]),
  refit: work('own-hands', 0, [15, 200], [25, 400], [40, 800]),
  replace: work('workshop', 0, [20, 0], [40, 0], [60, 0]),
  mechanical: work('workshop', 0, [60, 1500], [120, 4000], [240, 10_000]),
};

const usualTrades: Record<Trade, { perHour: number; callOut: number }> = {
  'own-hands': { perHour: 3600, callOut: 0 },
  valeter: { perHour: 2500, callOut: 0 },
  'dent-specialist': { perHour: 8000, callOut: 4000 },
  'paint-specialist': { perHour: 6500, callOut: 4000 },
  'body-shop': { perHour: 5500, callOut: 6000 },
  'wheel-specialist': { perHour: 5000, callOut: 2500 },
  'glass-specialist': { perHour: 6000, callOut: 3000 },
  'trim-specialist': { perHour: 5500, callOut: 4000 },
  'tyre-fitter': { perHour: 4500, callOut: 0 },
  workshop: { perHour: 5500, callOut: 0 },
};

/** What a yard begins with: house figures, meant to be looked through and changed. */
export const usualPrices = (currency: string): Prices => ({
  version: 1,
  currency,
  tax: { perMille: 0, isShown: false },
  trades: { ...usualTrades },
  work: { ...usualWork },
  wholeCarPolish: one(150, 800),
  wheelSetPerMille: 740,
  tyres: [],
});

/** What so many minutes of a trade cost, whole pence or cents. */
export const labour = ({ trades }: Pick<Prices, 'trades'>, trade: Trade, mins: number): number =>
  Math.round((trades[trade].perHour * mins) / 60);
