import { z } from 'zod';
import { questionSchema } from '../questions';
import { sha256Schema } from '../walk';

/* Apart from the other shapes: a reader’s page carries these few alone. */

/** What readers of a link are told of questions: all of them, after one was asked. */
export const sharedQuestionsSchema = z.object({ questions: z.array(questionSchema) });
export type SharedQuestions = z.output<typeof sharedQuestionsSchema>;

/** What a reader may choose to have put right at a price, and how that stands. */
export const sharedChoicesSchema = z.object({
  offers: z.array(
    z.object({
      fault: z.string(),
      number: z.int().optional(),
      where: z.string(),
      says: z.string(),
      /** In whole units. */
      price: z.object({ amount: z.int(), currency: z.string() }),
      state: z.enum(['open', 'chosen', 'confirmed', 'declined']),
    }),
  ),
  /** Until when they may be chosen: as long as the link opens. Absent where it does not run out. */
  until: z.iso.datetime().optional(),
});
export type SharedChoices = z.output<typeof sharedChoicesSchema>;
export const chooseBody = z.strictObject({ fault: z.string().min(1).max(100), isWanted: z.boolean() });

/** A link with a passphrase is open in this browser. */
export const unlockedSchema = z.object({ status: z.literal('open') });
export type Unlocked = z.output<typeof unlockedSchema>;

/** A picture was taken in and is kept under its content. */
export const keptPictureSchema = z.object({ sha256: sha256Schema });
export type KeptPicture = z.output<typeof keptPictureSchema>;
