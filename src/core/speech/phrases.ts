import { type Lexicon, lexiconOf } from './lexicon/lexicon';
import { LONGEST_PATTERN, patternAt } from './lexicon/patterns';
import type { Sense } from './lexicon/sense';
import { numberAt, type Said } from './numbers';
import type { Break, TalkWord } from './words';

/** A stretch of the talk that does one thing: a phrase of the lexicon, a number, or a word nobody knows. */
export interface Phrase {
  sense: Sense | { is: 'number'; said: Said } | { is: 'unknown' };
  text: string;
  /** What was heard before it. */
  before: Break;
  /** Words of the talk it takes, the end not counted. */
  from: number;
  to: number;
}

/** Cuts talk into phrases from a word on: the longest that is known at each place. Nothing is swallowed: unknown words stand as such. */
export function phrasesOf(words: readonly TalkWord[], lexicon: Lexicon = lexiconOf({}), from = 0): Phrase[] {
  const phrases: Phrase[] = [];
  for (let at = from; at < words.length; ) {
    const phrase = phraseAt(words, at, lexicon, phrases.at(-1));
    phrases.push(phrase);
    at = phrase.to;
  }
  return phrases;
}

function phraseAt(
  words: readonly TalkWord[],
  from: number,
  lexicon: Lexicon,
  last: Phrase | undefined,
): Phrase {
  const known = doorAt(words, from, lexicon, last) ?? shorterSide(words, from, lexicon);
  const said = numberAt(words, from);
  const before = words[from]?.before ?? 'none';
  const textTo = (to: number) =>
    words
      .slice(from, to)
      .map(({ said: spoken }) => spoken)
      .join(' ');
  // "One key", "a few": a number that is longer than the phrase is a number.
  if (
    said &&
    (!known || said.used > known.used || (said.used === known.used && !wholeNames.has(known.sense.is)))
  )
    return {
      sense: { is: 'number', said },
      text: textTo(from + said.used),
      before,
      from,
      to: from + said.used,
    };
  if (known)
    return { sense: known.sense, text: textTo(from + known.used), before, from, to: from + known.used };
  return { sense: { is: 'unknown' }, text: textTo(from + 1), before, from, to: from + 1 };
}

/** The longest phrase known at a place; a word that owns or has something ("bonnet's") is looked up without its ending. */
function longestAt(
  words: readonly TalkWord[],
  from: number,
  { senseOf, goesOn }: Lexicon,
): { sense: Sense; used: number } | undefined {
  let best: { sense: Sense; used: number } | undefined;
  let phrase = '';
  for (let used = 1; from + used <= words.length; used++) {
    const word = words[from + used - 1];
    // A phrase is said in one breath.
    if (!word || (used > 1 && word.before !== 'none')) break;
    phrase = used === 1 ? word.word : `${phrase} ${word.word}`;
    const sense = senseOf(phrase) ?? senseOf(withoutEnding(phrase)) ?? partOf(phrase, senseOf);
    if (sense) best = { sense, used };
    if (!goesOn(phrase)) break;
  }
  const pattern = patternAt(breathAt(words, from));
  return pattern && pattern.used > (best?.used ?? 0) ? pattern : best;
}

/** The words that are said in one breath from a place on, as far as patterns look. */
function breathAt(words: readonly TalkWord[], from: number): string {
  let said = words[from]?.word ?? '';
  for (let at = from + 1; at < from + LONGEST_PATTERN + 3; at++) {
    const word = words[at];
    if (word?.before !== 'none') break;
    said += ` ${word.word}`;
  }
  return said;
}

/** Names with a number in them: "four by four". */
const wholeNames: ReadonlySet<Sense['is']> = new Set(['function', 'item', 'filler', 'lamp']);

/** "Nearside rear door ding" is a ding on that door; without a side a door ding is a kind of dent. */
function doorAt(
  words: readonly TalkWord[],
  from: number,
  { senseOf }: Lexicon,
  last: Phrase | undefined,
): ReturnType<typeof longestAt> {
  const sense = words[from]?.word === 'door' && last?.sense.is === 'side' ? senseOf('door') : undefined;
  return sense && words[from]?.before === 'none' && /^(dents?|dings?)$/.test(words[from + 1]?.word ?? '')
    ? { sense, used: 1 }
    : undefined;
}

/** "Nearside rear door" is the nearside and a rear door, not the nearside rear and a door. */
function shorterSide(
  words: readonly TalkWord[],
  from: number,
  lexicon: Lexicon,
): ReturnType<typeof longestAt> {
  const known = longestAt(words, from, lexicon);
  if (known?.sense.is !== 'side' || known.used < 2) return known;
  const at = from + known.used - 1;
  const next = longestAt(words, at, lexicon);
  if (next?.sense.is !== 'part' || next.used < 2) return known;
  const text = words
    .slice(from, at)
    .map(({ word }) => word)
    .join(' ');
  const sense = lexicon.senseOf(text);
  return sense ? { sense, used: known.used - 1 } : known;
}

const withoutEnding = (phrase: string): string => phrase.replace(/'s$|(?<=lights|lamps)s$/, '');

/** Captions leave out the sign before an s: "grilles good" is the grille. */
function partOf(phrase: string, senseOf: Lexicon['senseOf']): Sense | undefined {
  const sense = phrase.endsWith('s') ? senseOf(phrase.slice(0, -1)) : undefined;
  return sense?.is === 'part' ? sense : undefined;
}
