import { request as ask, createServer } from 'node:http';
import { RunningServer } from '../tests/builders/runningServer';
import { makeLink } from './buyer';
import { ms, quantile, type Row, times } from './row';

const READERS = 200;
const ROUNDS = 5;
/** Nobody opens a report anew more often than this. */
const PAUSE_MS = 1000;

/** How long one answer takes to its last byte; fails for anything but a 200. */
function fetchOnce(url: string): Promise<number> {
  const start = performance.now();
  return new Promise((done, fail) => {
    ask(url, { headers: { 'Accept-Encoding': 'gzip' }, agent: false }, (response) => {
      response.resume();
      response.on('end', () =>
        response.statusCode === 200
          ? done(performance.now() - start)
          : fail(new Error(`${response.statusCode}`)),
      );
    })
      .on('error', fail)
      .end();
  });
}

/** Readers who open the document, read for a second and open it anew; they come spread over a second. */
async function read(url: string): Promise<{ took: number[]; failed: number }> {
  const took: number[] = [];
  let failed = 0;
  await Promise.all(
    Array.from({ length: READERS }, async (_, i) => {
      await new Promise((wait) => setTimeout(wait, (i / READERS) * PAUSE_MS));
      for (let round = 0; round < ROUNDS; round++) {
        await fetchOnce(url).then(
          (each) => took.push(each),
          () => failed++,
        );
        await new Promise((wait) => setTimeout(wait, PAUSE_MS));
      }
    }),
  );
  return { took, failed };
}

/** 200 buyers at once, beside a bare server that sends as many bytes from memory. */
export async function benchReaders(): Promise<Row[]> {
  const server = new RunningServer();
  await server.start();
  const { token } = await makeLink(server);
  const url = `${server.origin}/api/shared/${token}`;
  const body = Buffer.from(await (await fetch(url)).arrayBuffer());
  const bare = createServer((_request, response) => response.end(body));
  await new Promise<void>((listening) => bare.listen(0, '127.0.0.1', listening));
  try {
    const plain = await read(`http://127.0.0.1:${(bare.address() as { port: number }).port}/`);
    const zelk = await read(url);
    const [a, b] = [quantile(zelk.took, 0.95), quantile(plain.took, 0.95)];
    return [
      {
        what: `the document for ${READERS} readers at once, p95; ${zelk.failed} of ${READERS * ROUNDS} failed`,
        measured: ms(a),
        baseline: `${ms(b)} (the same bytes from memory)`,
        ratio: times(a / b),
        target: '≤ 150 ms, none failed',
      },
    ];
  } finally {
    bare.close();
    await server.end();
    server.remove();
  }
}
