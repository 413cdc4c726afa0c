import { z } from 'zod';
import { uuid } from '../fields';
import { driveGroups, storyAbout, storySources } from './storyWords';

const line = (most: number) => z.string().trim().max(most, `At most ${most} characters.`);

export const storyBodies = {
  'story-told': z
    .strictObject({
      fact: uuid,
      about: z.enum(storyAbout),
      says: line(300).min(1, 'Say what there is to tell.'),
      source: z.enum(storySources),
      /** Who said so, or what proves it. */
      by: line(100).optional(),
    })
    .refine(({ source, by }) => source !== 'proven' || Boolean(by), 'Say what proves it.'),
  'story-taken-back': z.strictObject({ fact: uuid }),
  /** How it drove; null takes a line back. */
  'drove-told': z.strictObject({
    group: z.enum(driveGroups),
    fine: z.boolean().nullable(),
    says: line(300).optional(),
  }),
} as const;
