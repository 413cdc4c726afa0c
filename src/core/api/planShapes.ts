import { z } from 'zod';
import { ruleWishesSchema } from '../cures';
import { planModelSchema, planWishSchema, pricesSchema } from '../plan';

/** The yard's prices, or what it begins with while nobody has set any. */
export const pricesPageSchema = z.object({ prices: pricesSchema, isSet: z.boolean() });
export type PricesPage = z.output<typeof pricesPageSchema>;

/** What planning a walk's car rests on, and what is wanted of it. */
export const planPageSchema = z.object({
  prices: pricesSchema,
  /** Somebody of the yard has looked through the prices. */
  arePricesSet: z.boolean(),
  rules: ruleWishesSchema,
  wish: planWishSchema,
});
export type PlanPage = z.output<typeof planPageSchema>;

/** Models to solve, and the jobs of the best way for each. */
export const solveBody = z.strictObject({
  models: z.array(planModelSchema).min(1).max(20, 'At most 20 models at once.'),
});
export const solvedSchema = z.object({ chosen: z.array(z.array(z.string())) });
export type Solved = z.output<typeof solvedSchema>;
