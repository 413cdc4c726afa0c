import { z } from 'zod';
import { senseOf } from './lexicon/lexicon';

/** More than a house has of its own. */
export const MOST_TAUGHT = 500;

const oneWord = z
  .string()
  .trim()
  .min(1, 'Type the word.')
  .max(40, 'A word may hold 40 characters.')
  .transform((text) => text.toLowerCase().replaceAll(/\s+/g, ' '));

/** A word of the house and the known word it stands for: "scuttle" means what "wiper" means. */
export const taughtWordSchema = z
  .strictObject({ word: oneWord, means: oneWord })
  .refine(({ word }) => senseOf(word) === undefined, {
    path: ['word'],
    message: 'That word is understood already.',
  })
  .refine(({ means }) => isTeachable(means), {
    path: ['means'],
    message: 'Choose a part or a fault that is understood, like “wiper” or “scratch”.',
  });
export const taughtWordsSchema = z
  .array(z.strictObject({ word: z.string(), means: z.string() }))
  .max(MOST_TAUGHT);

/** What a word may be taught to stand for: a part, a fault, a side, a thing that is tried. */
export function isTeachable(means: string): boolean {
  const is = senseOf(means.toLowerCase())?.is;
  return is === 'part' || is === 'fault' || is === 'side' || is === 'function' || is === 'item';
}
