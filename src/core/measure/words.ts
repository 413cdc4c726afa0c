import type { Vocabulary } from '../car';
import { englishOf, inWords, sayer, type Text } from '../told';
import words from './words.json' with { type: 'json' };

/** Figures with their units. */
export const measureWords = [words];
export const say = sayer<keyof typeof words.uk>();

const english = englishOf(words);
export const inEnglish = (text: Text, vocabulary: Vocabulary = 'uk'): string =>
  inWords(text, english[vocabulary]);
