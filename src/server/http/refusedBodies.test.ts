import type { Server } from 'node:http';
import { type AddressInfo, connect } from 'node:net';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { WALK } from '../../../tests/builders/entries';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { makeServer } from './makeServer';

let server: TestServer;
let http: Server;
beforeAll(async () => {
  server = await startTestServer();
  http = makeServer(server.app);
  await new Promise<void>((listening) => http.listen(0, '127.0.0.1', listening));
});
afterAll(async () => {
  http.closeAllConnections();
  await new Promise((closed) => http.close(closed));
  await server.close();
});

const MB = 1_000_000;

/** Sends all of it before it reads a word of the answer, as simple clients do. Gives what came back. */
function sendAll(method: string, path: string, type: string, body: Buffer, more = ''): Promise<string> {
  return new Promise((done) => {
    const chunks: Buffer[] = [];
    const socket = connect((http.address() as AddressInfo).port, '127.0.0.1');
    socket.pause();
    socket.on('data', (chunk) => chunks.push(chunk));
    socket.on('error', () => undefined);
    socket.on('close', () => done(Buffer.concat(chunks).toString()));
    socket.write(
      `${method} ${path} HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\nContent-Type: ${type}\r\n${more}Content-Length: ${body.length}\r\n\r\n`,
    );
    socket.write(body, () => setTimeout(() => socket.resume(), 50));
  });
}

it.each([
  [
    '95 MB of small objects',
    'POST',
    '/api/imports',
    'application/json',
    Buffer.alloc(95 * MB, '{"a":1},'),
    '',
    413,
  ],
  [
    'a log of 40 MB',
    'POST',
    `/api/walks/${WALK}/entries`,
    'application/json',
    Buffer.alloc(40 * MB, '['),
    '',
    413,
  ],
  [
    'a packed body',
    'POST',
    `/api/walks/${WALK}/entries`,
    'application/json',
    Buffer.alloc(20 * MB),
    'Content-Encoding: gzip\r\n',
    415,
  ],
  [
    'an archive that is none',
    'POST',
    '/api/imports/archive',
    'application/zip',
    Buffer.alloc(60 * MB),
    '',
    422,
  ],
  ['a logo of 50 MB', 'PUT', '/api/yard/logo', 'image/png', Buffer.alloc(50 * MB, 'x'), '', 413],
  ['a photo of 60 MB', 'PUT', `/api/photos/${'a'.repeat(64)}`, 'image/jpeg', Buffer.alloc(60 * MB), '', 413],
  ['a file under another name', 'PUT', '/api/yard/logo', 'text/plain', Buffer.alloc(20 * MB), '', 415],
  ['what nobody takes', 'POST', '/api/nothing', 'application/json', Buffer.alloc(20 * MB), '', 404],
])('%s is answered with a problem document, however much of it is still on its way', async (...sent) => {
  const [, method, path, type, body, more, status] = sent;
  const answer = await sendAll(method, path, type, body, more);
  expect(answer.split('\r\n')[0]).toContain(String(status));
  expect(answer).toContain('application/problem+json');
  expect(JSON.parse(answer.slice(answer.indexOf('{'), answer.lastIndexOf('}') + 1))).toMatchObject({
    status,
    detail: expect.any(String),
  });
});
