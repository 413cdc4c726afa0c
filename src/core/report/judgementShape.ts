import { z } from 'zod';
import { morningLookSchema } from '../diary';
import { standings, usualBandSchema } from '../judge';

const text = z.string();

/** A morning as a report keeps it: what was seen, not by whom. */
export const morningTold = z
  .strictObject(morningLookSchema.shape)
  .omit({ id: true, car: true, note: true, photos: true });

/** How a car stands to others of its age, what such cars are known for, and the days it stood. Reports frozen by an earlier Zelk have none of it. */
export const judgementShape = {
  forItsAge: z
    .strictObject({
      /** "6 years and 57,000 miles". */
      at: text,
      rows: z.array(
        z.strictObject({
          ...usualBandSchema.shape,
          name: text,
          standing: z.enum(standings),
          /** Absent where it was not counted. */
          count: z.int().min(0).optional(),
          heavy: z.int().min(0),
          /** "9 chips at the front; 4 to 14 are usual at 6 years and 57,000 miles". */
          says: text,
        }),
      ),
      /** Wear of the cabin against the odometer, where it says something. */
      cabin: text.optional(),
      cabinLikeMiles: z.int().positive().optional(),
      /** What the bands rest on. */
      rests: text,
    })
    .optional(),
  weakSpots: z
    .strictObject({
      /** Looked for, and not there. */
      notThere: z.array(text),
      found: z.array(z.strictObject({ says: text, findings: z.array(z.int().positive()) })),
      couldNotTell: z.array(text),
      left: z.array(text),
    })
    .optional(),
  stood: z
    .strictObject({
      says: text,
      volts: text.optional(),
      /** What repeats and nobody has confirmed. */
      open: z.array(text),
      looks: z.array(morningTold),
    })
    .optional(),
} as const;
