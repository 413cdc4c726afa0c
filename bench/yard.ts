import { mkdirSync, readdirSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { pino } from 'pino';
import sharp from 'sharp';
import { loadYard } from '../demo/yard/loadYard';
import { picturesNamed } from '../demo/yard/script';
import { walks } from '../demo/yard/walks';
import { createApp } from '../src/server/http/createApp';
import { makeContext } from '../src/server/makeContext';
import { ms, type Row, timed, times } from './row';

/** Loading the demo yard through the API, against sharp alone writing the same two widths of its pictures. */
export async function benchYard(dir: string): Promise<Row[]> {
  let clock = new Date();
  const context = makeContext(dir, pino({ level: 'silent' }), () => clock);
  const server = createServer(createApp(context, 'dist/web'));
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const { port } = server.address() as AddressInfo;
  const zelk = await timed(() =>
    loadYard(`http://127.0.0.1:${port}`, 'demo/pictures', clock, context, (at) => {
      clock = at;
    }),
  );
  server.closeAllConnections();
  await new Promise((done) => server.close(done));
  // The server judges the pictures when it first starts.
  context.judge.stop();
  await context.judge.idle();
  context.stores.db.close();
  const out = join(dir, 'bare');
  mkdirSync(out);
  const files = walks.flatMap(({ script }) => picturesNamed(script));
  const bare = await timed(async () => {
    for (const file of files)
      for (const width of [1600, 320])
        await sharp(`demo/pictures/${file}.jpg`)
          .autoOrient()
          .resize({ width, withoutEnlargement: true })
          .jpeg({ quality: 80 })
          .toFile(join(out, `${file}-${width}.jpg`));
  });
  if (readdirSync(out).length !== files.length * 2) throw new Error('The baseline left pictures out.');
  return [
    {
      what: `loading the demo yard (${files.length} pictures)`,
      measured: ms(zelk),
      baseline: ms(bare),
      ratio: times(zelk / bare),
      target: '≤ 10 s',
    },
  ];
}
