import { endClause } from './clauses';
import type { SpeechContext } from './context';
import type { Draft } from './drafts';
import { finish } from './finish';
import { hear } from './hear';
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
  const phrases = withSoftBreaks(phrasesOf(words), context.style);
  const talk = new Talk(context, words, phrases);
  for (const [index, phrase] of phrases.entries()) {
    talk.index = index;
    hear(talk, phrase);
  }
  endClause(talk, 'stop');
  return finish(talk);
}
