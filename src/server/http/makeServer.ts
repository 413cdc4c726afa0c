import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { createServer as createTlsServer } from 'node:https';
import type { Socket } from 'node:net';
import type { Express } from 'express';
import { Problem } from '../problems';

const answer = (problem: Problem): string => JSON.stringify(problem);

/** The application behind HTTP itself: what never reaches it is answered with a problem document too. */
export function makeServer(app: Express, tls?: { cert: Buffer; key: Buffer }): Server {
  const server: Server = tls ? createTlsServer({ ...tls, minVersion: 'TLSv1.2' }, app) : createServer(app);
  server.on('checkExpectation', (_request: IncomingMessage, response: ServerResponse) => {
    const problem = new Problem(
      417,
      'expectation',
      'That cannot be promised',
      'Of the header Expect Zelk knows 100-continue alone. Leave it out.',
    );
    response
      .writeHead(417, { 'Content-Type': 'application/problem+json', Connection: 'close' })
      .end(answer(problem));
  });
  server.on('clientError', (error: NodeJS.ErrnoException, socket: Socket) => {
    if (error.code === 'ECONNRESET' || !socket.writable) {
      socket.destroy();
      return;
    }
    const isLong = error.code === 'HPE_HEADER_OVERFLOW';
    const problem = isLong
      ? new Problem(
          431,
          'headers-too-large',
          'The headers are too large',
          'Clear the cookies of this address, or shorten the link.',
        )
      : new Problem(
          400,
          'bad-request',
          'The request cannot be taken',
          'What arrived is not HTTP as Zelk speaks it.',
        );
    const body = answer(problem);
    socket.end(
      `HTTP/1.1 ${problem.status} ${isLong ? 'Request Header Fields Too Large' : 'Bad Request'}\r\nContent-Type: application/problem+json\r\nContent-Length: ${Buffer.byteLength(body)}\r\nConnection: close\r\n\r\n${body}`,
    );
  });
  return server;
}
