import { finished } from 'node:stream/promises';
import type { ErrorRequestHandler, Request, RequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import { asNoRoom } from '../noRoom';
import { badRequest, notFound, Problem } from '../problems';
import { isLocked, tryAgain } from '../store/writeLock';

/** Failures of the body parser, by its own type names, in plain words. */
function fromParser(error: { type?: unknown; status?: unknown }): Problem | undefined {
  switch (error.type) {
    case 'entity.parse.failed':
      return badRequest('not-json', 'The request is not JSON. Check for a missing bracket, comma or quote.');
    case 'entity.too.large':
      return new Problem(413, 'request-too-large', 'The request is too large', 'Send it in smaller pieces.');
    case 'request.aborted':
      return badRequest('cut-short', 'The connection broke before all had arrived. Send it again.');
    default:
      return typeof error.status === 'number' && error.status < 500
        ? badRequest('bad-request', 'The request cannot be read. Check its address and content.')
        : undefined;
  }
}

/** Failures of the disk and the database, by their codes. */
function fromDisk(error: { code?: unknown }): Problem | undefined {
  if (isLocked(error)) return tryAgain();
  const code = String(error?.code);
  if (code.startsWith('SQLITE_READONLY') || code.startsWith('SQLITE_IOERR') || code === 'EROFS')
    return new Problem(
      503,
      'disk-unwritable',
      'The server cannot write',
      'Zelk’s server cannot write on its disk. What you made stays on this device. Whoever looks after the server should see that its folder can be written.',
    );
  if (code === 'SQLITE_CORRUPT' || code === 'SQLITE_NOTADB')
    return new Problem(
      503,
      'data-damaged',
      'The database is damaged',
      'Zelk’s database is damaged. What you made stays on this device. Whoever looks after the server should bring back the last backup.',
    );
  return undefined;
}

/** Whoever asked has gone: nothing failed here. */
const hasLeft = (error: unknown): boolean =>
  ['ERR_STREAM_PREMATURE_CLOSE', 'ECONNABORTED', 'ECONNRESET', 'EPIPE'].includes(
    String((error as { code?: unknown } | null)?.code),
  );

/** The one place where errors become answers: expected ones in full, others logged and masked. */
export function answerErrors(log: Logger): ErrorRequestHandler {
  return (error, request, response, _next) => {
    if (response.headersSent) {
      // Too late to say anything: the answer is broken off, so that nobody takes half of it for the whole.
      if (!hasLeft(error))
        log.error({ err: error, method: request.method, path: request.route?.path }, 'an answer broke off');
      response.destroy();
      return;
    }
    const known = asNoRoom(error);
    const problem = known instanceof Problem ? known : (fromDisk(error) ?? fromParser(error));
    if (!problem || problem.status >= 500)
      log.error({ err: error, method: request.method, url: request.path }, 'unexpected failure');
    const answer =
      problem ??
      new Problem(
        500,
        'internal',
        'Something failed inside Zelk',
        'The request was not carried out. Try again; if it stays so, look into the server’s log.',
      );
    if (answer.status === 503) response.set('Retry-After', '2');
    response.status(answer.status).type('application/problem+json');
    if (request.complete) response.send(JSON.stringify(answer));
    else void answerEarly(request, response, JSON.stringify(answer));
  };
}

/** What is still on its way is read so long, and kept nowhere. */
const LINGER_MS = 10_000;

/**
 * Answers while the request is still being sent. Whoever sends all before they read would meet a cut connection: the answer is there at once, and what
 * comes after is let go by for a while.
 */
async function answerEarly(request: Request, response: Response, body: string): Promise<void> {
  const { 'cache-control': caching } = response.getHeaders();
  response.set({
    Connection: 'close',
    'Content-Length': String(Buffer.byteLength(body)),
    // Not held back to be packed.
    'Cache-Control': [caching, 'no-transform'].filter(Boolean).join(', '),
  });
  response.write(body);
  const patience = AbortSignal.timeout(LINGER_MS);
  await finished(request.resume(), { writable: false, signal: patience, cleanup: true }).catch(
    () => undefined,
  );
  response.end();
}

export const noSuchRoute: RequestHandler = () => {
  throw notFound('address', 'See /api/openapi.json for what there is.');
};
