import type { ErrorRequestHandler, RequestHandler } from 'express';
import type { Logger } from 'pino';
import { badRequest, notFound, Problem } from '../problems';

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

/** The one place where errors become answers: expected ones in full, others logged and masked. */
export function answerErrors(log: Logger): ErrorRequestHandler {
  return (error, request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const problem = error instanceof Problem ? error : fromParser(error);
    if (!problem) log.error({ err: error, method: request.method, url: request.path }, 'unexpected failure');
    const answer =
      problem ??
      new Problem(
        500,
        'internal',
        'Something failed inside Zelk',
        'The request was not carried out. Try again; if it stays so, look into the server’s log.',
      );
    // A refused upload is not read to its end.
    if (!request.complete) response.set('Connection', 'close');
    response.status(answer.status).type('application/problem+json').send(JSON.stringify(answer));
  };
}

export const noSuchRoute: RequestHandler = () => {
  throw notFound('address', 'See /api/openapi.json for what there is.');
};
