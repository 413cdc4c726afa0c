import { z } from 'zod';
import { MOST_DOTS } from './choices';
import { spotSchema } from './spot';

/** Where on its part a finding lies, drawn with the finger; what is counted or measured follows from it. */
export const extentSchema = z.discriminatedUnion('form', [
  /** Each chip or nick where it is. */
  z.strictObject({
    form: z.literal('dots'),
    spots: z.array(spotSchema).min(1, 'Tap at least one spot.').max(MOST_DOTS, `At most ${MOST_DOTS} spots.`),
  }),
  /** Along a scratch. */
  z.strictObject({ form: z.literal('line'), from: spotSchema, to: spotSchema }),
  /** Round an area. */
  z.strictObject({ form: z.literal('box'), from: spotSchema, to: spotSchema }),
  /** Round a wheel's rim: degrees clockwise from the top, as seen by who stands before it. */
  z.strictObject({
    form: z.literal('arc'),
    fromDeg: z
      .number()
      .min(0, 'An arc begins between 0 and 360 degrees.')
      .lt(360, 'An arc begins between 0 and 360 degrees.'),
    spanDeg: z
      .number()
      .positive('An arc must be longer than 0 degrees.')
      .max(360, 'An arc may be at most 360 degrees, once round the rim.'),
  }),
]);
export type Extent = z.output<typeof extentSchema>;
