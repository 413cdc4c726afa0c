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

/** What buyers chose of a walk's offers, for the yard to confirm or decline. */
export const walkChoicesSchema = z.object({
  choices: z.array(
    z.object({
      id: z.uuid(),
      from: z.string(),
      number: z.int().optional(),
      where: z.string(),
      says: z.string(),
      price: z.object({ amount: z.int(), currency: z.string() }),
      chosenAt: z.string(),
      answer: z.enum(['confirmed', 'declined']).optional(),
    }),
  ),
});
export type WalkChoices = z.output<typeof walkChoicesSchema>;
export const answerChoiceBody = z.strictObject({ answer: z.enum(['confirmed', 'declined']) });

/** Models to solve, and the jobs of the best way for each. */
export const solveBody = z.strictObject({
  models: z.array(planModelSchema).min(1).max(20, 'At most 20 models at once.'),
});
export const solvedSchema = z.object({ chosen: z.array(z.array(z.string())) });
export type Solved = z.output<typeof solvedSchema>;
