import { z } from 'zod';
import { cures, surenesses } from './cures';

/** Two cures and more on one fault, in the order they are done. */
const MOST_CURES = 4;
export const curesSchema = z
  .array(
    z.strictObject({
      cure: z.enum(cures),
      /** Nothing was said of how sure it is when left out. */
      sure: z.enum(surenesses).optional(),
    }),
  )
  .min(1, 'Name at least one cure.')
  .max(MOST_CURES, `At most ${MOST_CURES} cures on one fault.`)
  .refine(
    (list) => new Set(list.map(({ cure }) => cure)).size === list.length,
    'Name each cure of a fault once.',
  );
export type Cures = z.output<typeof curesSchema>;

/** Who decides, and what was decided. */
export const decisionSchema = z.discriminatedUnion('is', [
  z.strictObject({
    is: z.literal('promised'),
    /** Who sees to it. */
    owner: z
      .string()
      .trim()
      .min(1, 'Say who sees to it.')
      .max(60, 'A name may hold 60 characters.')
      .optional(),
    by: z.iso.date('A date is written like 2026-12-03.').optional(),
    /** Why it is later than was promised at first. */
    why: z
      .string()
      .trim()
      .min(1, 'Say why it is later.')
      .max(120, 'A reason may hold 120 characters.')
      .optional(),
  }),
  z.strictObject({
    is: z.literal('buyer-chooses'),
    price: z
      .strictObject({
        amount: z.int('A price is in whole units.').min(0, 'A price is 0 or more.').max(1_000_000),
        currency: z.string().regex(/^[A-Z]{3}$/, 'A currency has three letters, like GBP.'),
      })
      .optional(),
  }),
  z.strictObject({ is: z.literal('house-decides') }),
  z.strictObject({ is: z.literal('left') }),
]);
export type StoredDecision = z.output<typeof decisionSchema>;
