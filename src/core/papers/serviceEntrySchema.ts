import { z } from 'zod';
import { daySchema } from './daySchema';
import { proofs, serviceWorkIds } from './serviceWorks';

/** One entry of a service record. A date or a distance, or both. */
export const serviceEntrySchema = z
  .strictObject({
    day: daySchema.optional(),
    /** The record gives the month alone. */
    isMonthOnly: z.boolean().optional(),
    /** In the unit of the car's country. */
    distance: z.int().min(0).max(2_000_000, 'That is farther than any odometer shows.').optional(),
    proof: z.enum(proofs),
    who: z.string().trim().max(80, 'A name may hold 80 characters.').optional(),
    works: z.array(z.enum(serviceWorkIds)).max(serviceWorkIds.length),
    note: z.string().trim().max(200, 'A note may hold 200 characters.').optional(),
  })
  .refine(
    ({ day, distance }) => day !== undefined || distance !== undefined,
    'Give a date or a distance, or both.',
  );
export type ServiceEntry = z.output<typeof serviceEntrySchema>;
