import { familyOf, type LogSpeech } from '../family';
import type { FirstLine, firstLineBodies } from './bodies';

/** The same thing is told first once. */
export const firstLineKey = (line: FirstLine): string => Object.values(line).join(':');

/** What the seller tells first, in the order it was said. */
export const firstLines = familyOf<typeof firstLineBodies>()({
  empty: () => ({ firstLines: new Map<string, FirstLine>() }),
  noters: {
    'told-first': ({ state }, { body: { about } }) => {
      state.firstLines.set(firstLineKey(about), about);
    },
    'told-first-taken-back': ({ state }, { body: { about } }) => {
      state.firstLines.delete(firstLineKey(about));
    },
  },
  words: {
    'told-first': ({ about }, speech) => `Told first: ${lineWords(about, speech)}`,
    'told-first-taken-back': ({ about }, speech) => `No longer told first: ${lineWords(about, speech)}`,
  },
});

function lineWords(line: FirstLine, { about, titleOf }: LogSpeech): string {
  switch (line.of) {
    case 'finding':
      return about(line.finding);
    case 'function':
      return titleOf(line.function);
    case 'story':
      return 'a fact of its story';
    case 'words':
      return `“${line.says}”`;
  }
}
