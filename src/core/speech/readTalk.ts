import type { SpeechContext } from './context';
import type { Draft } from './drafts';
import { finish } from './finish';
import { endTalk, hear } from './hear';
import { lexiconOf } from './lexicon/lexicon';
import { phrasesOf } from './phrases';
import { withSoftBreaks } from './softBreaks';
import { Talk } from './talk';
import { type TalkLine, talkWords } from './words';

/**
 * Reads what was said of a car, a typed line or a whole film's captions, into drafts in the order spoken. Pure: the same talk gives the same drafts. It never
 * drafts a fault that was denied, and asks for a side nobody said.
 */
export function readTalk(lines: readonly TalkLine[], context: SpeechContext): Draft[] {
  const words = talkWords(lines);
  const phrases = withSoftBreaks(phrasesOf(words, lexiconOf(context)), context.style);
  const talk = new Talk(context, words, phrases);
  for (const [index, phrase] of phrases.entries()) {
    talk.index = index;
    hear(talk, phrase);
  }
  endTalk(talk);
  return finish(talk);
}
