import { z } from 'zod';
import { type FindingKind, findingKindIds, noticeDistances, severities } from '../walk';

const share = z.number().min(0, 'A place lies on the picture.').max(1, 'A place lies on the picture.');
const placeSchema = z.strictObject({ x: share, y: share });
export type PlaceOnPicture = z.output<typeof placeSchema>;

/** Marks of a person on one picture: what they would log, and what they would wipe off. */
export const practiceMarkSchema = z.strictObject({
  at: placeSchema,
  is: z.enum(['fault', 'dirt'], 'Say whether it is a fault, or only dirt.'),
  kind: z.enum(findingKindIds, 'That is no kind of finding.').optional(),
  /** Longest side in millimetres. */
  sizeMm: z
    .number('A size is a figure in millimetres.')
    .positive('A size is more than 0 mm.')
    .max(3000, 'A size is at most 3,000 mm.')
    .optional(),
  severity: z.enum(severities).optional(),
  notice: z.enum(noticeDistances).optional(),
});
export type PracticeMark = z.output<typeof practiceMarkSchema>;

/** What a person answered: no mark is "nothing there". */
export const practiceAnswerSchema = z.strictObject({
  id: z.uuid(),
  exercise: z.string().max(20),
  marks: z.array(practiceMarkSchema).max(12, 'At most twelve marks on one picture.'),
  side: z.enum(['left', 'right']).optional(),
  /** How long it was looked at. */
  ms: z.int().min(0, 'The time cannot be less than 0: is the clock of this device right?').max(3_600_000),
});
export type PracticeAnswer = z.output<typeof practiceAnswerSchema>;

/** What there is in a picture, known because it was drawn. */
export const practiceTruthSchema = z.strictObject({
  is: z.enum(['fault', 'dirt', 'nothing']),
  /** Of a fault. */
  kind: z.enum(findingKindIds).optional(),
  /** Of dirt, in words: "dried water". */
  dirt: z.string().optional(),
  /** Outline outside of which nothing is changed, in shares of the picture. */
  area: z.array(z.tuple([z.number(), z.number()])).optional(),
  sizeMm: z.number().positive().optional(),
  severity: z.enum(severities).optional(),
  /** By the house rule for the paint it is on. */
  notice: z.enum(noticeDistances).optional(),
  /** The side of the car it is on, where the picture lets one tell. */
  side: z.enum(['left', 'right']).optional(),
});
export type PracticeTruth = z.output<typeof practiceTruthSchema>;

/** A picture to look at, and what is known of it. */
export const exerciseSchema = z.strictObject({
  id: z.string(),
  width: z.int().positive(),
  height: z.int().positive(),
  /** What the person is told: "Black saloon, from close by". */
  says: z.string(),
  truth: practiceTruthSchema,
});
export type Exercise = z.output<typeof exerciseSchema>;

/** What one learns to see: a kind of fault, to leave dirt alone, and to leave alone where nothing is. */
export type Skill = FindingKind | 'dirt' | 'nothing';
export const skillOf = ({ is, kind }: PracticeTruth): Skill => (is === 'fault' ? (kind ?? 'other') : is);
