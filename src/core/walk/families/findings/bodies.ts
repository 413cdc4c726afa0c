import { z } from 'zod';
import { subPartIds } from '../../../car';
import { actions, noticeDistances, repairQualities, rustDepths, testAnswers } from '../../choices';
import { extentSchema } from '../../extent';
import { findingKindIds } from '../../findingKinds';
import { howBads } from '../../howBad';
import type { Decision } from '../../remedy';
import { curesSchema, decisionSchema } from '../../remedySchema';
import { amounts, firmnesses, severities } from '../../severity';
import { spotSchema } from '../../spot';
import { note, partId, uuid } from '../fields';

const sizeMm = z
  .number()
  .positive('A size must be more than 0 mm.')
  .max(6000, 'A size may be at most 6,000 mm.');

const gap = z.number().min(0, 'A gap cannot be less than 0 mm.').max(100, 'A gap may be at most 100 mm.');

/** What can be said of a finding beyond its part, spot and kind. */
const detailShape = {
  /** How bad, apart from how big and how deep. */
  howBad: z.enum(howBads).optional(),
  /** How deep or how far gone. */
  severity: z.enum(severities).optional(),
  /** How many or how much, as it was said. */
  amount: z.enum(amounts).optional(),
  count: z.int().min(1, 'Count at least 1.').max(999, 'Count at most 999.').optional(),
  lengthMm: sizeMm.optional(),
  widthMm: sizeMm.optional(),
  areaMm2: z
    .number()
    .positive('An area must be more than 0.')
    .max(36_000_000, 'An area may be at most 36 m².')
    .optional(),
  /** Its figures were judged by eye: "about 40 mm". */
  isAbout: z.literal(true).optional(),
  nail: z.enum(testAnswers.nail).optional(),
  feel: z.enum(testAnswers.feel).optional(),
  wipe: z.enum(testAnswers.wipe).optional(),
  notice: z.enum(noticeDistances).optional(),
  /** Of early logs: what would be done, promised without saying so. */
  action: z.enum(actions).optional(),
  /** What would mend it, in the order it is done. */
  cures: curesSchema.optional(),
  decision: decisionSchema.optional(),
  note: note.optional(),
  /** What may have caused it: a guess, told as one. */
  cause: z.string().trim().min(1).max(200, 'At most 200 characters.').optional(),
  extent: extentSchema.optional(),
  /** How well an earlier repair was done. */
  repair: z.enum(repairQualities).optional(),
  /** Of early logs: how far rust has gone. */
  rust: z.enum(rustDepths).optional(),
  /** How rust feels when pressed, and whether there is a hole. */
  firm: z.enum(firmnesses).optional(),
  hole: z.boolean().optional(),
  /** Width of a gap, here and at the same place on the other side. */
  gapMm: gap.optional(),
  otherGapMm: gap.optional(),
  /** How far a panel stands proud (more than 0) or sits in (less than 0). */
  flushMm: z
    .number()
    .min(-50, 'A step may be at most 50 mm.')
    .max(50, 'A step may be at most 50 mm.')
    .optional(),
};
export const findingDetailsSchema = z.strictObject(detailShape);
/** Details as an entry holds them. */
export type StoredDetails = z.output<typeof findingDetailsSchema>;
/** Details as they are known: what early logs say in other words is read. */
export type FindingDetails = Omit<StoredDetails, 'action' | 'rust' | 'decision'> & {
  decision?: Decision | undefined;
};

/** Changed details; null takes one back. */
const changesSchema = z.strictObject({
  ...(Object.fromEntries(
    Object.entries(detailShape).map(([key, schema]) => [key, schema.unwrap().nullable().optional()]),
  ) as {
    [K in keyof typeof detailShape]: z.ZodOptional<
      z.ZodNullable<ReturnType<(typeof detailShape)[K]['unwrap']>>
    >;
  }),
  kind: z.enum(findingKindIds).optional(),
  sub: z.enum(subPartIds).nullable().optional(),
  spot: spotSchema.optional(),
  suspected: z.boolean().optional(),
});
export type FindingChanges = z.output<typeof changesSchema>;

/** What is found on a car, and what becomes of it. */
export const findingBodies = {
  'finding-noted': z.strictObject({
    finding: uuid,
    part: partId,
    /** A smaller thing on the part: its handle, its seal. */
    sub: z.enum(subPartIds).optional(),
    spot: spotSchema,
    kind: z.enum(findingKindIds),
    suspected: z.boolean(),
    details: findingDetailsSchema,
  }),
  'finding-amended': z.strictObject({ finding: uuid, changes: changesSchema }),
  /** The step-back lap's answer. */
  'notice-answered': z.strictObject({ finding: uuid, notice: z.enum(noticeDistances) }),
  'finding-dismissed': z.strictObject({
    finding: uuid,
    why: z.string().trim().min(1, 'Say what it turned out to be.').max(200),
  }),
  /** It was there, and has been mended. */
  'put-right': z.strictObject({
    finding: uuid,
    says: z.string().trim().min(1, 'Say what was done.').max(200, 'At most 200 characters.'),
  }),
} as const;
