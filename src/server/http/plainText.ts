import type { RequestHandler } from 'express';
import { badRequest, type ProblemPart } from '../problems';

/** Everything a text may hold but what no screen, page or file can show: control characters other than tab and line ends, and halves of a character. */
const unprintable = /[^\P{Cc}\t\n\r]|\p{Cs}|[\ufffe\uffff]/u;
export const isPlainText = (text: string): boolean => !unprintable.test(text);

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

/** Addresses and searches are text from outside too. */
export const plainAddressOnly: RequestHandler = (request, _response, next) => {
  const address = decoded(request.originalUrl);
  if (address === undefined || !isPlainText(address))
    throw badRequest('bad-address', 'The address holds a character that cannot be shown. Check the link.');
  next();
};

function decoded(address: string): string | undefined {
  try {
    return decodeURIComponent(address);
  } catch {
    return undefined;
  }
}
