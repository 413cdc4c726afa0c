import { constants, gzipSync } from 'node:zlib';
import type { Request, Response } from 'express';

interface Packed {
  plain: Buffer;
  gzip: Buffer;
}

/**
 * JSON answers that many ask for, written and compressed once. A key must name everything the answer depends on: the same key is the same answer.
 */
export function makePackedAnswers(most: number) {
  const kept = new Map<string, Packed>();
  const packedOf = (key: string, make: () => unknown): Packed => {
    const known = kept.get(key);
    if (known) return known;
    const plain = Buffer.from(JSON.stringify(make()));
    const packed = { plain, gzip: gzipSync(plain, { level: constants.Z_BEST_COMPRESSION }) };
    const [oldest] = kept.keys();
    if (kept.size >= most && oldest !== undefined) kept.delete(oldest);
    kept.set(key, packed);
    return packed;
  };
  return (request: Request, response: Response, key: string, make: () => unknown): void => {
    const { plain, gzip } = packedOf(key, make);
    const isGzip = request.acceptsEncodings('gzip') === 'gzip';
    response.set({ 'Content-Type': 'application/json; charset=utf-8', Vary: 'Accept-Encoding' });
    if (isGzip) response.set('Content-Encoding', 'gzip');
    response.end(isGzip ? gzip : plain);
  };
}
