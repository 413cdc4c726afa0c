import express, { type Request, type RequestHandler, type Response } from 'express';
import { badRequest, Problem } from '../problems';
import { unkeepable } from './plainText';

/** Enough for whatever a screen sends; routes that take more say so. */
export const USUAL_BYTES = 256 * 1024;

/** Nested deeper, a text is no request but an attempt to keep the parser busy. */
const DEEPEST = 64;
const [QUOTE, BACKSLASH, COMMA] = [0x22, 0x5c, 0x2c];
const opens: ReadonlySet<number> = new Set([0x5b, 0x7b]);
const closes: ReadonlySet<number> = new Set([0x5d, 0x7d]);

const readers = new Map<number, RequestHandler>();
/** Bytes are counted while they arrive. What is sent compressed is refused: nobody does, and a few bytes could stand for millions. */
function readerFor(limit: number): RequestHandler {
  const reader = readers.get(limit) ?? express.raw({ type: () => true, limit, inflate: false });
  readers.set(limit, reader);
  return reader;
}

/** Reads a body of JSON, no larger than `limit` bytes. Throws a Problem for anything that is none, or holds text that cannot be kept. */
export async function readJson(request: Request, response: Response, limit = USUAL_BYTES): Promise<unknown> {
  // JSON only under its own media type: another page's form cannot reach the API unnoticed.
  if (!request.is('application/json'))
    throw badRequest('not-json', 'Send JSON with the header Content-Type: application/json.');
  const encoding = request.get('content-encoding');
  if (encoding && encoding !== 'identity')
    throw new Problem(
      415,
      'compressed',
      'It was sent compressed',
      'Send the request as it is, without Content-Encoding.',
    );
  await new Promise<void>((done, fail) => {
    readerFor(limit)(request, response, (error?: unknown) => (error ? fail(error) : done()));
  });
  return parseJson(Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0));
}

/** What a JSON text says, when it is one that Zelk takes. */
export function parseJson(bytes: Buffer, most = Number.POSITIVE_INFINITY): unknown {
  const { depth, values } = measure(bytes);
  if (depth > DEEPEST) throw badRequest('too-deep', 'The request is nested deeper than anything Zelk takes.');
  if (values > most) throw badRequest('too-many', 'The file holds more than any walk does.');
  let value: unknown;
  try {
    value = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    throw badRequest('not-json', 'The request is not JSON. Check for a missing bracket, comma or quote.');
  }
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
