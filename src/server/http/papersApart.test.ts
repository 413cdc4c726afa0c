import { once } from 'node:events';
import { createServer, request } from 'node:http';
import type { AddressInfo } from 'node:net';
import express, { Router } from 'express';
import { expect, it } from 'vitest';
import { z } from 'zod';
import { mount, route } from './route';

const PAPERS = 25;
const began: string[] = [];
const router = Router();
mount(
  router,
  [
    route({
      method: 'get',
      path: '/paper',
      summary: '',
      needs: 'anyone',
      gives: 'application/pdf',
      handle: (_input, _request, response) => {
        began.push('paper');
        response.end();
      },
    }),
    route({
      method: 'get',
      path: '/other',
      summary: '',
      needs: 'anyone',
      gives: z.object({}),
      handle: () => {
        began.push('other');
        return {};
      },
    }),
  ],
  { identify: () => undefined, now: () => new Date(), turn: async () => undefined },
);

it('papers that are asked for at once begin apart: who asks for something else after them all is answered before their last', async () => {
  const server = createServer(express().use(router));
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  const ask = async (path: string) => {
    const asked = request({ host: '127.0.0.1', port, path, agent: false }).end();
    const [response] = await once(asked, 'response');
    response.resume();
    await once(response, 'end');
  };
  try {
    await Promise.all([...Array.from({ length: PAPERS }, () => ask('/paper')), ask('/other')]);
  } finally {
    server.close();
  }
  expect(began).toHaveLength(PAPERS + 1);
  expect(began.indexOf('other')).toBeLessThan(PAPERS - 1);
});
