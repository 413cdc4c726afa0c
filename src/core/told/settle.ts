import type { Catalogue } from './catalogue';
import { inWords } from './inWords';
import { isText, type Text, type Told } from './text';

/** Messages by where they stand in what was settled: a JSON pointer (RFC 6901). */
export type Messages = Readonly<Record<string, Text>>;

/** Puts all that is told into the words of a catalogue, and keeps what it was told from. */
export function settle<T extends object>(
  told: Told<T>,
  catalogue: Catalogue,
): { inWords: T; messages: Messages } {
  const messages: Record<string, Text> = {};
  const settled = (value: unknown, at: string): unknown => {
    if (isText(value)) {
      messages[at] = value;
      return inWords(value, catalogue);
    }
    if (Array.isArray(value)) return value.map((each, i) => settled(each, `${at}/${i}`));
    if (typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(
      Object.entries(value).map(([key, each]) => [key, settled(each, `${at}/${pointerKey(key)}`)]),
    );
  };
  return { inWords: settled(told, '') as T, messages };
}

const pointerKey = (key: string): string => key.replaceAll('~', '~0').replaceAll('/', '~1');

/** The same told in other words: what has a message is said anew, all else stays. */
export function retell<T extends object>(settled: T, messages: Messages, catalogue: Catalogue): T {
  const retold = (value: unknown, at: string): unknown => {
    const text = messages[at];
    if (text && typeof value === 'string') return inWords(text, catalogue);
    if (Array.isArray(value)) return value.map((each, i) => retold(each, `${at}/${i}`));
    if (typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(
      Object.entries(value).map(([key, each]) => [key, retold(each, `${at}/${pointerKey(key)}`)]),
    );
  };
  return retold(settled, '') as T;
}
