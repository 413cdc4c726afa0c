import { morningWords } from '#core/diary';
import { readingWords } from '#core/readings';
import { englishOf, settle, type Text, type Told } from '#core/told';

const english = englishOf(...readingWords, ...morningWords);

/** What was told, in English: a text, or anything that holds texts. */
export function said<T>(told: T, vocabulary?: 'uk' | 'us'): Said<T>;
export function said(told: unknown, vocabulary: 'uk' | 'us' = 'uk'): unknown {
  return settle<{ told: unknown }>({ told } as Told<{ told: unknown }>, english[vocabulary]).inWords.told;
}

type InText = 'id' | 'values' | 'starts' | 'list' | 'of' | 'own';

type Said<T> = T extends Text
  ? [Exclude<keyof T, InText>] extends [never]
    ? string
    : { [Key in keyof T]: Said<T[Key]> }
  : T extends readonly (infer Each)[]
    ? Said<Each>[]
    : T extends object
      ? { [Key in keyof T]: Said<T[Key]> }
      : T;
