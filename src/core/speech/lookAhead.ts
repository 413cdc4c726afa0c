import { numberAt } from './numbers';
import type { Phrase } from './phrases';
import type { Talk } from './talk';

/** A side that no part follows belongs to the part before it. */
export function isBehindPart(talk: Talk): boolean {
  for (let at = talk.index + 1; at < talk.index + 5; at++) {
    const phrase = talk.phrases[at];
    if (phrase?.before !== 'none') return true;
    if (phrase.sense.is === 'part') return false;
    const isBetween =
      phrase.sense.is === 'side' ||
      (phrase.sense.is === 'filler' && !/^(is|are|was|it's|with)$/i.test(phrase.text));
    if (!isBetween) return true;
  }
  return true;
}

/** Whether nothing more is said of a part just named: the breath ends, or another part is listed. */
export function nothingFollows(talk: Talk): boolean {
  for (let at = talk.index + 1; at < talk.index + 7; at++) {
    const phrase = talk.phrases[at];
    if (phrase?.before !== 'none' || phrase.sense.is === 'part') return true;
    if (/^(is|are|was|were|it's)$/i.test(phrase.text)) return false;
    if (phrase.sense.is !== 'filler' && phrase.sense.is !== 'side' && phrase.sense.is !== 'both')
      return false;
  }
  return true;
}

/** What is heard before the next word. */
export function nextBefore(talk: Talk) {
  return talk.words[talk.phrase?.to ?? 0]?.before ?? 'stop';
}

const modifiers: ReadonlySet<Phrase['sense']['is']> = new Set([
  'severity',
  'depth',
  'amount',
  'number',
  'count',
  'unknown',
]);

/** Whether a fault is named next, past words that only say how bad or how many. */
export function faultFollows(talk: Talk): boolean {
  for (let at = talk.index + 1; at < talk.index + 5; at++) {
    const phrase = talk.phrases[at];
    if (phrase?.before !== 'none' || /^(and|or|but)$/.test(phrase.text.toLowerCase())) return false;
    if (phrase.sense.is === 'fault') return true;
    if (phrase.sense.is !== 'filler' && !modifiers.has(phrase.sense.is)) return false;
  }
  return false;
}

/** "Five mil on the fronts": of the tyres that are named next, not of those in hand. */
export function tyresFollow(talk: Talk): boolean {
  return partOnto(talk)?.kinds[0] === 'tyre';
}

/** The part that a figure said before it is of: "four to five on the hood". */
export function partOnto(talk: Talk): Extract<Phrase['sense'], { is: 'part' }> | undefined {
  const { to = 0 } = talk.phrase ?? {};
  const link = talk.words[to];
  if (link?.before !== 'none' || !/^(on|for|across|in|all)$/.test(link.word)) return undefined;
  for (const { sense } of talk.ahead(4)) {
    if (sense.is === 'part') return sense;
    if (sense.is !== 'on' && sense.is !== 'both' && sense.is !== 'side') return undefined;
  }
  return undefined;
}

/** "Five on the rest": not said of the part in hand. */
export function restFollows(talk: Talk): boolean {
  const { to = 0 } = talk.phrase ?? {};
  for (const [i, { word, before }] of talk.words.slice(to, to + 4).entries()) {
    if (before !== 'none' && !numberAt(talk.words, to + i)) return false;
    if (/^(rest|everything|everywhere)$/.test(word))
      return talk.words.slice(to + i - 2, to + i).some((each) => each.word === 'on');
  }
  return false;
}
