import { z } from 'zod';
import { cures, surenesses } from '../walk';
import { conditionSchema } from './condition';

const sentencePart = z.string().trim().min(3, 'Say it in a few words.').max(160, 'At most 160 characters.');

/** When a cure works and when it does not. Data: a house switches rules off and adds its own. */
export const cureRuleSchema = z.strictObject({
  id: z.string().regex(/^[a-z][a-z0-9-]{2,40}$/, 'A rule is named in small letters, like dent-in-metal.'),
  cure: z.enum(cures),
  /** What it is for: all must hold. What is not known does not hold. */
  for: z.array(conditionSchema).min(1, 'Say what the rule is for.'),
  /** Why it works, after the name of the cure. */
  says: sentencePart,
  /** How sure it is where all it asks for is known. */
  sure: z.enum(surenesses),
  /** Must hold. Where nobody knows, the cure is a step less sure and says what it rests on. */
  provided: z
    .array(z.strictObject({ if: conditionSchema, says: sentencePart, otherwise: sentencePart }))
    .default([]),
  /** Makes it a step less sure. */
  weaker: z.array(z.strictObject({ if: conditionSchema, says: sentencePart })).default([]),
  /** Rules it out. */
  never: z.array(z.strictObject({ if: conditionSchema, says: sentencePart })).default([]),
});
export type CureRule = z.output<typeof cureRuleSchema>;
/** As rules are written down: empty lists left out. */
export type WrittenRule = z.input<typeof cureRuleSchema>;

/** What a house changes of the rules. */
export const ruleWishesSchema = z.strictObject({
  off: z.array(z.string().max(41)).max(200).default([]),
  added: z.array(cureRuleSchema).max(100, 'At most 100 rules of one’s own.').default([]),
});
export type RuleWishes = z.output<typeof ruleWishesSchema>;
