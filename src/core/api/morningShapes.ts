import { z } from 'zod';

const carSchema = z.object({
  walk: z.uuid().optional(),
  car: z.uuid(),
  stockNumber: z.string(),
  title: z.string(),
});
const listOf = <T extends z.ZodRawShape>(more: T) =>
  z.object({ count: z.int(), rows: z.array(carSchema.extend(more)) });

/** What waits for somebody of the yard this morning: of each list how many there are, and the first of them. */
export const morningSchema = z.object({
  today: z.string(),
  /** Buyers' questions without an answer, the oldest first. */
  toAnswer: listOf({ from: z.string(), text: z.string(), askedAt: z.string() }),
  /** Cars of which a buyer chose something that is not confirmed or declined, the longest waiting first. */
  chosen: listOf({ choices: z.int(), since: z.string() }),
  /** Checks of the last two weeks on collection or arrival with something new or different, the newest first. */
  different: listOf({ parts: z.int(), at: z.string() }),
  /** Promises that are not kept, the soonest due first. */
  promised: listOf({ promises: z.int(), due: z.string().optional(), isLate: z.boolean() }),
  /** Walked to the end and not signed. */
  toSend: listOf({}),
  /** Begun and not walked to the end. */
  inHand: listOf({ left: z.int() }),
  /** Not walked, the longest in stock first. */
  toWalk: listOf({ daysInStock: z.int() }),
});
export type Morning = z.output<typeof morningSchema>;
