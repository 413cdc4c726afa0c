import { createServer, get, type IncomingMessage, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import request from 'supertest';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
let http: Server;
let token: string;
beforeEach(async () => {
  server = await startTestServer();
  await request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf([begun, noted(1)]) });
  await request(server.app)
    .post(`/api/walks/${WALK}/reports`)
    .send({ id: idOf(0xd01) });
  token = (
    await request(server.app)
      .post(`/api/reports/${idOf(0xd01)}/shares`)
      .send({})
  ).body.token;
  http = createServer(server.app);
  await new Promise<void>((listening) => http.listen(0, '127.0.0.1', listening));
});
afterEach(async () => {
  server.context.live.end();
  await new Promise((closed) => http.close(closed));
  await server.close();
});

const listen = (path: string) =>
  new Promise<{ response: IncomingMessage; heard: () => string }>((open) => {
    get(
      { port: (http.address() as AddressInfo).port, path, headers: { 'Accept-Encoding': 'gzip' } },
      (response) => {
        let text = '';
        response.on('data', (chunk: Buffer) => {
          text += chunk.toString();
        });
        response.on('error', () => undefined);
        open({ response, heard: () => text });
      },
    );
  });
const news = (text: string) => text.match(/^event: news$/gm)?.length ?? 0;

it('both sides hear of a question, an answer and a revision at once, and of nothing of it', async () => {
  const [buyer, yard] = [await listen(`/api/shared/${token}/live`), await listen(`/api/walks/${WALK}/live`)];
  expect(buyer.response.headers['content-type']).toBe('text/event-stream');
  await request(server.app)
    .post(`/api/shared/${token}/questions`)
    .send({ id: idOf(0xa01), text: 'Is it bent?', about: {}, wantsLook: false })
    .expect(201);
  await expect.poll(() => [news(buyer.heard()), news(yard.heard())]).toEqual([1, 1]);
  await request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({
      entries: entriesOf(
        [{ kind: 'question-answered', body: { question: idOf(0xa01), says: 'No.' } }],
        WALK,
        30,
      ),
    })
    .expect(200);
  await request(server.app)
    .post(`/api/walks/${WALK}/reports`)
    .send({ id: idOf(0xd02) })
    .expect(201);
  await expect.poll(() => news(buyer.heard())).toBe(3);
  // The yard learns how long the log has become; a reader does not.
  await expect.poll(() => /^event: log\ndata: 3$/m.test(yard.heard())).toBe(true);
  expect(buyer.heard()).not.toContain('event: log');
  expect(buyer.heard()).not.toContain('bent');
});

it('a page that goes is forgotten, and a stopping server lets every page go', async () => {
  const [first, second] = [
    await listen(`/api/walks/${WALK}/live`),
    await listen(`/api/shared/${token}/live`),
  ];
  first.response.destroy();
  server.context.live.end();
  await expect.poll(() => second.response.complete).toBe(true);
});

it('a wrong link hears nothing', async () => {
  await request(server.app)
    .get(`/api/shared/${'a'.repeat(27)}/live`)
    .expect(404);
  await request(server.app)
    .get(`/api/walks/${idOf(9)}/live`)
    .expect(404);
});
