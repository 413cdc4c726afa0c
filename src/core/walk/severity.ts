/**
 * How deep or how far gone, as nail, gauge or eye say: three steps, each kind with its own words for them ("in the lacquer", "to the primer"). Of
 * kinds without such words, in early logs, how bad it is.
 */
export const severities = ['slight', 'plain', 'heavy'] as const;
export type Severity = (typeof severities)[number];
export type SeverityWords = readonly [slight: string, plain: string, heavy: string];
/** Of kinds without words of their own. */
export const PLAIN_WORDS: SeverityWords = ['slight', 'plain', 'heavy'];

/** How many or how much of it, as it was said; never turned into a figure. */
export const amounts = ['one-or-two', 'a-few', 'several', 'many', 'all-over', 'most-of-it'] as const;
export type Amount = (typeof amounts)[number];
export const amountWords: Record<Amount, string> = {
  'one-or-two': 'one or two',
  'a-few': 'a few',
  several: 'several',
  many: 'many',
  'all-over': 'all over',
  'most-of-it': 'most of it',
};

/** How rust feels when pressed. */
export const firmnesses = ['firm', 'soft'] as const;
