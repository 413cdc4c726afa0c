import type { Request, RequestHandler } from 'express';
import type { Context } from '../context';
import { notFound, Problem } from '../problems';

/**
 * Whom a listener is for. The yard's own has everything, for whoever is signed in, and stays on the machine unless it is set up otherwise; the
 * readers' has what a link opens and nothing else. They are two listeners: what a request says of its Host is up to whoever sends it.
 */
export type Audience = 'yard' | 'readers';

/** What whoever has a link needs: its page, that page's files, and what the link opens. */
const forReaders = [
  /^\/[rt]\/[^/]+$/,
  /^\/assets\//,
  /^\/api\/(shared|trade)\//,
  /^\/(strip\.svg|icon-(192|512)\.png|arrival-worker\.js)$/,
];

const loopback: ReadonlySet<string> = new Set(['localhost', '127.0.0.1', '[::1]']);

export const isLoopback = (host: string): boolean => loopback.has(host);

/** Headers by which a proxy tells that it stands in between. */
const ofProxies = [
  'forwarded',
  'via',
  'x-forwarded-for',
  'x-forwarded-host',
  'x-forwarded-proto',
  'x-forwarded-server',
  'x-real-ip',
];

/** A host as names are compared: small, without its port and the dot of the root. */
export const plainHost = (host: string | undefined): string =>
  (host ?? '').toLowerCase().replace(/:\d*$/, '').replace(/\.$/, '');

const misdirected = (detail: string) =>
  new Problem(421, 'misdirected', 'Zelk is not here for this address', detail);

/** Refuses whatever came for another host, or reached the yard through a proxy. */
export function onlyFor(
  audience: Audience,
  { publicUrl, reach }: Pick<Context, 'publicUrl' | 'reach'>,
): RequestHandler {
  const outside = publicUrl && plainHost(new URL(publicUrl).host);
  return (request, _response, next) => {
    // What the proxy was asked for counts where the proxy is trusted; Express decides that.
    const host = plainHost(request.hostname);
    if (audience === 'readers') {
      if (host !== outside && !isLoopback(host)) throw misdirected('Open the link as the yard sent it.');
      if (!forReaders.some((path) => path.test(request.path)))
        throw notFound('address', 'Open the link as the yard sent it.');
    } else {
      if (!isLoopback(host) && !reach?.hosts.has(host))
        throw misdirected(
          reach
            ? `Zelk is opened by ${[...reach.hosts].join(' or ')} here; another name is set with ZELK_URL.`
            : 'The yard’s own screens open on the machine Zelk runs on. A proxy for readers belongs before the readers’ port (ZELK_READERS_PORT).',
        );
      if (cameByProxy(request) && !reach?.isProxied)
        throw misdirected(
          'A proxy that is not named stands before the yard’s own port. Name it with ZELK_TRUST_PROXY, or point it to the readers’ port (ZELK_READERS_PORT).',
        );
    }
    next();
  };
}

/** Proxies tell of themselves, or speak the HTTP of old; no browser does. */
const cameByProxy = ({ headers, httpVersion }: Request): boolean =>
  httpVersion === '1.0' || ofProxies.some((name) => headers[name] !== undefined);

const changing: ReadonlySet<string> = new Set(['POST', 'PUT', 'PATCH', 'DELETE']);

/**
 * A page of another origin changes nothing here: browsers tell where a request comes from (Fetch Metadata, or Origin), and what they send
 * unasked tells neither. Programs that are no browser tell nothing and carry nobody's standing.
 */
export function ownOriginOnly(publicUrl: string | undefined): RequestHandler {
  const outside = publicUrl && new URL(publicUrl).host;
  return (request, _response, next) => {
    if (changing.has(request.method) && !isOwn(request, outside))
      throw new Problem(
        403,
        'other-origin',
        'Another page asked for this',
        'Only Zelk’s own pages may change anything here. Open Zelk itself and do it there.',
      );
    next();
  };
}

function isOwn({ headers }: Request, outside: string | undefined): boolean {
  const site = headers['sec-fetch-site'];
  if (site !== undefined) return site === 'same-origin';
  const { origin } = headers;
  if (origin === undefined) return true;
  if (!URL.canParse(origin)) return false;
  const { host } = new URL(origin);
  return host === headers.host || host === outside;
}
