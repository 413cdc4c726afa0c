import { z } from 'zod';
import { placeSchema } from '../picture';
import { sha256Schema } from '../walk';

/** A buyer's words are plain text, and short. */
export const LONGEST_QUESTION = 500;
/** So many open questions one link may have: more belong into a call. */
export const MOST_OPEN = 20;

const text = z
  .string()
  .trim()
  .min(3, 'Type what you want to know.')
  .max(LONGEST_QUESTION, `A question may hold ${LONGEST_QUESTION} characters. Ask one thing at a time.`);

/** What a question is about: a part, a finding, a picture and a spot on it, or the whole car. */
export const questionAboutSchema = z
  .strictObject({
    part: z.string().min(1).max(40).optional(),
    finding: z.uuid().optional(),
    photo: sha256Schema.optional(),
    /** A ring on the photo, in shares of its width and height. */
    at: placeSchema.optional(),
  })
  .refine(({ photo, at }) => at === undefined || photo !== undefined, 'A ring needs its photo.');
export type QuestionAbout = z.output<typeof questionAboutSchema>;

export const newQuestionSchema = z.strictObject({
  id: z.uuid(),
  text,
  about: questionAboutSchema,
  /** "Closer look here, please": a picture is wanted, not words alone. */
  wantsLook: z.boolean().default(false),
});
export type NewQuestion = z.output<typeof newQuestionSchema>;

export const answerSchema = z.object({
  says: z.string(),
  photos: z.array(sha256Schema),
  at: z.string(),
});

/** A question as every reader sees it: who asked is nobody else's business. */
export const questionSchema = z.object({
  id: z.uuid(),
  text: z.string(),
  about: questionAboutSchema,
  wantsLook: z.boolean(),
  askedAt: z.string(),
  /** Put by the yard before the walk, for a buyer who called or wrote. */
  isWorry: z.boolean(),
  answers: z.array(answerSchema),
});
export type Question = z.output<typeof questionSchema>;

/** The same for the yard, which knows whose link it came by. */
export const askedQuestionSchema = questionSchema.extend({ from: z.string() });
export type AskedQuestion = z.output<typeof askedQuestionSchema>;
