import { z } from 'zod';
import { curesSchema, decisionSchema } from '../../remedySchema';
import { partId } from '../fields';
import { anyFunction } from '../functions/bodies';
import { anyItem } from '../kit/bodies';

/** What a cure or a decision is about, where it is no finding: those hold theirs in their details. */
const aboutSchema = z.discriminatedUnion('of', [
  z.strictObject({ of: z.literal('part'), part: partId }),
  z.strictObject({ of: z.literal('function'), function: anyFunction }),
  z.strictObject({ of: z.literal('item'), item: anyItem }),
  z.strictObject({ of: z.literal('papers') }),
  z.strictObject({ of: z.literal('smell') }),
]);
export type RemedyAbout = z.output<typeof aboutSchema>;

/** Null takes back; what is left out stays as it was. */
export const remedyBodies = {
  'remedy-noted': z
    .strictObject({
      about: aboutSchema,
      cures: curesSchema.nullable().optional(),
      decision: decisionSchema.nullable().optional(),
    })
    .refine(
      ({ cures, decision }) => cures !== undefined || decision !== undefined,
      'Say what would mend it, or what was decided.',
    ),
} as const;
