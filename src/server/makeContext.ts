import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Logger } from 'pino';
import { pool, printers } from './aside/pool';
import type { ObjectStore } from './bucket/objectStore';
import type { Context } from './context';
import { makeChallenges } from './guessing/challenges';
import { makeGuesses } from './guessing/guesses';
import { makeTries } from './guessing/tries';
import { makeLive } from './live/live';
import { makeMeasures } from './measures/measures';
import { KeptPdfs } from './pdfs/keptPdfs';
import { makePrinter } from './pdfs/printer';
import { makeAwayFiles } from './photos/awayFiles';
import { type Burner, makeBurner } from './photos/burn';
import { isPhotoGone, makeCopies } from './photos/copies';
import { Judge } from './photos/judge';
import { makeKeeper } from './photos/keeper';
import { PhotoFiles } from './photos/photoFiles';
import { Scrub } from './photos/scrub';
import { makePhotoIntake } from './photos/takeIn';
import { makeRecordingIntake } from './recordings/takeInRecording';
import { makeCovers } from './reports/covers';
import { openDatabase } from './store/openDatabase';
import { makeStores, type Stores } from './store/stores';

/** A statement waits so long for a lock, and everybody with it: for a write of another program that is nearly done. */
const LOCK_MS = 50;

/** A PDF may take so much longer for each of its pictures. */
const PICTURE_MS = 200;

/** Opens a data folder: database and photos, some of which may lie in a bucket. Close with `stores.db.close()`. */
export function makeContext(
  dataDir: string,
  log: Logger,
  now: () => Date = () => new Date(),
  bucket?: ObjectStore,
): Context {
  mkdirSync(dataDir, { recursive: true });
  const db = openDatabase(join(dataDir, 'zelk.db'));
  const files = new PhotoFiles(join(dataDir, 'photos'));
  db.pragma(`busy_timeout = ${LOCK_MS}`);
  const stores = makeStores(db);
  const away = makeAwayFiles(files, stores.files, bucket);
  const keeper = makeKeeper(files, stores.files, away, stores.writeLock.turn);
  const copies = makeCopies(files, keeper, pool);
  const takeIn = makePhotoIntake(files, keeper.keep, pool);
  const judge = new Judge(copies.copyOf, pool, stores.photos, log, takeIn.isBusy);
  const takeInRecording = makeRecordingIntake(files, keeper.keep, pool);
  const burned = makeBurner(files, keeper, copies);
  return {
    stores,
    files,
    away,
    takeIn,
    takeInRecording,
    judge,
    pool,
    printers,
    keeper,
    copies,
    scrub: new Scrub({ files, store: stores.files, keeper, copies, log, now }),
    burned,
    shown: makeShown(stores, burned, log),
    pdfs: makePrinter(new KeptPdfs(join(dataDir, 'made')), async (job, file) => {
      await printers.run('print', { job, file }, job.pictures.size * PICTURE_MS);
    }),
    covers: makeCovers(stores),
    live: makeLive(),
    measures: makeMeasures(),
    guesses: makeGuesses(),
    tries: makeTries(),
    challenges: makeChallenges(now),
    now,
    log,
  };
}

/** Copies for what holds many pictures: one that is gone is left out, and told in the log. */
function makeShown(stores: Stores, burned: Burner, log: Logger): Context['shown'] {
  return async (sha256, overlay, width) => {
    if (!stores.photos.get(sha256)?.stored) return undefined;
    return burned(sha256, overlay, width).catch((error) => {
      if (!isPhotoGone(error)) throw error;
      log.warn({ sha256 }, 'a picture is gone');
      return undefined;
    });
  };
}
