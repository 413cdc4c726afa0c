import type { RequestHandler } from 'express';
import { notFound } from '../problems';

/** What whoever has a link needs: its page, that page's files, and what the link opens. */
const forReaders = [/^\/r\/[^/]+$/, /^\/assets\//, /^\/api\/shared\//, /^\/(strip\.svg|arrival-worker\.js)$/];

/**
 * Zelk listens on loopback and has no sign-in. Where a proxy lets readers in from outside, by the address in ZELK_URL, nothing but what readers
 * need is there: the yard's own screens and API stay inside.
 */
export function outsideScope(publicUrl: string | undefined): RequestHandler {
  const outside = publicUrl && new URL(publicUrl).hostname;
  return (request, _response, next) => {
    // A yard that works on the one machine it also sends links to is not outside.
    const isOutside = outside && request.hostname === outside && !isLoopback(outside);
    if (isOutside && !forReaders.some((path) => path.test(request.path)))
      throw notFound('address', 'Open the link as the yard sent it.');
    next();
  };
}

const isLoopback = (host: string): boolean =>
  host === 'localhost' || host === '127.0.0.1' || host === '[::1]';
