import type { Vocabulary } from '../car';
import { englishOf, inWords, sayer, type Text } from '../told';
import words from './words.json' with { type: 'json' };

/** What is said of the mornings of a standing car. */
export const morningWords = [words];
export const say = sayer<keyof typeof words.uk>();

const english = englishOf(words);
export const morningInEnglish = (text: Text, vocabulary: Vocabulary): string =>
  inWords(text, english[vocabulary]);
