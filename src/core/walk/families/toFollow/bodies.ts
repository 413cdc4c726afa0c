import { z } from 'zod';
import { daySchema } from '../../../papers';
import { uuid } from '../fields';

/** What may come later than the report: a paper, a film, a picture, or something else. */
export const followings = ['paper', 'film', 'picture', 'other'] as const;

const followSchema = z.strictObject({
  what: z.enum(followings),
  says: z.string().trim().min(1, 'Say what is to follow.').max(160, 'At most 160 characters.'),
  /** By when, where a day was given. */
  by: daySchema.optional(),
});
export type ToFollow = z.output<typeof followSchema>;

export const toFollowBodies = {
  'to-follow-noted': followSchema.extend({ follow: uuid }),
  /** It came, or nobody waits for it any more. */
  'to-follow-settled': z.strictObject({ follow: uuid, is: z.enum(['came', 'withdrawn']) }),
} as const;
