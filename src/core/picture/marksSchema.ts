import { z } from 'zod';
import { hideReasons } from './hideReasons';

/** A place on an upright picture: share of its width from the left and of its height from the top, 0..1. */
const share = z
  .number()
  .min(0, 'A place must lie on the picture.')
  .max(1, 'A place must lie on the picture.');
export const placeSchema = z.strictObject({ x: share, y: share });
export type Place = z.output<typeof placeSchema>;

const words = z.string().trim().min(1, 'Type what it should say.').max(60, 'A label may hold 60 characters.');

/** What is drawn over a picture to point something out. Kept as data; the picture itself stays as it was taken. */
export const markSchema = z.discriminatedUnion('kind', [
  /** Radius as a share of the picture's width. */
  z.strictObject({ kind: z.literal('ring'), at: placeSchema, radius: z.number().min(0.005).max(1) }),
  z.strictObject({ kind: z.literal('arrow'), from: placeSchema, to: placeSchema }),
  z.strictObject({ kind: z.literal('line'), from: placeSchema, to: placeSchema, label: words.optional() }),
  z.strictObject({ kind: z.literal('text'), at: placeSchema, label: words }),
]);
export type Mark = z.output<typeof markSchema>;
export const marksSchema = z.array(markSchema).max(50, 'A picture may carry 50 marks.');

/** A rectangle nobody outside the yard gets to see. Shares of width and height. */
export const hideBoxSchema = z
  .strictObject({
    x: share,
    y: share,
    width: z.number().min(0.002, 'A box must have a width.').max(1),
    height: z.number().min(0.002, 'A box must have a height.').max(1),
    hides: z.enum(hideReasons),
  })
  .refine(
    (box) => box.x + box.width <= 1.0001 && box.y + box.height <= 1.0001,
    'A box must lie on the picture.',
  );
export type HideBox = z.output<typeof hideBoxSchema>;
export const hideBoxesSchema = z.array(hideBoxSchema).max(50, 'A picture may carry 50 boxes.');
