import { z } from 'zod';
import { joints, type Text, type Values } from './text';

const starts = z.literal(true).optional();
const value = z.lazy(() =>
  z.union([
    z.number(),
    z.string(),
    z.strictObject({ day: z.iso.date() }),
    z.strictObject({ month: z.string().regex(/^\d{4}-\d{2}$/) }),
    z.strictObject({ money: z.number(), currency: z.string() }),
    textSchema,
  ]),
);

/** A text as it is kept: what it says by the ids of its messages. */
export const textSchema: z.ZodType<Text> = z.lazy(() =>
  z.union([
    z.strictObject({
      id: z.string(),
      values: z.record(z.string(), value).optional() as z.ZodType<Values | undefined>,
      starts,
    }),
    z.strictObject({ list: z.enum(joints), of: z.array(textSchema), starts }),
    z.strictObject({ own: z.string(), starts }),
  ]),
);
