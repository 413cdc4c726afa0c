import { z } from 'zod';
import { keptLookSchema, morningLookSchema } from '../diary';
import { expectationTableSchema, measureIds } from '../judge';
import { weakSpotListSchema } from '../weakSpots';
import { rateSchema } from './rateShape';

/** The table of what is usual, and what the yard's walks say of it. */
export const expectationsPageSchema = z.object({
  table: expectationTableSchema,
  /** No row was set by the yard. */
  isHouse: z.boolean(),
  /** Cars learned from. */
  walks: z.int(),
  /** By measure, cells in the order of its rows: how many are usual now, within what nine of ten, and cars counted. */
  learned: z.array(
    z.object({
      measure: z.enum(measureIds),
      cells: z.array(z.object({ low: z.number(), usual: z.number(), high: z.number(), cars: z.int() })),
    }),
  ),
  /** How much more or less than others somebody logs, for managers alone. */
  walkers: z.array(
    z.object({
      person: z.string(),
      name: z.string(),
      measure: z.enum(measureIds),
      low: z.number(),
      factor: z.number(),
      high: z.number(),
    }),
  ),
});
export type ExpectationsPage = z.output<typeof expectationsPageSchema>;

export const weakSpotsPageSchema = weakSpotListSchema;

/** What the yard's own findings show as typical of a model. */
export const typicalPageSchema = z.object({
  walks: z.int(),
  /** Walks before anything is told. */
  needed: z.int(),
  typical: z.array(
    z.object({
      make: z.string(),
      model: z.string(),
      part: z.string(),
      kind: z.string(),
      here: rateSchema,
      others: rateSchema,
    }),
  ),
});
export type TypicalPage = z.output<typeof typicalPageSchema>;

/** Cars in the order they stand, each with what was seen of it lately. */
export const roundSchema = z.object({
  cars: z.array(
    z.object({
      car: z.uuid(),
      stockNumber: z.string(),
      title: z.string(),
      standsAt: z.string(),
      tint: z.string(),
      cameIn: z.string(),
      /** Of the last weeks, oldest first. */
      looks: z.array(keptLookSchema),
    }),
  ),
});
export type Round = z.output<typeof roundSchema>;

export const looksBody = z.strictObject({
  looks: z
    .array(morningLookSchema)
    .min(1, 'Send at least one look.')
    .max(100, 'Send at most 100 looks at a time.'),
});
export const looksTakenSchema = z.object({ taken: z.array(z.string()) });
export const carLooksSchema = z.object({ looks: z.array(keptLookSchema.extend({ name: z.string() })) });
export type CarLooks = z.output<typeof carLooksSchema>;
