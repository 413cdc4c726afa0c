import { once } from 'node:events';
import { request as httpRequest, type IncomingMessage, type Server } from 'node:http';
import { type AddressInfo, connect } from 'node:net';
import { text } from 'node:stream/consumers';
import request from 'supertest';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { makeServer } from './makeServer';

let server: TestServer;
let http: Server;
const port = () => (http.address() as AddressInfo).port;
beforeEach(async () => {
  server = await startTestServer();
  http = makeServer(server.app).listen(0, '127.0.0.1');
  await once(http, 'listening');
});
afterEach(async () => {
  http.closeAllConnections();
  await new Promise((closed) => http.close(closed));
  await server.close();
});

async function raw(bytes: string): Promise<string> {
  const socket = connect(port(), '127.0.0.1');
  socket.write(bytes);
  return text(socket);
}

it('an expectation other than 100-continue is a problem document', async () => {
  const asked = httpRequest({ port: port(), path: '/api/cars', headers: { Expect: 'the-moon' } });
  asked.end();
  const [response] = (await once(asked, 'response')) as [IncomingMessage];
  expect(response.statusCode).toBe(417);
  expect(response.headers['content-type']).toBe('application/problem+json');
  expect(JSON.parse(await text(response))).toMatchObject({ type: '/problems/expectation', status: 417 });
});

it('what is no HTTP, or has endless headers, is one too', async () => {
  expect(await raw('HELLO THERE\r\n\r\n')).toMatch(/^HTTP\/1\.1 400 [\s\S]*"\/problems\/bad-request"/);
  const long = await raw(`GET / HTTP/1.1\r\nHost: x\r\nCookie: ${'a'.repeat(40_000)}\r\n\r\n`);
  expect(long).toMatch(/^HTTP\/1\.1 431 [\s\S]*"\/problems\/headers-too-large"/);
});

it('an address with a slash too many is not found', async () => {
  await request(server.app).get('/api/cars').expect(200);
  const { body } = await request(server.app).get('/api/cars/').expect(404);
  expect(body.type).toBe('/problems/not-found');
});
