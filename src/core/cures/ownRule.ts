import { z } from 'zod';
import { cures, findingKindIds, findingKindName, severities, surenesses } from '../walk';
import { type CureRule, cureRuleSchema } from './rule';

/** A rule as a yard says it: what is mended how, how sure that is, why, and up to what size. */
export const ownRuleSchema = z.object({
  cure: z.enum(cures, 'Say what is done.'),
  kinds: z
    .array(z.enum(findingKindIds))
    .min(1, 'Choose at least one kind of fault.')
    .max(20, 'At most 20 kinds in one rule.'),
  /** How bad it may be; any when left empty. */
  severities: z.array(z.enum(severities)),
  sure: z.enum(surenesses, 'Say how sure it is.'),
  why: z.string().trim().min(3, 'Say in a few words why it works.').max(160, 'At most 160 characters.'),
  /** Longer than this it does not work, millimetres. */
  longestMm: z
    .number('Type a length in millimetres, like 30.')
    .positive('A length is more than 0.')
    .max(6000, 'A length is at most 6,000 mm.')
    .optional(),
});
export type OwnRule = z.output<typeof ownRuleSchema>;

/** It as a rule among the others. `taken` are the names of those there are: its own differs from them. */
export function ownRule(rule: OwnRule, taken: readonly string[]): CureRule {
  const { cure, kinds, severities: bad, sure, why, longestMm } = rule;
  const stem = `own-${cure}`;
  const isFree = (id: string) => !taken.includes(id);
  let id = stem;
  for (let n = 2; !isFree(id); n++) id = `${stem}-${n}`;
  return cureRuleSchema.parse({
    id,
    cure,
    for: [{ fact: 'kind', is: kinds }, ...(bad.length > 0 ? [{ fact: 'severity', is: bad }] : [])],
    says: why,
    sure,
    ...(longestMm !== undefined && {
      never: [{ if: { fact: 'lengthMm', over: longestMm }, says: `it is longer than ${longestMm} mm` }],
    }),
  });
}

/** Kinds of fault a rule is for, in words; what is no finding by its own name. Empty where it is told by other facts. */
export function kindsOfRule({ for: wanted }: CureRule): string[] {
  return wanted.flatMap((condition) =>
    condition.fact === 'kind' && 'is' in condition
      ? condition.is.map((kind) =>
          (findingKindIds as readonly string[]).includes(kind)
            ? findingKindName(kind as (typeof findingKindIds)[number], 'uk')
            : kind.replaceAll('-', ' '),
        )
      : [],
  );
}
