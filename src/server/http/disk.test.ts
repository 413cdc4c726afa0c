import request from 'supertest';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { begun, entriesOf, noted, WALK } from '../../../tests/builders/entries';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.close());

const db = () => server.context.stores.db;
const send = () =>
  request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf([begun, ...Array.from({ length: 200 }, (_, i) => noted(i + 1, 'roof'))]) });

it('a full disk is 507 in words, nothing is kept, and the same goes through once there is room', async () => {
  // As SQLite meets it: no page more than there are.
  const pages = db().pragma('page_count', { simple: true }) as number;
  db().pragma(`max_page_count = ${pages}`);
  const { body } = await send().expect(507);
  expect(body).toMatchObject({
    type: '/problems/disk-full',
    detail: expect.stringContaining('disk of Zelk’s server is full'),
  });
  await request(server.app).get(`/api/walks/${WALK}`).expect(404);
  db().pragma('max_page_count = 1000000');
  await send().expect(200);
});

it('a database that may only be read is 503 in words', async () => {
  db().pragma('query_only = ON');
  const { body } = await send().expect(503);
  expect(body).toMatchObject({
    type: '/problems/disk-unwritable',
    detail: expect.stringContaining('cannot write on its disk'),
  });
  await request(server.app).get('/api/cars').expect(200);
  db().pragma('query_only = OFF');
  await send().expect(200);
});
