import { z } from 'zod';
import { questionSchema } from '../questions';
import { sha256Schema } from '../walk';

/* Apart from the other shapes: a reader’s page carries these few alone. */

/** What readers of a link are told of questions: all of them, after one was asked. */
export const sharedQuestionsSchema = z.object({ questions: z.array(questionSchema) });
export type SharedQuestions = z.output<typeof sharedQuestionsSchema>;

/** A link with a passphrase is open in this browser. */
export const unlockedSchema = z.object({ status: z.literal('open') });
export type Unlocked = z.output<typeof unlockedSchema>;

/** A picture was taken in and is kept under its content. */
export const keptPictureSchema = z.object({ sha256: sha256Schema });
export type KeptPicture = z.output<typeof keptPictureSchema>;
