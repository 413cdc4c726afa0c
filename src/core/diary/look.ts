import { z } from 'zod';
import { corners, dropPlaces, lampStates, levels, starts, tyreStates, unders } from './choices';

const uuid = z.uuid('An id must be a UUID.');

/** A look is a glance: more photos than these belong to a walk. */
export const MOST_LOOK_PHOTOS = 6;

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
      .max(MOST_LOOK_PHOTOS, `At most ${MOST_LOOK_PHOTOS} photos a morning.`)
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
