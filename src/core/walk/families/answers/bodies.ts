import { z } from 'zod';
import { sha256Schema } from '../../sha256';

/** What a walk says to those who asked. */
export const answerBodies = {
  /** For all readers: words, and pictures of that very spot. */
  'question-answered': z.strictObject({
    question: z.uuid('An id must be a UUID.'),
    says: z.string().trim().min(1, 'Say what you saw.').max(1000, 'An answer may hold 1,000 characters.'),
    photos: z.array(sha256Schema).max(12, 'At most 12 photos to one answer.').optional(),
  }),
} as const;
