import express, { Router } from 'express';
import request from 'supertest';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { answered, mount, route, type Witness } from './route';

const seen: [path: string, answer: unknown][] = [];
const witness: Witness = ({ path, gives }, answer) => {
  seen.push([path, answer]);
  (gives as z.ZodType).parse(answer);
};

const counted = z.object({ count: z.int() });
const app = express();
const router = Router();
mount(
  router,
  [
    route({
      method: 'get',
      path: '/as-declared',
      summary: '',
      needs: 'anyone',
      gives: counted,
      handle: () => ({ count: 1 }),
    }),
    route({
      method: 'get',
      path: '/otherwise',
      summary: '',
      needs: 'anyone',
      gives: counted,
      // What a store read from a row that was written by hand may be.
      handle: () => JSON.parse('{"count":"many"}'),
    }),
    route({
      method: 'get',
      path: '/by-itself',
      summary: '',
      needs: 'anyone',
      gives: counted,
      handle: (_input, _request, response) => {
        response.json({ count: 3 });
        return answered;
      },
    }),
  ],
  { witness, identify: () => undefined, now: () => new Date(), turn: async () => undefined },
);
app.use(router);
app.use(((_error, _request, response, _next) => {
  response.status(500).end();
}) satisfies express.ErrorRequestHandler);

describe('a route', () => {
  it('shows what it answers to the witness, before it is sent', async () => {
    await request(app).get('/as-declared').expect(200, { count: 1 });
    expect(seen).toContainEqual(['/as-declared', { count: 1 }]);
  });

  it('that answers something else than it declares does not get past a witness who minds', async () => {
    await request(app).get('/otherwise').expect(500);
  });

  it('may send its JSON itself', async () => {
    await request(app).get('/by-itself').expect(200, { count: 3 });
    expect(seen.some(([path]) => path === '/by-itself')).toBe(false);
  });

  it('cannot be declared with a handler that answers another shape', () => {
    route({
      method: 'get',
      path: '/never',
      summary: '',
      needs: 'anyone',
      gives: counted,
      // @ts-expect-error: the compiler refuses it.
      handle: () => ({ count: 'many' }),
    });
  });
});
