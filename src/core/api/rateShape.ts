import { z } from 'zod';

/** A share with the interval it lies in 95 times in 100. */
export const rateSchema = z.object({ met: z.int(), of: z.int(), low: z.number(), high: z.number() });
