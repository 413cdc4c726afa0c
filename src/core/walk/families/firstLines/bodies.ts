import { z } from 'zod';
import { uuid } from '../fields';
import { anyFunction } from '../functions/bodies';

/** What a buyer is told first: something of the walk, or a line in one's own words. */
const aboutSchema = z.discriminatedUnion('of', [
  z.strictObject({ of: z.literal('finding'), finding: uuid }),
  z.strictObject({ of: z.literal('function'), function: anyFunction }),
  z.strictObject({ of: z.literal('story'), fact: uuid }),
  z.strictObject({
    of: z.literal('words'),
    says: z.string().trim().min(1, 'Say what a buyer must know.').max(160, 'At most 160 characters.'),
  }),
]);
export type FirstLine = z.output<typeof aboutSchema>;

export const firstLineBodies = {
  'told-first': z.strictObject({ about: aboutSchema }),
  'told-first-taken-back': z.strictObject({ about: aboutSchema }),
} as const;
