import express, { type Request, type RequestHandler, type Response } from 'express';
import { parseJson } from '../parseJson';
import { badRequest, Problem } from '../problems';

/** Enough for whatever a screen sends; routes that take more say so. */
export const USUAL_BYTES = 256 * 1024;

/** Far more than the largest request has. */
const MOST_VALUES = 200_000;

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
  return parseJson(Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0), MOST_VALUES);
}
