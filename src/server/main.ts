import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { pino } from 'pino';
import { readConfig } from './config';
import type { Context } from './context';
import { createApp } from './http/createApp';
import { makeContext, sweepOrphans } from './makeContext';
import { smtpDelivery } from './messages/writeMail';

const STOP_WITHIN_MS = 5000;

const config = readConfig(process.env);
// Standard output is for the one line that says where to go; logs go beside it.
const log = pino({ level: config.logLevel }, pino.destination(2));
const context: Context = {
  ...makeContext(config.dataDir, log),
  ...(config.smtp && { deliver: smtpDelivery(config.smtp) }),
  ...(config.publicUrl && { publicUrl: config.publicUrl }),
};
await sweepOrphans(context);
context.judge.addUnjudged();
const app = createApp(context, config.webDir);

const server = createServer(app);
server.on('error', (error: NodeJS.ErrnoException) => {
  const reason =
    error.code === 'EADDRINUSE' ? `Port ${config.port} is taken. Set PORT to a free one.` : error.message;
  process.stderr.write(`${reason}\n`);
  process.exit(1);
});
server.listen(config.port, config.host, () => {
  const { port } = server.address() as AddressInfo;
  process.stdout.write(`ready http://${config.host}:${port}\n`);
});

let stopping = false;
function stop(signal: string): void {
  if (stopping) return;
  stopping = true;
  log.info({ signal }, 'stopping');
  const force = setTimeout(() => server.closeAllConnections(), STOP_WITHIN_MS);
  force.unref();
  context.judge.stop();
  context.live.end();
  server.close(async () => {
    await context.judge.idle();
    context.stores.shares.flush();
    context.stores.db.close();
    process.exit(0);
  });
  server.closeIdleConnections();
}
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
