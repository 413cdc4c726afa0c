import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import cookieParser from 'cookie-parser';
import express, { type Express, Router } from 'express';
import helmet from 'helmet';
import { pinoHttp } from 'pino-http';
import { z } from 'zod';
import { type ReportDocument, unitsOfLanguage, withReadersUnits } from '#core/report';
import type { Context } from '../context';
import { bySession, type Identify } from '../people/identity';
import { drawingsOf } from '../reports/drawings';
import { tokenPattern } from '../store/shareStore';
import { type Audience, onlyFor, ownOriginOnly } from './audience';
import { answerErrors, noSuchRoute } from './errors';
import { firstWords } from './firstWords';
import { addressOf, guessLimit } from './guessLimit';
import { linkPreview } from './linkPreview';
import { plainAddressOnly } from './plainAddress';
import { mount, type Witness } from './route';
import { routeTable } from './routeTable';

interface AppSettings {
  /** Whom it is for; the yard when left out. */
  audience?: Audience;
  /** Sees every JSON answer. */
  witness?: Witness;
  /** Knows who asks; by their session when left out. */
  identify?: Identify;
}

/** The whole application, without a port. */
export function createApp(
  context: Context,
  webDir: string,
  { audience = 'yard', witness, identify = bySession(context.stores) }: AppSettings = {},
): Express {
  const routes = routeTable(context);

  const app = express();
  app.disable('x-powered-by');
  app.set('query parser', 'simple');
  // Nothing a request says of where it comes from counts, but from proxies that are named.
  const isProxied = audience === 'readers' || context.reach?.isProxied === true;
  app.set('trust proxy', isProxied && context.trustProxy ? context.trustProxy : false);
  app.use(
    pinoHttp({
      logger: context.log,
      redact: ['req.headers.cookie'],
      customLogLevel: levelOf,
      // Of an answer its status alone: a header may carry a token too.
      serializers: {
        req: maskToken,
        res: (response: { statusCode: number }) => ({ statusCode: response.statusCode }),
      },
    }),
  );
  app.use(
    helmet({
      // Loopback speaks plain HTTP: upgrading would break every link.
      contentSecurityPolicy: {
        directives: {
          upgradeInsecureRequests: null,
          styleSrc: ["'self'", "'unsafe-inline'"],
          fontSrc: ["'self'"],
          imgSrc: ["'self'", 'blob:', 'data:'],
          mediaSrc: ["'self'", 'blob:'],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(onlyFor(audience, context));
  app.use(plainAddressOnly);
  app.use(ownOriginOnly(context.publicUrl));
  app.use(compression());
  app.use('/api', (_request, response, next) => {
    // Whoever may look at it today may not tomorrow; what may be kept says so itself.
    response.set('Cache-Control', 'private, no-store');
    next();
  });
  app.use('/api', cookieParser());
  app.use(['/api/shared', '/api/trade'], guessLimit(context.guesses));
  const router = Router({ strict: true });
  const { now, measures, stores } = context;
  mount(router, routes, { identify, now, turn: stores.writeLock.turn, witness, observe: measures.observe });
  app.use(router);
  app.use('/api', noSuchRoute);
  serveInterface(app, context, webDir);
  app.use(answerErrors(context.log));
  return app;
}

function serveInterface(app: Express, context: Context, webDir: string): void {
  if (!existsSync(webDir)) return;
  app.use('/assets', express.static(join(webDir, 'assets'), { immutable: true, maxAge: '365d' }));
  app.use(express.static(webDir, { index: false, maxAge: 0 }));
  const page =
    (file: string): express.RequestHandler =>
    (_request, response) => {
      response.set('Cache-Control', 'no-cache').sendFile(join(webDir, file));
    };
  app.get('/r/:token', buyerPage(context, webDir));
  app.get('/t/:token', (_request, response) => {
    response
      .set({ 'Cache-Control': 'private, no-store', 'Referrer-Policy': 'no-referrer' })
      .sendFile(join(webDir, 'buyer.html'));
  });
  // The log of a walk travels while the page is still being read.
  app.get('/walks/:id', (request, response, next) => {
    const { id } = request.params;
    if (z.uuid().safeParse(id).success)
      response.set('Link', `</api/walks/${id}>; rel=preload; as=fetch; crossorigin=anonymous`);
    next();
  });
  app.get('/{*path}', page('index.html'));
}

/**
 * The buyer's page with the head of the report in it, told at once what it will ask for: both travel while the page is still being read. A link that
 * asks for a passphrase, or opens nothing, has the bare page, which asks and helps.
 */
function buyerPage(context: Context, webDir: string): express.RequestHandler {
  const { stores, now, guesses } = context;
  const html = readAtOnce(webDir);
  const shownOf = (token: string, request: express.Request): { words: string; preview: string } => {
    const answer = stores.shares.open(token, now().toISOString());
    if (answer.status === 'unknown') guesses.wrongLink(addressOf(request));
    const sent = answer.status === 'open' ? stores.reports.head(answer.report) : undefined;
    const newest = sent && stores.reports.ofWalk(sent.walk).at(-1);
    const report = newest && stores.reports.get(newest.id);
    if (!report) return { words: '', preview: '' };
    const drawn = drawingsOf(context, report);
    const path = `/api/shared/${token}`;
    const origin = context.publicUrl
      ? new URL(context.publicUrl).origin
      : `${request.protocol}://${request.get('host') ?? ''}`;
    return {
      words: firstWords({ report: asReadBy(report, request), drawn, sent: sent.revision, path }),
      preview: `${linkPreview({ report, drawn, origin, path })}<link rel="manifest" crossorigin="use-credentials" href="${path}/manifest" />`,
    };
  };
  return async (request, response) => {
    const token = String(request.params.token);
    const isCheck = request.query.arrival !== undefined;
    // Somebody guesses: the page is shown without a word of any report, and tells them why itself.
    const isToken = tokenPattern.test(token) && !(await guesses.isGuessing(addressOf(request)));
    if (isToken) response.set('Link', `</api/shared/${token}>; rel=preload; as=fetch; crossorigin=anonymous`);
    const { words, preview } = isToken ? shownOf(token, request) : { words: '', preview: '' };
    response
      .set({ 'Cache-Control': 'private, no-store', 'Referrer-Policy': 'no-referrer' })
      .type('html')
      .send(
        html
          .replace('</head>', () => `${preview}</head>`)
          .replace('<div id="first"></div>', () => `<div id="first">${isCheck ? '' : words}</div>`),
      );
  };
}

/** In the units the page itself will choose for this reader: nothing moves when it takes its place. */
function asReadBy(report: ReportDocument, request: express.Request): ReportDocument {
  const units = unitsOfLanguage(request.acceptsLanguages()[0] ?? '');
  return units ? withReadersUnits(report, units) : report;
}

/** The buyer's page with its looks in it, and its scripts behind its words: the first answer alone can be read. */
function readAtOnce(webDir: string): string {
  return readFileSync(join(webDir, 'buyer.html'), 'utf8')
    .replace(
      /<link rel="stylesheet"[^>]* href="\/(assets\/[\w.-]+\.css)">/g,
      (_, file: string) => `<style>${withoutComments(readFileSync(join(webDir, file), 'utf8'))}</style>`,
    )
    .replace(/<(link rel="modulepreload"|script type="module")/g, '<$1 fetchpriority="low"');
}

const withoutComments = (css: string): string => css.replace(/\/\*[\s\S]*?\*\//g, '');

const levelOf = (_request: unknown, response: { statusCode: number }, error?: Error) =>
  error || response.statusCode >= 500 ? 'error' : 'info';

/** A link's token opens a report: it must not lie about in logs. */
function maskToken(request: { id: unknown; method: string; url: string }) {
  return {
    id: request.id,
    method: request.method,
    url: request.url.replace(/(\/(?:r|t|shared|trade)\/)[^/?]+/, '$1…'),
  };
}
