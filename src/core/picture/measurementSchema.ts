import { z } from 'zod';

/** A place in pixels of the upright picture. It may lie a little outside: a card's corner can be cut off. */
const point = z.tuple([z.number().min(-20_000).max(40_000), z.number().min(-20_000).max(40_000)]).readonly();

export const pictureScaleSchema = z.discriminatedUnion('by', [
  z.strictObject({ by: z.literal('card'), corners: z.tuple([point, point, point, point]).readonly() }),
  z.strictObject({
    by: z.literal('line'),
    from: point,
    to: point,
    lengthMm: z.number().positive('A length must be more than 0 mm.').max(6000),
  }),
]);

export const pictureMarkSchema = z.discriminatedUnion('of', [
  z.strictObject({ of: z.literal('length'), from: point, to: point }),
  z.strictObject({ of: z.literal('area'), corners: z.array(point).min(3).max(60).readonly() }),
  z.strictObject({ of: z.literal('circle'), rim: z.array(point).min(3).max(60).readonly() }),
]);

/** A measurement with all it rests on: anyone can work it out again. */
export const measurementSchema = z.strictObject({
  scale: pictureScaleSchema,
  mark: pictureMarkSchema,
  /** Screen pixels per pixel of the picture while the places were marked. */
  zoom: z.number().positive().max(100),
  /** Size of the picture; those measured by an earlier Zelk have none. */
  picture: z.strictObject({ width: z.int().positive(), height: z.int().positive() }).optional(),
});
export type Measurement = z.output<typeof measurementSchema>;
