import { z } from 'zod';
import { faceIds, outsideFaces } from '../../../car';
import { lookIds } from '../../lookTable';
import { note, partId, uuid } from '../fields';
import { statementKinds } from './statementKinds';

/** Parts of a car are some hundred; a sweep names those it went over. */
const MOST_PARTS = 300;
const severalParts = z
  .array(partId)
  .min(1, 'Name at least one part.')
  .max(MOST_PARTS)
  .refine((parts) => new Set(parts).size === parts.length, 'Name each part once.');

/** What was looked for and is not there. */
export const lookedFor = z
  .array(z.enum(lookIds))
  .min(1, 'Name what was looked for, or leave it out.')
  .max(12, 'At most 12 things looked for.');

/** Smaller ones there may be: none is big, or none is larger than so many millimetres. */
export const overSchema = z.union([
  z.literal('big'),
  z.number().positive('A size must be more than 0 mm.').max(6000, 'A size may be at most 6,000 mm.'),
]);
export type Over = z.output<typeof overSchema>;

/** What one gesture went over, from where one stands. */
export const sweepScope = z.discriminatedUnion('of', [
  z.strictObject({ of: z.literal('side'), face: z.enum(faceIds) }),
  z.strictObject({ of: z.literal('rest') }),
]);

const statementScope = z.discriminatedUnion('of', [
  z.strictObject({ of: z.literal('car') }),
  z.strictObject({ of: z.literal('side'), face: z.enum(outsideFaces) }),
  z.strictObject({ of: z.literal('parts'), parts: severalParts }),
]);

export const sweepBodies = {
  /** Clears many parts at once; the parts stand in the entry, so that it means the same for ever. */
  'sweep-made': z.strictObject({
    over: sweepScope,
    parts: severalParts,
    absent: lookedFor.optional(),
  }),
  'statement-made': z
    .strictObject({
      statement: uuid,
      over: statementScope,
      is: z.enum(statementKinds),
      /** In one's own words; of a repair its evidence. */
      says: note.optional(),
    })
    .refine(({ is, says }) => is !== 'other' || Boolean(says), 'Say what there is to say.')
    .refine(
      ({ is, over }) => is !== 'one-repair' || (over.of === 'parts' && over.parts.length > 1),
      'Name the parts the repair goes over, two at least.',
    )
    .refine(({ is, says }) => is !== 'one-repair' || Boolean(says), 'Say what shows that it is one repair.'),
  'statement-taken-back': z.strictObject({ statement: uuid }),
} as const;
export type StatementMade = z.output<(typeof sweepBodies)['statement-made']>;
