import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { join, resolve } from 'node:path';
import { pino } from 'pino';
import { readConfig } from '../../src/server/config';
import type { Context } from '../../src/server/context';
import { createApp } from '../../src/server/http/createApp';
import { makeContext } from '../../src/server/makeContext';
import { lockFolder } from '../../src/server/start/lockFolder';
import { startProblem } from '../../src/server/start/startProblem';
import { loadYard } from './loadYard';

/**
 * Makes the demo yard in the data folder. It is made aside and moved into place when whole,
 * so that breaking off leaves nothing half-made behind.
 */
const { dataDir, webDir, port: startsOn } = readConfig(process.env);
const stored = ['zelk.db', 'zelk.db-wal', 'zelk.db-shm', 'photos'];
const making = join(dataDir, 'making');

if (!process.argv.includes('--fresh') && existsSync(join(dataDir, 'zelk.db'))) {
  process.stderr.write(`There is data in ${dataDir} already; bin/demo --fresh starts over.\n`);
  process.exit(0);
}
const unlock = locked();
rmSync(making, { recursive: true, force: true });
mkdirSync(making, { recursive: true });

let clock = new Date();
const context: Context = {
  ...makeContext(making, pino({ level: 'warn' }, pino.destination(2)), () => clock),
  // Links in its messages lead to the server that is started next, not to the one that loads the yard.
  publicUrl: `http://127.0.0.1:${startsOn}`,
};
const server = createServer(createApp(context, webDir));
await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
const { port } = server.address() as AddressInfo;
await loadYard(`http://127.0.0.1:${port}`, resolve('demo/pictures'), clock, context, (at) => {
  clock = at;
});
server.closeAllConnections();
await new Promise((done) => server.close(done));
// The server judges the pictures when it first starts.
context.judge.stop();
await context.judge.idle();
context.stores.db.close();

for (const name of stored) rmSync(join(dataDir, name), { recursive: true, force: true });
for (const name of ['photos', 'zelk.db']) renameSync(join(making, name), join(dataDir, name));
rmSync(making, { recursive: true, force: true });
unlock();
process.stderr.write('The demo yard is ready.\n');

/** A yard is not made under a server that works in the folder. */
function locked(): () => void {
  try {
    return lockFolder(dataDir);
  } catch (error) {
    process.stderr.write(`${startProblem(error, dataDir) ?? String(error)}\n`);
    process.exit(1);
  }
}
