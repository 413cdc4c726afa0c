import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { begun, entriesOf, idOf, noted, WALK, WHO } from '../../tests/builders/entries';
import { startTestServer, type TestServer } from '../../tests/builders/testServer';
import { isPlainText, unkeepable } from './plainText';

describe('text that can be kept', () => {
  it.each(['', 'a\tb\nc\r\nd', 'Grüße 傷 😀', 'e\u0301', '\u202e', '\u200b'])('is %j', (text) => {
    expect(isPlainText(text)).toBe(true);
  });
  it.each(['\0', 'a\u0007', '\u001b[31m', '\u007f', '\u0085', '\ud800', 'x\udc00', '\uffff'])(
    'is not %j',
    (text) => {
      expect(isPlainText(text)).toBe(false);
    },
  );
  it('is looked for in every place of a value, names included, however it is nested', () => {
    expect(unkeepable({ a: [{ b: 'fine' }, { c: 'no\0' }], 'k\0': 1 }).map(({ path }) => path)).toEqual([
      '',
      'a.1.c',
    ]);
    expect(unkeepable(undefined)).toEqual([]);
    expect(unkeepable(7)).toEqual([]);
    const deep = Array.from({ length: 100_000 }).reduce((inner) => [inner], 'x' as unknown);
    expect(unkeepable(deep)).toMatchObject([{ detail: expect.stringContaining('nested deeper') }]);
    expect(unkeepable(Array.from({ length: 1000 }, () => '\0'))).toHaveLength(20);
  });
});

describe('the edge', () => {
  let server: TestServer;
  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.close());

  it('refuses an entry with such a text and names it, so that the others can go on', async () => {
    const entries = entriesOf([
      begun,
      noted(1),
      { kind: 'finding-dismissed', body: { finding: idOf(0xf001), why: 'a\0b' } },
    ]);
    const { body } = await request(server.app)
      .post(`/api/walks/${WALK}/entries`)
      .send({ entries })
      .expect(400);
    expect(body.type).toBe('/problems/unprintable');
    expect(body.errors).toMatchObject([{ path: 'entries.2.body.why', entry: entries[2]?.id }]);
    await request(server.app).get(`/api/walks/${WALK}`).expect(404);
  });

  it('refuses it in names, addresses and searches too', async () => {
    for (const name of ['Nell\u0000', 'Nell\ud800'])
      await request(server.app)
        .post('/api/people')
        .set('Content-Type', 'application/json')
        .send(JSON.stringify({ id: WHO, name }))
        .expect(400);
    await request(server.app).get('/api/cars?q=%00').expect(400);
    await request(server.app).get('/api/cars?q=%ff').expect(400);
    await request(server.app).get('/api/walks/%00').expect(400);
  });
});
