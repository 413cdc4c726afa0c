import { z } from 'zod';
import { curesSchema, decisionSchema } from '../../remedySchema';
import { partId, uuid } from '../fields';
import { anyFunction } from '../functions/bodies';
import { anyItem } from '../kit/bodies';

const others = [
  z.strictObject({ of: z.literal('part'), part: partId }),
  z.strictObject({ of: z.literal('function'), function: anyFunction }),
  z.strictObject({ of: z.literal('item'), item: anyItem }),
  z.strictObject({ of: z.literal('papers') }),
  z.strictObject({ of: z.literal('smell') }),
  /** More than a part: a side polished, the cabin cleaned, the whole car prepared. */
  z.strictObject({ of: z.literal('side'), side: z.enum(['left', 'right']) }),
  z.strictObject({ of: z.literal('cabin') }),
  z.strictObject({ of: z.literal('car') }),
] as const;

/** What a cure or a decision is about, where it is no finding: those hold theirs in their details. */
const aboutSchema = z.discriminatedUnion('of', [...others]);
export type RemedyAbout = z.output<typeof aboutSchema>;

/** How what was to be mended is found when it is looked at again. */
export const foundAgain = ['gone', 'better', 'still-there'] as const;
export type FoundAgain = (typeof foundAgain)[number];

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
  /** Looked at again after the work: by whoever walks the car, not by who did it. */
  'mend-checked': z.strictObject({
    about: z.discriminatedUnion('of', [
      z.strictObject({ of: z.literal('finding'), finding: uuid }),
      ...others,
    ]),
    found: z.enum(foundAgain),
    /** What was done, or what is left of it. */
    says: z.string().trim().min(1).max(200, 'At most 200 characters.').optional(),
  }),
} as const;
