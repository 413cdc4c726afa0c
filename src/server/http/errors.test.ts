import express from 'express';
import { pino } from 'pino';
import request from 'supertest';
import { beforeEach, describe, expect, it } from 'vitest';
import { badRequest, conflict, notFound, unprocessable } from '../problems';
import { answerErrors, noSuchRoute } from './errors';

const lines: string[] = [];
const log = pino({ level: 'info' }, { write: (line: string) => lines.push(line) });
const thrown: Record<string, unknown> = {
  absent: notFound('car'),
  bad: badRequest('bad-cursor', 'Start from the first page.'),
  fight: conflict('entry-differs', 'Make a new one.'),
  many: unprocessable('entries-refused', 'Two are wrong.', [{ path: 'entries.0', detail: 'No such part.' }]),
  bug: new Error('SQLITE_CORRUPT at /srv/zelk/data/zelk.db'),
  text: 'only a text',
  parser: Object.assign(new Error('charset'), { status: 415, type: 'charset.unsupported' }),
};
const app = express();
app.use(express.json({ limit: '1kb' }));
app.get('/throw/:what', ({ params }) => {
  throw thrown[params.what];
});
app.post('/take', (_request, response) => {
  response.json({});
});
app.get('/half', (_request, response) => {
  response.write('half');
  throw new Error('too late');
});
app.use(noSuchRoute);
app.use(answerErrors(log));

beforeEach(() => {
  lines.length = 0;
});

describe('an expected failure', () => {
  it.each([
    ['absent', 404, 'not-found'],
    ['bad', 400, 'bad-cursor'],
    ['fight', 409, 'entry-differs'],
    ['many', 422, 'entries-refused'],
  ])(
    '“%s” is answered in full as a problem document (RFC 9457), and not logged',
    async (what, status, code) => {
      const answer = await request(app).get(`/throw/${what}`).expect(status);
      expect(answer.headers['content-type']).toMatch(/^application\/problem\+json/);
      expect(answer.body).toMatchObject({ type: `/problems/${code}`, status });
      expect(answer.body.detail.length).toBeGreaterThan(5);
      expect(lines).toEqual([]);
    },
  );

  it('names each of several things', async () => {
    const { body } = await request(app).get('/throw/many');
    expect(body.errors).toEqual([{ path: 'entries.0', detail: 'No such part.' }]);
  });

  it('of an address that is not there leads to what there is', async () => {
    const { body } = await request(app).get('/nowhere').expect(404);
    expect(body.detail).toContain('/api/openapi.json');
  });
});

describe('an unexpected failure', () => {
  it.each(['bug', 'text'])('“%s” is masked in the answer and told in the log', async (what) => {
    const { body, text } = await request(app).get(`/throw/${what}`).expect(500);
    expect(body).toMatchObject({ type: '/problems/internal', status: 500 });
    expect(text).not.toMatch(/SQLITE|srv|only a text/);
    expect(lines).toHaveLength(1);
    expect(lines[0]).toContain(`/throw/${what}`);
  });

  it('after the answer has begun ends that answer and nothing else', async () => {
    await expect(request(app).get('/half')).rejects.toThrow();
    await request(app).get('/throw/absent').expect(404);
  });
});

describe('a request that cannot be read', () => {
  it('is told so in plain words', async () => {
    const broken = await request(app)
      .post('/take')
      .set('Content-Type', 'application/json')
      .send('{"a":')
      .expect(400);
    expect(broken.body.detail).toContain('not JSON');
    const large = await request(app)
      .post('/take')
      .send({ a: 'x'.repeat(2000) })
      .expect(413);
    expect(large.body).toMatchObject({
      type: '/problems/request-too-large',
      detail: 'Send it in smaller pieces.',
    });
    const odd = await request(app).get('/throw/parser').expect(400);
    expect(odd.body.type).toBe('/problems/bad-request');
  });
});
