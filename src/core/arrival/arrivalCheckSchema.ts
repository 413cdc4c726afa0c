import { z } from 'zod';
import { faceIds } from '../car';
import { sha256Schema } from '../walk';

export const ARRIVAL_CHECK_VERSION = 1;

/** When a car is held against its report: by who fetches it, and where it comes to. */
export const occasions = ['collection', 'arrival'] as const;
export type Occasion = (typeof occasions)[number];

export const verdicts = ['as-described', 'different', 'could-not-tell'] as const;
export type Verdict = (typeof verdicts)[number];

/** So many photos one part may have, and so many one check. */
export const MOST_PHOTOS_A_PART = 6;
export const MOST_PHOTOS_A_CHECK = 60;
const MOST_POINTS = 4000;

const moment = z.iso.datetime({ message: 'A time must be written in UTC.', precision: 3 });
const note = z.string().trim().max(500, 'A note may hold 500 characters.');
const share = z.number().min(0).max(1);

/** Strokes of a finger, as polylines in shares of a pad twice as wide as high, from its top left. */
export const signatureSchema = z
  .array(z.array(z.tuple([share, share])).min(2))
  .min(1, 'Sign in the field with a finger.')
  .max(200)
  .refine(
    (strokes) => strokes.reduce((sum, stroke) => sum + stroke.length, 0) <= MOST_POINTS,
    'The signature is too long. Clear it and sign again.',
  );
export type Signature = z.output<typeof signatureSchema>;

const odometer = z.strictObject({
  value: z.int('Type the odometer as a whole number.').min(0).max(2_000_000, 'At most 2,000,000.'),
  unit: z.enum(['mi', 'km']),
});

const answerSchema = z
  .strictObject({
    part: z.string().min(1).max(40),
    verdict: z.enum(verdicts),
    note: note.default(''),
    photos: z
      .array(sha256Schema)
      .max(MOST_PHOTOS_A_PART, `At most ${MOST_PHOTOS_A_PART} photos of one part.`),
  })
  .refine(
    ({ verdict, note, photos }) => verdict !== 'different' || note !== '' || photos.length > 0,
    'Say in a note what is different, or take a photo.',
  );
export type ArrivalAnswer = z.output<typeof answerSchema>;

/** What the person at the car fills in and signs. */
export const filledCheckSchema = z
  .strictObject({
    id: z.uuid(),
    /** The revision they had in hand. */
    revision: z.int().positive(),
    occasion: z.enum(occasions),
    name: z.string().trim().min(2, 'Type your name.').max(80, 'At most 80 characters.'),
    /** Buyer, driver, or for whom they act. */
    role: z.string().trim().max(80, 'At most 80 characters.').default(''),
    place: z.string().trim().min(2, 'Say where the car is.').max(120, 'At most 120 characters.'),
    begunAt: moment,
    signedAt: moment,
    odometer: odometer.optional(),
    answers: z.array(answerSchema).max(400),
    remarks: z.string().trim().max(1000, 'At most 1,000 characters.').default(''),
    signature: signatureSchema,
  })
  .refine(
    ({ answers }) => new Set(answers.map(({ part }) => part)).size === answers.length,
    'A part is answered twice. Keep one answer to each part.',
  )
  .refine(
    ({ answers }) => answers.reduce((sum, { photos }) => sum + photos.length, 0) <= MOST_PHOTOS_A_CHECK,
    `At most ${MOST_PHOTOS_A_CHECK} photos in one check.`,
  )
  .refine(
    ({ begunAt, signedAt }) => begunAt <= signedAt,
    'It was signed before it was begun. Set the clock.',
  );
export type FilledCheck = z.output<typeof filledCheckSchema>;

const checkedPartSchema = z.strictObject({
  part: z.string(),
  name: z.string(),
  face: z.enum(faceIds).optional(),
  /** What the report says of it. */
  described: z.string(),
  verdict: z.enum([...verdicts, 'not-looked-at']),
  note: z.string(),
  photos: z.array(sha256Schema),
});
export type CheckedPart = z.output<typeof checkedPartSchema>;

/** The signed statement: what was described, what was found, by whom. Never changed once signed. */
export const arrivalCheckSchema = z.strictObject({
  format: z.literal('zelk-arrival-check'),
  version: z.literal(ARRIVAL_CHECK_VERSION),
  id: z.uuid(),
  occasion: z.enum(occasions),
  walk: z.uuid(),
  /** The revision it was held against, and its fingerprint. */
  report: z.strictObject({ id: z.uuid(), revision: z.int().positive(), sha256: sha256Schema }),
  title: z.string(),
  stockNumber: z.string(),
  yard: z.string(),
  name: z.string(),
  role: z.string(),
  place: z.string(),
  begunAt: moment,
  signedAt: moment,
  odometer: odometer.optional(),
  /** The figure in the report, and how the two go together; empty when one is missing. */
  odometerDescribed: z.string().optional(),
  odometerSays: z.string(),
  parts: z.array(checkedPartSchema),
  remarks: z.string(),
  /** The words that were signed. */
  statement: z.string(),
  signature: signatureSchema,
});
export type ArrivalCheck = z.output<typeof arrivalCheckSchema>;
