import { z } from 'zod';
import { daySchema, serviceEntrySchema } from '../../../papers';
import { uuid } from '../fields';
import { figureSources, keyStates, manualStates, numberPlaces, registrationStates } from './paperStates';

const paperNote = z.string().trim().max(300, 'A note may hold 300 characters.').nullable().optional();

const farthest = 'That is farther than any odometer shows.';

export const papersBodies = {
  'service-noted': z.strictObject({ service: uuid, entry: serviceEntrySchema }),
  'service-removed': z.strictObject({ service: uuid }),
  /** What the papers say; null takes a thing back. */
  'papers-noted': z.strictObject({
    keepers: z
      .int()
      .min(1, 'A used car has had at least one keeper.')
      .max(99, 'Check the number of keepers.')
      .nullable()
      .optional(),
    keys: z.int().min(0).max(10, 'At most 10 keys: check the count.').nullable().optional(),
    keysTried: z.int().min(0).max(10).nullable().optional(),
    /** Stamps in the service book, entered one by one or only counted. */
    stamps: z.int().min(0).max(99, 'At most 99 stamps: check the count.').nullable().optional(),
    /** Each key: whether it opens and starts. */
    keyStates: z.array(z.enum(keyStates)).max(10, 'At most 10 keys: check the count.').nullable().optional(),
    registration: z.enum(registrationStates).nullable().optional(),
    /** Why a copy, which certificate, what the papers say of keepers: in one's own words. */
    registrationSays: paperNote,
    certificateSays: paperNote,
    keepersSays: paperNote,
    manuals: z.enum(manualStates).nullable().optional(),
    certificateUntil: daySchema.nullable().optional(),
    recalls: z.string().trim().max(300, 'A note may hold 300 characters.').nullable().optional(),
    firstUse: daySchema.nullable().optional(),
    interval: z
      .strictObject({
        distance: z.int().min(1000, 'An interval is at least 1,000.').max(100_000),
        months: z.int().min(3, 'An interval is at least 3 months.').max(60),
        beltDistance: z.int().min(10_000).max(500_000, farthest).optional(),
        beltMonths: z.int().min(12).max(240).optional(),
      })
      .nullable()
      .optional(),
  }),
  'number-read': z.strictObject({
    where: z.enum(numberPlaces),
    text: z.string().trim().max(30, 'A number may hold 30 characters.'),
  }),
  /** An odometer figure that somebody else wrote down on a day: a certificate, a dated photo. */
  'figure-noted': z.strictObject({
    figure: uuid,
    day: daySchema,
    /** In the unit of the car's country. */
    value: z.int().min(0).max(2_000_000, farthest),
    source: z.enum(figureSources),
  }),
  'figure-removed': z.strictObject({ figure: uuid }),
} as const;
