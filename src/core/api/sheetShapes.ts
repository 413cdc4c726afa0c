import { z } from 'zod';
import { noticeDistances, sha256Schema } from '../walk';

/** What was said of a task by whoever does it. */
export const workToldSchema = z.object({
  says: z.enum(['done', 'cannot']),
  why: z.string(),
  photos: z.array(sha256Schema),
  by: z.string(),
  at: z.iso.datetime(),
});
export type WorkTold = z.output<typeof workToldSchema>;

const sheetTaskSchema = z.object({
  id: z.string(),
  says: z.string(),
  minutes: z.int(),
  cautions: z.array(z.string()),
  /** What it puts right, as it was found. */
  faults: z.array(
    z.object({
      id: z.string(),
      number: z.int().optional(),
      notice: z.enum(noticeDistances).optional(),
      isSuspected: z.boolean(),
      where: z.string(),
      says: z.string(),
      /** What was agreed with the buyer; empty where nothing was. */
      agreed: z.string(),
      photos: z.array(sha256Schema),
    }),
  ),
  work: workToldSchema.optional(),
});
export type SheetTask = z.output<typeof sheetTaskSchema>;

const sheetCarSchema = z.object({
  walk: z.uuid(),
  stockNumber: z.string(),
  title: z.string(),
  colour: z.string(),
  /** "Number plate QX 70 BRT"; empty where it has none. */
  plate: z.string(),
  /** Where it stands in the yard; empty where nobody said. */
  standsAt: z.string(),
  /** Where its faults are, as a drawing (SVG); empty where none of them has a place. */
  map: z.string(),
  tasks: z.array(sheetTaskSchema),
});
export type SheetCar = z.output<typeof sheetCarSchema>;

/** What somebody does: by day, car by car. */
export const sheetSchema = z.object({
  crew: z.object({ id: z.string(), name: z.string() }),
  yard: z.string(),
  /** How many days the board looks ahead. */
  days: z.array(z.object({ day: z.string(), cars: z.array(sheetCarSchema) })),
  /** What they said of jobs that are on no day any more. */
  said: z.array(
    z.object({
      walk: z.uuid(),
      task: z.string(),
      stockNumber: z.string(),
      says: z.string(),
      work: workToldSchema,
    }),
  ),
});
export type Sheet = z.output<typeof sheetSchema>;

/** A link by which a visiting trade sees its jobs. */
export const tradeLinkSchema = z.object({
  id: z.uuid(),
  crew: z.string(),
  label: z.string(),
  createdAt: z.iso.datetime(),
  expiresAt: z.iso.datetime(),
  withdrawnAt: z.iso.datetime().optional(),
  lastOpenedAt: z.iso.datetime().optional(),
});
export type TradeLink = z.output<typeof tradeLinkSchema>;
export const tradeLinksSchema = z.object({ links: z.array(tradeLinkSchema) });
export type TradeLinks = z.output<typeof tradeLinksSchema>;
export const newTradeLinkSchema = tradeLinkSchema.extend({ token: z.string() });
export type NewTradeLink = z.output<typeof newTradeLinkSchema>;

/** Most days a trade’s link opens. House rule: a visit is agreed for weeks, not for years. */
const MOST_TRADE_DAYS = 92;
export const tradeLinkBody = z.strictObject({
  crew: z.string().min(1).max(40),
  label: z.string().trim().min(1, 'Say whom the link is for.').max(60, 'At most 60 characters.'),
  days: z
    .int('Days are whole.')
    .min(1, 'A link opens for a day at least.')
    .max(MOST_TRADE_DAYS, `A link opens for ${MOST_TRADE_DAYS} days at most.`),
});

/** What a trade is told of its link and its jobs. */
export const tradePageSchema = z.object({
  label: z.string(),
  expiresAt: z.iso.datetime(),
  sheet: sheetSchema,
});
export type TradePage = z.output<typeof tradePageSchema>;

/** What was said of the jobs of a walk’s car by whoever does them. */
export const walkWorkSchema = z.object({
  said: z.array(
    z.object({ task: z.string(), name: z.string(), mends: z.array(z.string()), work: workToldSchema }),
  ),
});
export type WalkWork = z.output<typeof walkWorkSchema>;
