import type { AddressInfo } from 'node:net';
import { pino } from 'pino';
import { type Config, readConfig } from './config';
import type { Context } from './context';
import { createApp } from './http/createApp';
import { makeServer } from './http/makeServer';
import { makeContext } from './makeContext';
import { smtpDelivery } from './messages/writeMail';
import { lockFolder } from './start/lockFolder';
import { startProblem } from './start/startProblem';
import { sweep } from './start/sweep';

const STOP_WITHIN_MS = 5000;
/** As sysexits.h has them: whoever restarts Zelk tells by them whether that is of use. */
const [FAILED, CANNOT_START] = [70, 78] as const;

// What Zelk keeps is nobody else's on this machine.
process.umask(0o077);

const config = configured();
// Standard output is for the one line that says where to go; logs go beside it.
const log = pino({ level: config.logLevel }, pino.destination({ dest: 2, sync: true }));
const { context, unlock } = opened(config);
context.swept = await sweep(context);
context.judge.addUnjudged();
await context.scrub.expect(context.stores.photos.storedOnes(), context.stores.recordings.storedOnes());
context.scrub.start();
const app = createApp(context, config.webDir);
const server = makeServer(app);

server.on('error', (error: NodeJS.ErrnoException) => {
  cannotStart(
    error.code === 'EADDRINUSE' ? `Port ${config.port} is taken. Set PORT to a free one.` : error.message,
  );
});
server.listen(config.port, config.host, () => {
  const { port } = server.address() as AddressInfo;
  process.stdout.write(`ready http://${config.host}:${port}\n`);
});

let stopping = false;
/** Finishes what is under way, then leaves. What does not finish is cut off after a while. */
function leave(code: number): void {
  if (stopping) return;
  stopping = true;
  setTimeout(() => server.closeAllConnections(), STOP_WITHIN_MS).unref();
  // Nothing may keep a failing process from going.
  setTimeout(() => process.exit(code), 2 * STOP_WITHIN_MS).unref();
  context.judge.stop();
  context.live.end();
  server.close(async () => {
    await context.judge.idle();
    await context.scrub.stop();
    context.stores.shares.flush();
    context.stores.db.close();
    unlock();
    process.exit(code);
  });
  server.closeIdleConnections();
}

for (const signal of ['SIGTERM', 'SIGINT'] as const)
  process.on(signal, () => {
    log.info({ signal }, 'stopping');
    leave(0);
  });
// The last handlers: nobody knows what state this leaves behind, so the process goes and is started anew.
for (const event of ['uncaughtException', 'unhandledRejection'] as const)
  process.on(event, (error: unknown) => {
    log.fatal({ err: error, event }, 'unforeseen failure, stopping');
    leave(FAILED);
  });

function configured(): Config {
  try {
    return readConfig(process.env);
  } catch (error) {
    return cannotStart((error as Error).message);
  }
}

function opened({ dataDir, smtp, publicUrl }: Config): { context: Context; unlock: () => void } {
  try {
    const unlock = lockFolder(dataDir);
    const context = {
      ...makeContext(dataDir, log),
      ...(smtp && { deliver: smtpDelivery(smtp) }),
      ...(publicUrl && { publicUrl }),
    };
    return { context, unlock };
  } catch (error) {
    return cannotStart(startProblem(error, dataDir) ?? String((error as Error).stack));
  }
}

function cannotStart(why: string): never {
  process.stderr.write(`${why}\n`);
  process.exit(CANNOT_START);
}
