import { z } from 'zod';
import { findingKindIds } from '../../findingKinds';
import { partId, uuid } from '../fields';

/** How a weak spot is looked for. */
export const spotWays = ['look', 'open', 'torch', 'feel', 'wait'] as const;
export type SpotWay = (typeof spotWays)[number];

/** Not there, there, or nobody could tell. */
export const spotAnswers = ['not-there', 'there', 'could-not-tell'] as const;
export type SpotAnswer = (typeof spotAnswers)[number];

/** So many are asked of one car at most. */
export const MOST_SPOTS = 120;

const text = (what: string, max: number) =>
  z.string().trim().min(1, `${what} is empty.`).max(max, `${what} may hold ${max} characters.`);

/** What of a weak spot a walk keeps: its words as they stood when it was asked, so that a later list changes no earlier walk. */
export const spotWordsSchema = z.strictObject({
  /** What it is, in a few words: "Rust under the tail lamps". */
  title: text('The name', 80),
  /** What to look for. */
  look: text('What to look for', 200),
  how: z.enum(spotWays, `How is one of: ${spotWays.join(', ')}.`),
  /** What can hurt whoever looks. */
  caution: z.string().trim().max(200, 'A caution may hold 200 characters.').optional(),
  /** What a reader is told when it is not there: "no rust under the tail lamps". */
  fine: text('What to say when it is fine', 120),
  /** What it would be logged as. */
  kinds: z.array(z.enum(findingKindIds, 'That is no kind of finding.')).max(8).default([]),
});

const spotId = z
  .string()
  .regex(/^[a-z0-9-]{1,60}$/, 'A weak spot’s id holds small letters, figures and hyphens.');

export const weakSpotBodies = {
  /** What such cars are known for, at the parts of this one. A later list takes the place of an earlier; answers stay with their spots. */
  'weak-spots-listed': z.strictObject({
    spots: z
      .array(spotWordsSchema.extend({ spot: spotId, part: partId }))
      .max(MOST_SPOTS, `At most ${MOST_SPOTS} weak spots are asked of one car.`),
  }),
  'weak-spot-answered': z.strictObject({
    spot: spotId,
    part: partId,
    /** Null takes the answer back. */
    answer: z.enum(spotAnswers).nullable(),
    /** The finding that says it is there. */
    finding: uuid.optional(),
    /** Why nobody could tell. */
    why: z.string().trim().max(200, 'At most 200 characters.').optional(),
  }),
} as const;
