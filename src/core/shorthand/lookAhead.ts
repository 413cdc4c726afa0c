import { LONGEST, meaningOf } from './lexicon';
import type { Meaning } from './meaning';
import { quantityAt } from './words';

interface Found {
  meaning: Meaning;
  text: string;
  used: number;
}

/** The longest phrase that is known at a place. */
export function longestAt(words: readonly string[], at: number): Found | undefined {
  let phrase = '';
  let best: Found | undefined;
  for (let used = 1; used <= LONGEST && at + used <= words.length; used++) {
    phrase = used === 1 ? (words[at] as string) : `${phrase} ${words[at + used - 1]}`;
    const meaning = meaningOf(phrase);
    if (meaning) best = { meaning, text: phrase, used };
  }
  return best;
}

/** The next thing that is said, past fillers and numbers. */
export function nextAfter(words: readonly string[], from: number): (Found & { at: number }) | undefined {
  for (let at = from; at < words.length; ) {
    const quantity = quantityAt(words, at);
    const found = quantity ? undefined : longestAt(words, at);
    if (found && found.meaning.slot !== 'filler' && found.meaning.slot !== 'count') return { ...found, at };
    at += quantity?.used ?? found?.used ?? 1;
  }
  return undefined;
}

const counted: ReadonlySet<string> = new Set([
  'spots',
  'spot',
  'places',
  'marks',
  'areas',
  'ones',
  'patches',
  'points',
  'bits',
]);
/** Words that are counted without saying what of: "3 spots". */
export const isCounted = (word: string): boolean => counted.has(word);

/** A word nobody knows, which a number before it belongs to. */
export const isUnknown = (words: readonly string[], at: number): boolean =>
  quantityAt(words, at) === undefined && longestAt(words, at) === undefined;
