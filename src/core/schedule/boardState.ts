import { z } from 'zod';
import { daySchema } from '../papers';

const placeSchema = z.strictObject({
  crew: z.string().max(40),
  day: daySchema,
  half: z.union([z.literal(0), z.literal(1)]),
});
export type Place = z.output<typeof placeSchema>;

/** What is kept of the board between two looks: where tasks stood, so that little moves, and which were put there by hand. By task. */
export const boardStateSchema = z.strictObject({
  version: z.literal(1),
  stood: z.record(z.string(), placeSchema),
  fixed: z.record(z.string(), placeSchema),
});
export type BoardState = z.output<typeof boardStateSchema>;

export const emptyBoard: BoardState = { version: 1, stood: {}, fixed: {} };

const DAY_MS = 86_400_000;

/** The half-day of a place, counted from the first day; less than 0 for what is past. */
export const slotOf = ({ day, half }: Pick<Place, 'day' | 'half'>, first: string): number =>
  2 * Math.round((Date.parse(`${day}T00:00:00Z`) - Date.parse(`${first}T00:00:00Z`)) / DAY_MS) + half;

/** The place of a half-day. */
export const placeOf = (crew: string, slot: number, days: readonly string[]): Place => ({
  crew,
  day: days[Math.floor(slot / 2)] as string,
  half: slot % 2 === 0 ? 0 : 1,
});

/** To be put somewhere by hand, or let go again. */
export const moveBody = z.strictObject({ task: z.string().min(1).max(300), to: placeSchema.nullable() });
