import type { ProblemPart } from './problems';

/** Everything a text may hold but what no screen, page or file can show: control characters other than tab and line ends, and halves of a character. */
const unprintable = /[^\P{Cc}\t\n\r]|\p{Cs}|[\ufffe\uffff]/u;
export const isPlainText = (text: string): boolean => !unprintable.test(text);

/** Whether a JSON text could hold a string that cannot be kept: it has such a character in it, or an escape that gives one. */
export const mayBeUnkeepable = (json: string): boolean =>
  /\\u(?:00[01189]|007f|d[89a-f]|fff[ef])/i.test(json) || unprintable.test(json);

/** Deeper than anything Zelk takes, and shallow enough for whatever walks through it afterwards. */
const DEEPEST = 40;

const MOST_NAMED = 20;

/** What in a value that came from outside cannot be kept, each with its dotted path; no more than a screen can list. Refused in one place, where bodies are read. */
export function unkeepable(value: unknown): ProblemPart[] {
  const found: ProblemPart[] = [];
  const waiting: { value: unknown; path: string; depth: number; entry?: string }[] = [
    { value, path: '', depth: 0 },
  ];
  for (let item = waiting.pop(); item && found.length < MOST_NAMED; item = waiting.pop()) {
    const { path, depth } = item;
    if (typeof item.value === 'string') {
      if (!isPlainText(item.value))
        found.push({
          path,
          detail: `${path || 'The text'} holds a character that cannot be shown. Type it anew instead of pasting it.`,
          ...(item.entry && { entry: item.entry }),
        });
    } else if (typeof item.value === 'object' && item.value !== null) {
      if (depth >= DEEPEST) {
        found.push({ path: path.slice(0, 200), detail: 'It is nested deeper than anything Zelk takes.' });
        break;
      }
      const id = (item.value as { id?: unknown }).id;
      const entry = item.entry ?? (/^entries\.\d+$/.test(path) && typeof id === 'string' ? id : undefined);
      for (const [key, inner] of Object.entries(item.value)) {
        const at = path ? `${path}.${key}` : key;
        if (!isPlainText(key))
          found.push({ path, detail: 'A name in it holds a character that cannot be shown.' });
        else waiting.push({ value: inner, path: at, depth: depth + 1, ...(entry && { entry }) });
      }
    }
  }
  return found;
}
