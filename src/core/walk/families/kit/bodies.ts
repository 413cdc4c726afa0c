import { z } from 'zod';
import {
  alterationKinds,
  kitConditions,
  kitItemIds,
  smellIds,
  smellStrengths,
  standardParts,
} from '../../../kit';
import { uuid } from '../fields';

const says = z.string().trim().max(200, 'A note may hold 200 characters.').optional();

/** A thing of the usual list, or one a person added by name. */
export const anyItem = z.union([z.enum(kitItemIds), z.uuid('A thing is one of the list, or has a UUID.')]);

/** What comes along with the car, what was changed on it, and what its cabin smells of. */
export const kitBodies = {
  /** An empty list is an answer: none noticed. */
  'smell-noted': z.strictObject({
    noticed: z
      .array(z.strictObject({ smell: z.enum(smellIds), strength: z.enum(smellStrengths), says }))
      .max(smellIds.length)
      .refine(
        (noticed) => new Set(noticed.map(({ smell }) => smell)).size === noticed.length,
        'Name each smell once.',
      ),
  }),
  /** Counted: 0 is not there. The last count holds. */
  'item-counted': z.strictObject({
    item: anyItem,
    name: z.string().trim().min(1, 'Type a name.').max(60, 'A name may hold 60 characters.').optional(),
    count: z.int().min(0, 'A count is 0 or more.').max(99, 'At most 99: check the count.'),
    condition: z.enum(kitConditions).optional(),
    says,
  }),
  'alteration-noted': z.strictObject({
    alteration: uuid,
    what: z.enum(alterationKinds),
    says: z.string().trim().min(1, 'Say what was altered.').max(200, 'A note may hold 200 characters.'),
    standardPart: z.enum(standardParts).optional(),
  }),
  'alteration-removed': z.strictObject({ alteration: uuid }),
} as const;
