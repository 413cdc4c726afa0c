import { mayBeUnkeepable, unkeepable } from './plainText';
import { badRequest } from './problems';

/** Nested deeper, a text is no request but an attempt to keep the parser busy. */
const DEEPEST = 64;
const [QUOTE, BACKSLASH, COMMA] = [0x22, 0x5c, 0x2c];
const opens: ReadonlySet<number> = new Set([0x5b, 0x7b]);
const closes: ReadonlySet<number> = new Set([0x5d, 0x7d]);

/** What a JSON text says, when it is one that Zelk takes. */
export function parseJson(bytes: Buffer, most = Number.POSITIVE_INFINITY): unknown {
  const { depth, values } = measure(bytes);
  if (depth > DEEPEST) throw badRequest('too-deep', 'The request is nested deeper than anything Zelk takes.');
  if (values > most) throw badRequest('too-many', 'The file holds more than any walk does.');
  let [text, value] = ['', undefined as unknown];
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    value = JSON.parse(text);
  } catch {
    throw badRequest('not-json', 'The request is not JSON. Check for a missing bracket, comma or quote.');
  }
  // Seldom is anything in it that asks for a second look.
  if (!mayBeUnkeepable(text)) return value;
  const [first, ...more] = unkeepable(value);
  if (first)
    throw badRequest(
      'unprintable',
      `${first.detail}${more.length > 0 ? ` (and ${more.length} more)` : ''} Nothing was stored.`,
      [first, ...more],
    );
  return value;
}

/** How deep a JSON text is nested and about how many values it holds, without building any of them. Stops where it is deep enough to refuse. */
export function measure(bytes: Uint8Array): { depth: number; values: number } {
  let [at, depth, deepest, values] = [0, 0, 0, 1];
  while (at < bytes.length) {
    const byte = bytes[at] as number;
    if (byte === QUOTE) {
      at++;
      while (at < bytes.length && bytes[at] !== QUOTE) at += bytes[at] === BACKSLASH ? 2 : 1;
    } else if (byte === COMMA) values++;
    else if (opens.has(byte)) {
      depth++;
      values++;
      if (depth > deepest) deepest = depth;
      if (deepest > DEEPEST) break;
    } else if (closes.has(byte)) depth--;
    at++;
  }
  return { depth: deepest, values };
}
