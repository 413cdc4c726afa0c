import type { Request, RequestHandler, Response, Router } from 'express';
import { z } from 'zod';
import { badRequest } from './problems';

type Shape = z.ZodType;
type Out<S> = S extends Shape ? z.output<S> : undefined;

/** A route as data: what it takes and gives, and how it does it. The API description is made from the same table. */
export interface RouteSpec<P extends Shape, Q extends Shape | undefined, B extends Shape | undefined> {
  method: 'get' | 'post' | 'put' | 'delete';
  /** Express path, like `/api/cars/:id`. */
  path: string;
  summary: string;
  params?: P;
  query?: Q;
  body?: B;
  /** Body taken as a raw stream of these types instead of JSON. */
  takes?: readonly string[];
  status?: number;
  /** Shape of the JSON answered, or the media type of another answer. */
  gives: Shape | string;
  handle: (
    input: { params: z.output<P>; query: Out<Q>; body: Out<B> },
    request: Request,
    response: Response,
  ) => unknown;
}

// biome-ignore lint/suspicious/noExplicitAny: a table of routes holds routes of every shape.
export type AnyRoute = RouteSpec<any, any, any>;

export function route<
  P extends Shape = z.ZodObject,
  Q extends Shape | undefined = undefined,
  B extends Shape | undefined = undefined,
>(spec: RouteSpec<P, Q, B>): AnyRoute {
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

/** Puts the table onto an Express router. */
export function mount(router: Router, routes: readonly AnyRoute[]): void {
  for (const spec of routes) router[spec.method](spec.path, handlerOf(spec));
}

function handlerOf(spec: AnyRoute): RequestHandler {
  return async (request, response) => {
    const input = {
      params: read(spec.params ?? z.object({}), request.params, 'address'),
      query: spec.query && read(spec.query, request.query, 'address'),
      body: spec.body && read(spec.body, jsonOf(request), 'request'),
    };
    const answer = await spec.handle(input, request, response);
    if (response.headersSent || typeof spec.gives === 'string') return;
    response.status(spec.status ?? 200).json(answer);
  };
}

/** JSON only under its own media type: another page's form cannot reach the API unnoticed. */
function jsonOf(request: Request): unknown {
  if (!request.is('application/json')) {
    throw badRequest('not-json', 'Send JSON with the header Content-Type: application/json.');
  }
  return request.body;
}
