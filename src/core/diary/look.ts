import { z } from 'zod';

export const starts = ['at-once', 'slowly', 'not'] as const;
export const levels = ['level', 'sunk'] as const;
export const unders = ['dry', 'drops'] as const;
export const lampStates = ['none', 'on'] as const;
export const tyreStates = ['hold', 'losing'] as const;
/** Where a car has sunk, or which tyre loses air: front or rear, left or right. */
export const corners = ['fl', 'fr', 'rl', 'rr'] as const;
export type Corner = (typeof corners)[number];
export const dropPlaces = ['front', 'middle', 'rear'] as const;

const uuid = z.uuid('An id must be a UUID.');

/** One look at a standing car on one morning, outside any walk. What was not looked at is left out, and is not "fine". */
export const morningLookSchema = z
  .strictObject({
    id: uuid,
    car: uuid,
    at: z.iso.datetime({
      message: 'A time must be written in UTC, like 2026-03-14T07:30:00.000Z.',
      precision: 3,
    }),
    /** The morning it was, where the car stands. */
    day: z.iso.date('A day is written like 2026-03-14.'),
    start: z.enum(starts, 'It started at once, slowly or not.').optional(),
    level: z.enum(levels, 'It stood level, or had sunk.').optional(),
    sunkAt: z.array(z.enum(corners)).max(4).optional(),
    under: z.enum(unders, 'There were drops under it, or it was dry.').optional(),
    dropsAt: z.enum(dropPlaces).optional(),
    lamps: z.enum(lampStates, 'A warning lamp stayed on, or none did.').optional(),
    tyres: z.enum(tyreStates, 'The tyres held, or one lost air.').optional(),
    losing: z.array(z.enum(corners)).max(4).optional(),
    /** Battery at rest, before starting. */
    volts: z
      .number('Volts are a figure like 12.6.')
      .min(0, 'Volts cannot be less than 0.')
      .max(60, 'That is too much for a car’s battery: read the figure again.')
      .optional(),
    note: z.string().trim().max(200, 'A note may hold 200 characters.').optional(),
    photos: z
      .array(z.string().regex(/^[0-9a-f]{64}$/))
      .max(6, 'At most six photos a morning.')
      .optional(),
  })
  .refine(
    ({ start, level, under, lamps, tyres, volts, note, photos }) =>
      [start, level, under, lamps, tyres, volts, note].some((each) => each !== undefined) ||
      (photos ?? []).length > 0,
    'Nothing was noted. Say at least one thing of the car.',
  );
export type MorningLook = z.output<typeof morningLookSchema>;

/** As the yard keeps it: with who looked. */
export const keptLookSchema = z.object({ ...morningLookSchema.shape, who: uuid });
export type KeptLook = z.output<typeof keptLookSchema>;

export type LookIssue =
  /** The device's clock is ahead of the server's. */
  | { code: 'clock-ahead' }
  /** Earlier than a look made on the same device before: the clock was set back. */
  | { code: 'clock-back'; last: string }
  /** Before the car came in. */
  | { code: 'before-car'; came: string };

const DAY_MS = 86_400_000;
/** Clocks of phones differ by so much. */
const AHEAD_MS = 10 * 60_000;

/** Whether a look can have been made when it says. `day` may differ from the time's own by one, since a yard keeps its own zone. */
export function lookIssue(
  { at, day }: Pick<MorningLook, 'at' | 'day'>,
  { now, came, last }: { now: string; came?: string; last?: string },
): LookIssue | undefined {
  const made = Date.parse(at);
  const apart = Math.abs(Date.parse(`${day}T12:00:00Z`) - made);
  if (made > Date.parse(now) + AHEAD_MS || apart > 1.6 * DAY_MS) return { code: 'clock-ahead' };
  if (last !== undefined && made < Date.parse(last) - AHEAD_MS) return { code: 'clock-back', last };
  if (came !== undefined && made < Date.parse(came) - DAY_MS) return { code: 'before-car', came };
  return undefined;
}

export function lookIssueWords(issue: LookIssue, dayOf: (at: string) => string): string {
  switch (issue.code) {
    case 'clock-ahead':
      return 'The clock of this device does not fit the day of the look. Set the date and time right, and say it again.';
    case 'clock-back':
      return `The clock of this device was set back: it shows a time before the last look, of ${dayOf(issue.last)}. Set it right, and say it again.`;
    case 'before-car':
      return `That is before the car came in, on ${dayOf(issue.came)}. Set the date of this device right, and say it again.`;
  }
}
