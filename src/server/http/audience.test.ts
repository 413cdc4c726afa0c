import { once } from 'node:events';
import { writeFileSync } from 'node:fs';
import {
  request as httpRequest,
  type IncomingMessage,
  type OutgoingHttpHeaders,
  type Server,
} from 'node:http';
import { type AddressInfo, connect } from 'node:net';
import { join } from 'node:path';
import { text } from 'node:stream/consumers';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { idOf } from '../../../tests/builders/entries';
import { sendReport } from '../../../tests/builders/sentReport';
import { asNell, startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { readConfig } from '../config';
import type { Reach } from '../reach/reach';
import { plainHost } from './audience';
import { createApp } from './createApp';
import { makeServer } from './makeServer';

const OUTSIDE = 'reports.yard.example';
let server: TestServer;
let yard: Server;
let readers: Server;
let token: string;
beforeEach(async () => {
  server = await startTestServer();
  token = (await sendReport(server, 1)).token;
  for (const page of ['index.html', 'buyer.html']) writeFileSync(join(server.dir, page), page);
  const context = { ...server.context, publicUrl: `https://${OUTSIDE}`, trustProxy: ['127.0.0.1'] };
  yard = makeServer(createApp(context, server.dir, { identify: asNell })).listen(0, '127.0.0.1');
  readers = makeServer(createApp(context, server.dir, { audience: 'readers', identify: asNell })).listen(
    0,
    '127.0.0.1',
  );
  await Promise.all([once(yard, 'listening'), once(readers, 'listening')]);
});
afterEach(async () => {
  for (const each of [yard, readers]) {
    each.closeAllConnections();
    await new Promise((closed) => each.close(closed));
  }
  await server.close();
});

const portOf = (each: Server) => (each.address() as AddressInfo).port;
/** As a proxy passes a request on. */
async function via(to: Server, path: string, headers: OutgoingHttpHeaders, method = 'GET') {
  const asked = httpRequest({ port: portOf(to), host: '127.0.0.1', path, method, headers });
  asked.end(method === 'GET' ? undefined : '{}');
  const [response] = (await once(asked, 'response')) as [IncomingMessage];
  return { status: response.statusCode, headers: response.headers, body: await text(response) };
}
/** HTTP of old, as the plainest proxies speak it. */
async function oldHttp(to: Server, path: string, host: string) {
  const socket = connect(portOf(to), '127.0.0.1');
  socket.write(`GET ${path} HTTP/1.0\r\nHost: ${host}\r\nConnection: close\r\n\r\n`);
  return Number(/^HTTP\/1\.1 (\d+)/.exec(await text(socket))?.[1]);
}

describe('the yard’s own port', () => {
  it('opens on this machine by its usual names, and by nothing else', async () => {
    for (const host of ['127.0.0.1:4310', 'localhost', 'LOCALHOST:1', '[::1]:4310', 'localhost.'])
      expect([host, (await via(yard, '/api/cars', { host })).status]).toEqual([host, 200]);
    for (const host of [
      OUTSIDE,
      OUTSIDE.toUpperCase(),
      `${OUTSIDE}.`,
      'evil.example',
      '127.0.0.1.evil.example',
      '2130706433',
      '127.1',
      '[::ffff:127.0.0.1]',
      '192.168.1.20',
      'localhost.evil.example',
    ])
      expect([host, (await via(yard, '/api/cars', { host })).status]).toEqual([host, 421]);
  });

  it('refuses each of the four usual ways a proxy is put before it by mistake', async () => {
    const told = { 'x-forwarded-for': '203.0.113.9', 'x-forwarded-proto': 'https' };
    // Host kept, told of itself; host kept, silent; host written anew, told; host written anew, silent and in HTTP/1.0.
    expect((await via(yard, '/api/cars', { host: OUTSIDE, ...told })).status).toBe(421);
    expect((await via(yard, '/api/cars', { host: OUTSIDE })).status).toBe(421);
    expect(
      (await via(yard, '/', { host: '127.0.0.1:4310', 'x-forwarded-host': OUTSIDE, ...told })).status,
    ).toBe(421);
    expect(await oldHttp(yard, '/api/cars', '127.0.0.1:4310')).toBe(421);
    const { body } = await via(yard, '/api/cars', { host: '127.0.0.1', via: '1.1 somewhere' });
    expect(JSON.parse(body).detail).toContain('ZELK_READERS_PORT');
  });
});

describe('a yard that others are let into', () => {
  const listening = async (reach: Reach, trustProxy?: string[]) => {
    const context = {
      ...server.context,
      publicUrl: `https://${OUTSIDE}`,
      reach,
      ...(trustProxy && { trustProxy }),
    };
    const open = makeServer(createApp(context, server.dir, { identify: asNell })).listen(0, '127.0.0.1');
    await once(open, 'listening');
    return open;
  };
  const shut = async (open: Server) => {
    open.closeAllConnections();
    await new Promise((closed) => open.close(closed));
  };

  it('on the office network answers to its own names, and to no proxy that is not named', async () => {
    const hosts = new Set(['192.168.1.20', 'office-pc']);
    const open = await listening({ hosts, isProxied: false, address: 'https://192.168.1.20:4310' });
    for (const host of ['192.168.1.20:4310', 'Office-PC', 'localhost'])
      expect([host, (await via(open, '/api/cars', { host })).status]).toEqual([host, 200]);
    for (const host of ['192.168.1.21', 'evil.example', OUTSIDE]) {
      const { status, body } = await via(open, '/api/cars', { host });
      expect([host, status, JSON.parse(body).detail]).toEqual([
        host,
        421,
        expect.stringContaining('office-pc'),
      ]);
    }
    const told = { host: '192.168.1.20', 'x-forwarded-for': '203.0.113.9' };
    expect(JSON.parse((await via(open, '/api/cars', told)).body).detail).toContain('ZELK_TRUST_PROXY');
    await shut(open);
  });

  it('behind a proxy that is named is reached by the name outside, over its TLS', async () => {
    const reach = { hosts: new Set([OUTSIDE]), isProxied: true, address: `https://${OUTSIDE}` };
    const open = await listening(reach, ['127.0.0.1']);
    const told = { host: OUTSIDE, 'x-forwarded-for': '203.0.113.9', 'x-forwarded-proto': 'https' };
    expect((await via(open, '/api/cars', told)).status).toBe(200);
    expect((await via(open, '/api/cars', { ...told, host: 'evil.example' })).status).toBe(421);
    // A yard of another origin stays out, whatever stands before it.
    const cross = { ...told, 'content-type': 'application/json', 'sec-fetch-site': 'cross-site' };
    expect((await via(open, '/api/people', cross, 'POST')).status).toBe(403);
    await shut(open);
  });
});

describe('the readers’ port', () => {
  it('works behind each of the four usual proxies, and never shows the yard', async () => {
    const ways: OutgoingHttpHeaders[] = [
      { host: OUTSIDE, 'x-forwarded-for': '203.0.113.9', 'x-forwarded-proto': 'https' },
      { host: OUTSIDE },
      { host: '127.0.0.1:4311', 'x-forwarded-host': OUTSIDE, 'x-forwarded-proto': 'https' },
      { host: '127.0.0.1:4311' },
    ];
    for (const headers of ways) {
      expect((await via(readers, `/r/${token}`, headers)).body).toBe('buyer.html');
      expect((await via(readers, `/api/shared/${token}`, headers)).status).toBe(200);
      for (const path of ['/', '/api/cars', '/api/yard', '/api/openapi.json', '/index.html', '/api/health'])
        expect([path, (await via(readers, path, headers)).status]).toEqual([path, 404]);
    }
    expect(await oldHttp(readers, '/api/cars', OUTSIDE)).toBe(404);
    expect((await via(readers, `/r/${token}`, { host: 'evil.example' })).status).toBe(421);
  });

  it('counts wrong links by the real address, and honest readers beside them go on', async () => {
    const from = (address: string) => ({ host: OUTSIDE, 'x-forwarded-for': address });
    for (let i = 0; i < 60; i++)
      await via(readers, `/api/shared/${String(i).padStart(27, 'x')}`, from('203.0.113.9'));
    expect((await via(readers, `/api/shared/${token}`, from('203.0.113.9'))).status).toBe(429);
    expect((await via(readers, `/api/shared/${token}`, from('203.0.113.10'))).status).toBe(200);
  });

  it('never counts a reader who leaves early', async () => {
    const path = `/api/shared/${token}/live`;
    for (let i = 0; i < 70; i++) {
      const asked = httpRequest({ port: portOf(readers), path, headers: { host: OUTSIDE } });
      asked.end();
      const [response] = (await once(asked, 'response')) as [IncomingMessage];
      response.destroy();
    }
    expect((await via(readers, `/api/shared/${token}`, { host: OUTSIDE })).status).toBe(200);
  });

  it('keeps its cookie to TLS, and lets nothing private be kept by others', async () => {
    const { body: share } = await request(server.app)
      .post(`/api/reports/${idOf(0xd01)}/shares`)
      .send({ passphrase: 'three green doors' })
      .expect(201);
    const asked = httpRequest({
      port: portOf(readers),
      path: `/api/shared/${share.token}/unlock`,
      method: 'POST',
      headers: { host: OUTSIDE, 'content-type': 'application/json', origin: `https://${OUTSIDE}` },
    });
    asked.end(JSON.stringify({ passphrase: 'three green doors' }));
    const [response] = (await once(asked, 'response')) as [IncomingMessage];
    expect(response.headers['set-cookie']?.[0]).toMatch(/; HttpOnly; Secure; SameSite=Strict/);
    for (const path of ['/api/cars', '/api/yard', `/api/walks/${idOf(1)}`, '/api/health'])
      expect((await via(yard, path, { host: 'localhost' })).headers['cache-control']).toBe(
        'private, no-store',
      );
  });
});

describe('a request that changes something', () => {
  const add = (headers: OutgoingHttpHeaders) =>
    via(
      yard,
      '/api/people',
      { host: '127.0.0.1:4310', 'content-type': 'application/json', ...headers },
      'POST',
    );
  it('comes from Zelk’s own pages, or from a program that is no browser', async () => {
    for (const headers of [
      { 'sec-fetch-site': 'cross-site', origin: 'https://evil.example' },
      { 'sec-fetch-site': 'same-site', origin: 'http://127.0.0.1:9999' },
      { 'sec-fetch-site': 'none' },
      { origin: 'http://127.0.0.1:9999' },
      { origin: 'null' },
      { origin: 'nonsense' },
    ])
      expect([headers, (await add(headers)).status]).toEqual([headers, 403]);
    // 400: it was let in, and then nothing was in it.
    for (const headers of [{}, { 'sec-fetch-site': 'same-origin' }, { origin: 'http://127.0.0.1:4310' }])
      expect([headers, (await add(headers)).status]).toEqual([headers, 400]);
  });

  it('says what it sends', async () => {
    for (const type of [
      'text/plain',
      'application/x-www-form-urlencoded',
      'multipart/form-data; boundary=x',
      '',
    ]) {
      const headers = { host: '127.0.0.1', ...(type && { 'content-type': type }) };
      expect((await via(yard, '/api/imports/archive', headers, 'POST')).status).toBe(415);
      expect((await via(yard, '/api/cars', headers, 'POST')).status).toBe(400);
    }
  });
});

describe('the settings', () => {
  it('name the readers’ port and the proxies that are trusted, or say what is wrong', () => {
    const url = { ZELK_URL: 'https://zelk.yard.example/' };
    expect(
      readConfig({ ...url, ZELK_READERS_PORT: '4311', ZELK_TRUST_PROXY: '127.0.0.1, 10.0.0.0/8 loopback' }),
    ).toMatchObject({
      publicUrl: 'https://zelk.yard.example',
      readersPort: 4311,
      trustProxy: ['127.0.0.1', '10.0.0.0/8', 'loopback'],
    });
    expect(readConfig({ ZELK_READERS_PORT: '4311' }).readersPort).toBeUndefined();
    expect(() => readConfig({ ...url, ZELK_READERS_PORT: 'x' })).toThrow(/ZELK_READERS_PORT must be/);
    for (const ZELK_TRUST_PROXY of ['true', '1', '*', '10.0.0.0/x', 'proxy.example'])
      expect(() => readConfig({ ...url, ZELK_TRUST_PROXY })).toThrow(/must name the proxy by its address/);
  });

  it('compare hosts as names are compared', () => {
    expect(['A.example:80', 'a.example.', 'A.EXAMPLE', undefined].map(plainHost)).toEqual([
      'a.example',
      'a.example',
      'a.example',
      '',
    ]);
  });
});
