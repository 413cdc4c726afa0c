import { setTimeout as wait } from 'node:timers/promises';
import type { Request, RequestHandler, Response, Router } from 'express';
import { z } from 'zod';
import { type Act, mayDo, roleNames } from '#core/people';
import type { Identify, Identity } from '../people/identity';
import { badRequest, Problem } from '../problems';
import { readJson } from './readJson';

type Shape = z.ZodType;
type Out<S> = S extends Shape ? z.output<S> : undefined;

/** Who may ask: whoever may do something, whoever has a link (which the route looks at itself), or anybody at all. */
export type Need = Act | 'link' | 'anyone';
/** Who asks, where the route asks for somebody of the yard. */
type By<N> = N extends Act ? Identity : Identity | undefined;

/** A route as data: what it takes and gives, and how it does it. The API description is made from the same table. */
export interface RouteSpec<
  P extends Shape,
  Q extends Shape | undefined,
  B extends Shape | undefined,
  G extends Shape | string,
  N extends Need,
> {
  method: 'get' | 'post' | 'put' | 'delete';
  /** Express path, like `/api/cars/:id`. */
  path: string;
  summary: string;
  needs: N;
  params?: P;
  query?: Q;
  body?: B;
  /** Most bytes of a JSON body; a screen's usual ones when left out. */
  limit?: number;
  /** Body taken as a raw stream of these types instead of JSON. */
  takes?: readonly string[];
  /** Decides who may ask before a byte of what they send is looked at: throws a Problem, or lets them. */
  admit?: (params: z.output<P>, request: Request, response: Response) => void;
  /** Writes something down although it is only asked: who took data out, for one. */
  writes?: true;
  status?: number;
  /** Shape of the JSON answered, or the media type of another answer. */
  gives: G;
  handle: (
    input: { params: z.output<P>; query: Out<Q>; body: Out<B>; by: By<N> },
    request: Request,
    response: Response,
  ) => Answer<G>;
}

/** What a handler returns: a value of the shape its route declares, or nothing where it sends another kind of answer itself. */
type Answer<G> = G extends Shape ? Given<G> | Promise<Given<G>> : unknown;
type Given<G extends Shape> = Unchanged<z.input<G>> | typeof answered;
/** An answer is only read: what stores hand out as read-only may be answered as it is. */
type Unchanged<T> = T extends object ? { readonly [K in keyof T]: Unchanged<T[K]> } : T;

/** Returned by a handler that has sent its JSON itself. */
export const answered = Object.freeze({ isAnswered: true });

// biome-ignore lint/suspicious/noExplicitAny: a table of routes holds routes of every shape.
export type AnyRoute = RouteSpec<any, any, any, any, any>;

export function route<
  P extends Shape = z.ZodObject,
  Q extends Shape | undefined = undefined,
  B extends Shape | undefined = undefined,
  G extends Shape | string = string,
  N extends Need = Need,
>(spec: RouteSpec<P, Q, B, G, N>): AnyRoute {
  return spec;
}

/** Reads a value by its shape, or throws a problem that names each thing to change. */
export function read<S extends Shape>(schema: S, value: unknown, where: string): z.output<S> {
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  const errors = parsed.error.issues.map((issue) => ({ path: issue.path.join('.'), detail: issue.message }));
  const [first] = errors;
  const lead = first?.path ? `${first.path}: ${first.detail}` : (first?.detail ?? 'It cannot be read.');
  throw badRequest('bad-input', `The ${where} cannot be taken. ${lead}`, errors);
}

/** Told of every JSON answer before it is sent. */
export type Witness = (spec: AnyRoute, answer: unknown) => void;

interface Doorkeeper {
  identify: Identify;
  now: () => Date;
  /** Resolves when whoever wants to write may. */
  turn: () => Promise<void>;
  witness?: Witness | undefined;
  /** Told how long each answer took. */
  observe?: (spec: AnyRoute, status: number, seconds: number) => void;
}

/** Puts the table onto an Express router. */
export function mount(router: Router, routes: readonly AnyRoute[], keeper: Doorkeeper): void {
  for (const spec of routes) router[spec.method](spec.path, handlerOf(spec, keeper));
}

/** Whoever asks, or a Problem: nothing they send is looked at before. */
function admitted(need: Need, by: Identity | undefined): Identity | undefined {
  if (need === 'anyone' || need === 'link') return by;
  if (!by)
    throw new Problem(
      401,
      'sign-in',
      'Sign in first',
      'Nobody is signed in here. Sign in and do it again; nothing is lost.',
    );
  if (!mayDo(by.role, need))
    throw new Problem(
      403,
      'not-yours',
      'That is not yours to do',
      `Who is here for “${roleNames[by.role].name}” may not. Ask a manager of the yard.`,
    );
  return by;
}

/** What takes a while to begin: a whole report is read before the first byte is sent. */
const PAPERS = new Set(['application/pdf', 'application/zip']);

/**
 * However many papers are asked for at once, one begins after the other, so long apart that whoever else comes in between is answered: a turn of the
 * loop lets in no more than one of them. One alone begins at once.
 */
const APART_MS = 50;
let lastPaper: Promise<unknown> = Promise.resolve();
let isBeginning = 0;
async function paperTurn(): Promise<void> {
  const before = lastPaper;
  const isAlone = isBeginning++ === 0;
  lastPaper = before.then(() => wait(APART_MS)).finally(() => isBeginning--);
  if (!isAlone) await before;
}

function handlerOf(spec: AnyRoute, { identify, now, turn, witness, observe }: Doorkeeper): RequestHandler {
  return async (request, response) => {
    const began = performance.now();
    if (observe)
      response.on('close', () => observe(spec, response.statusCode, (performance.now() - began) / 1000));
    const by = admitted(spec.needs, spec.needs === 'link' ? undefined : identify(request, now()));
    const params = read(spec.params ?? z.object({}), request.params, 'address');
    const query = spec.query && read(spec.query, request.query, 'address');
    spec.admit?.(params, request, response);
    if (spec.takes) demandType(request, spec.takes);
    const body = spec.body && read(spec.body, await readJson(request, response, spec.limit), 'request');
    const input = { params, query, body, by };
    if (spec.method !== 'get' || spec.writes) await turn();
    if (PAPERS.has(String(spec.gives))) await paperTurn();
    const answer = await spec.handle(input, request, response);
    if (answer === answered || typeof spec.gives === 'string') return;
    witness?.(spec, answer);
    // What a handler set itself stands.
    if (response.statusCode === 200) response.status(spec.status ?? 200);
    response.json(answer);
  };
}

/** A file comes as what it is, or as bytes: what any page may send unasked, like a form or plain text, is none. */
function demandType(request: Request, takes: readonly string[]): void {
  const families = [...new Set(takes.map((type) => `${type.split('/')[0]}/*`))].filter(
    (each) => each !== 'application/*',
  );
  if (request.is([...takes, ...families, 'application/octet-stream'])) return;
  throw new Problem(
    415,
    'other-type',
    'That is not how files are sent',
    `Send the file with the header Content-Type: ${takes.join(', ')} or application/octet-stream.`,
  );
}
