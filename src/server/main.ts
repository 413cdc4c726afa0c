import { statSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { pino } from 'pino';
import { type Backups, makeBackups } from './backup/backups';
import { makeCaptionWriter } from './captions/writeCaptions';
import { type Config, readConfig } from './config';
import type { Context } from './context';
import { createApp } from './http/createApp';
import { makeServer } from './http/makeServer';
import { makeContext } from './makeContext';
import { smtpDelivery } from './messages/writeMail';
import { firstAddress } from './people/firstAddress';
import { makeMoveAway } from './photos/moveAway';
import { ownOrigin, reachOf, whyNotOpen } from './reach/reach';
import { demandDatabase } from './start/databaseGone';
import { lockFolder } from './start/lockFolder';
import { startProblem } from './start/startProblem';
import { sweep } from './start/sweep';
import { keepTidy } from './start/tidy';

const STOP_WITHIN_MS = 5000;
/** As sysexits.h has them: whoever restarts Zelk tells by them whether that is of use. */
const [FAILED, CANNOT_START] = [70, 78] as const;

// What Zelk keeps is nobody else's on this machine.
process.umask(0o077);

const config = configured();
// Standard output is for the one line that says where to go; logs go beside it.
const log = pino({ level: config.logLevel }, pino.destination({ dest: 2, sync: true }));
// What speaks to such a store is large: it is read where there is one.
const bucket = config.backups?.away && (await import('./bucket/s3')).makeS3(config.backups.away);
const { context, unlock } = opened(config);
await context.backups?.start();
const stopTidying = keepTidy(context);
const server = makeServer(createApp(context, config.webDir), config.tls);
const { readersPort } = config;
const readers =
  readersPort === undefined
    ? undefined
    : makeServer(createApp(context, config.webDir, { audience: 'readers' }));

if (readers && readersPort !== undefined) await listen(readers, readersPort, 'ZELK_READERS_PORT');
await listen(server, config.port, 'ZELK_PORT');
const { port } = server.address() as AddressInfo;
const origin = ownOrigin(config, port);
if (!context.stores.accounts.isAny())
  process.stdout.write(
    `Open this once, to be the owner of the yard: ${origin}/enter#${firstAddress(context)}\n`,
  );
process.stdout.write(`ready ${origin}\n`);

const lookingAfter = new AbortController();
const lookedAfter = lookAfterFiles(Date.now());

let stopping = false;
/** Finishes what is under way, then leaves. What does not finish is cut off after a while. */
function leave(code: number): void {
  if (stopping) return;
  stopping = true;
  setTimeout(() => {
    for (const each of [server, readers]) each?.closeAllConnections();
  }, STOP_WITHIN_MS).unref();
  // Nothing may keep a failing process from going; and it stays until everything below is done.
  setTimeout(() => process.exit(code), 2 * STOP_WITHIN_MS);
  context.judge.stop();
  context.live.end();
  lookingAfter.abort();
  stopTidying();
  const closed = [server, readers].map((each) => each && new Promise((done) => each.close(done)));
  void Promise.all(closed).then(async () => {
    await context.judge.idle();
    await context.scrub.stop();
    await lookedAfter;
    await context.backups?.stop();
    context.pool.stop();
    context.printers.stop();
    context.stores.shares.flush();
    context.stores.db.close();
    unlock();
    process.exit(code);
  });
  for (const each of [server, readers]) each?.closeIdleConnections();
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

/** With a million files it takes minutes: the yard is open meanwhile. */
async function lookAfterFiles(since: number): Promise<void> {
  const { judge, scrub, stores } = context;
  judge.addUnjudged();
  try {
    const swept = await sweep(context, { since, signal: lookingAfter.signal });
    if (swept) context.swept = swept;
    await scrub.expect(stores.photos.unkept(), stores.recordings.storedOnes());
  } catch (error) {
    log.error({ err: error }, 'the files could not be looked through');
  }
  if (!lookingAfter.signal.aborted) scrub.start();
}

function listen(server: Server, port: number, setting: string): Promise<void> {
  server.on('error', (error: NodeJS.ErrnoException) => {
    cannotStart(
      error.code === 'EADDRINUSE' ? `Port ${port} is taken. Set ${setting} to a free one.` : error.message,
    );
  });
  return new Promise((listening) => server.listen(port, config.host, listening));
}

function configured(): Config {
  try {
    return readConfig(process.env);
  } catch (error) {
    return cannotStart((error as Error).message);
  }
}

function opened(config: Config): { context: Context; unlock: () => void } {
  const { dataDir, smtp, publicUrl, trustProxy, captions } = config;
  try {
    const unlock = lockFolder(dataDir);
    demandDatabase(dataDir);
    const context = {
      ...makeContext(dataDir, log, undefined, bucket),
      ...(smtp && { deliver: smtpDelivery(smtp) }),
      ...(publicUrl && { publicUrl }),
      ...(captions && { writeCaptions: makeCaptionWriter(captions) }),
      ...(trustProxy && { trustProxy }),
    };
    const problem = whyNotOpen(config, {
      hasAccounts: context.stores.accounts.isAny(),
      mode: statSync(dataDir).mode,
    });
    if (problem) return cannotStart(problem);
    if (config.backups) Object.assign(context, { backups: backupsFor(context, config.backups, dataDir) });
    const reach = reachOf(config);
    if (reach) Object.assign(context, { reach });
    return { context, unlock };
  } catch (error) {
    return cannotStart(startProblem(error, dataDir) ?? String((error as Error).stack));
  }
}

function backupsFor(
  { stores, files, now }: Context,
  { dir, everyHours, photosAfterDays: afterDays }: NonNullable<Config['backups']>,
  dataDir: string,
): Backups {
  const { db, files: known } = stores;
  const moveAway = bucket && afterDays && makeMoveAway({ files, known, bucket, afterDays, now });
  return makeBackups({
    dir,
    everyHours,
    dataDir,
    db,
    now,
    log,
    ...(bucket && {
      away: { store: bucket, livesThere: known.away, ...(moveAway && { moveThere: moveAway }) },
    }),
  });
}

function cannotStart(why: string): never {
  process.stderr.write(`${why}\n`);
  process.exit(CANNOT_START);
}
