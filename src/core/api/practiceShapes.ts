import { z } from 'zod';
import { practiceTruthSchema } from '../practice';
import { rateSchema } from './rateShape';

const scoreSchema = z.object({
  outcome: z.enum(['found', 'missed', 'taken-for-dirt', 'known-dirt', 'left-alone', 'taken-for-fault']),
  falseAlarms: z.array(z.string()),
  isKindRight: z.boolean().optional(),
  isSeverityRight: z.boolean().optional(),
  isNoticeRight: z.boolean().optional(),
  isSideRight: z.boolean().optional(),
  sizeRatio: z.number().optional(),
  ms: z.int(),
});

const resultsSchema = z.object({
  answers: z.int(),
  skills: z.array(
    z.object({
      skill: z.string(),
      seen: rateSchema,
      kind: rateSchema.optional(),
      size: z.object({ ratio: z.number(), low: z.number(), high: z.number(), of: z.int() }).optional(),
      middleMs: z.number(),
    }),
  ),
  falseAlarms: z.object({
    count: z.int(),
    pictures: rateSchema,
    byKind: z.array(z.object({ kind: z.string(), count: z.int() })),
  }),
  sides: rateSchema.optional(),
  severity: rateSchema.optional(),
  notice: rateSchema.optional(),
});
export type ResultsTold = z.output<typeof resultsSchema>;

/** What to look at next, and how one does. What is in the picture is told once it is answered. */
export const practicePageSchema = z.object({
  exercises: z.int(),
  next: z
    .object({
      id: z.string(),
      width: z.int(),
      height: z.int(),
      says: z.string(),
      /** One can tell the side of the car. */
      asksSide: z.boolean(),
      why: z.enum(['due', 'new', 'ahead']),
    })
    .optional(),
  /** Kinds that are due now. */
  due: z.int(),
  results: resultsSchema,
  isShared: z.boolean(),
});
export type PracticePage = z.output<typeof practicePageSchema>;

export const practiceScoredSchema = z.object({
  truth: practiceTruthSchema,
  score: scoreSchema,
  /** When its kind comes round again. */
  due: z.string(),
});
export type PracticeScored = z.output<typeof practiceScoredSchema>;

export const practiceShareBody = z.strictObject({ isShared: z.boolean() });

const agreement = z.object({
  kappa: z.number(),
  low: z.number(),
  high: z.number(),
  same: z.number(),
  of: z.int(),
});

/** What people share of theirs, and how far two who walked the same cars agree. */
export const practiceTeamSchema = z.object({
  people: z.array(z.object({ name: z.string(), results: resultsSchema })),
  pairs: z.array(
    z.object({
      one: z.string(),
      other: z.string(),
      cars: z.int(),
      kinds: z.array(
        z.object({ kind: z.string(), agreement: agreement.optional(), onlyOne: z.int(), onlyOther: z.int() }),
      ),
    }),
  ),
});
export type PracticeTeam = z.output<typeof practiceTeamSchema>;
