import type { IncomingMessage } from 'node:http';

/** For `request(…).parse()`: a body as its bytes, whatever its type says. */
export function wholeBody(response: unknown, done: (error: Error | null, body: Buffer) => void): void {
  const chunks: Buffer[] = [];
  const message = response as IncomingMessage;
  message.on('data', (chunk: Buffer) => chunks.push(chunk));
  message.on('end', () => done(null, Buffer.concat(chunks)));
}
