import { senseOf } from './lexicon/lexicon';
import { numberAt } from './numbers';
import type { Talk } from './talk';

const faultWord = (word: string): boolean => senseOf(word)?.is === 'fault';

/** A side that no part follows belongs to the part before it. */
export function isBehindPart(talk: Talk): boolean {
  const { to = 0 } = talk.phrase ?? {};
  for (let at = to; at < to + 3; at++) {
    const word = talk.words[at];
    if (word?.before !== 'none') return true;
    const two = `${word.word} ${talk.words[at + 1]?.word ?? ''}`;
    if (senseOf(word.word)?.is === 'part' || senseOf(two)?.is === 'part') return false;
  }
  return true;
}

/** What is heard before the next word. */
export function nextBefore(talk: Talk) {
  return talk.words[talk.phrase?.to ?? 0]?.before ?? 'stop';
}

/** Whether a fault is named before the breath ends. */
export function faultFollows(talk: Talk): boolean {
  for (let at = talk.phrase?.to ?? 0; at < talk.words.length && at < (talk.phrase?.to ?? 0) + 4; at++) {
    const word = talk.words[at];
    if (word?.before !== 'none' || /^(and|no|or|but|not|on|in)$/.test(word.word)) return false;
    if (faultWord(word.word)) return true;
  }
  return false;
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
