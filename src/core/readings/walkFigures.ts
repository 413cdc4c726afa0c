import { z } from 'zod';
import { type Entry, replay } from '../walk';
import { isoDay } from '../wording';

/** What a walk of the car read off its odometer, with the day. */
export const walkFigureSchema = z.object({
  walk: z.uuid(),
  day: z.string(),
  value: z.int().min(0),
  unit: z.enum(['mi', 'km']),
});
export type WalkFigure = z.output<typeof walkFigureSchema>;

/** The odometer figures of walks, each as last read in it; walks that read none are left out. */
export const odometerOfWalks = (walks: Iterable<{ walk: string; entries: readonly Entry[] }>): WalkFigure[] =>
  [...walks].flatMap(({ walk, entries }) => {
    const { odometer } = replay(walk, entries);
    return odometer ? [{ walk, day: isoDay(odometer.at), value: odometer.value, unit: odometer.unit }] : [];
  });
