import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Logger } from 'pino';
import type { Context } from './context';
import { makeLive } from './live/live';
import { makeBurner } from './photos/burn';
import { Judge } from './photos/judge';
import { PhotoFiles } from './photos/photoFiles';
import { makePhotoIntake } from './photos/takeIn';
import { makeRecordingIntake } from './recordings/takeInRecording';
import { openDatabase } from './store/openDatabase';
import { makeStores } from './store/stores';

/** Opens a data folder: database and photos. Close with `stores.db.close()`. */
export function makeContext(dataDir: string, log: Logger, now: () => Date = () => new Date()): Context {
  mkdirSync(dataDir, { recursive: true });
  const db = openDatabase(join(dataDir, 'zelk.db'));
  const files = new PhotoFiles(join(dataDir, 'photos'));
  const stores = makeStores(db);
  const takeIn = makePhotoIntake(files);
  const judge = new Judge(files, stores.photos, log, takeIn.isBusy);
  const takeInRecording = makeRecordingIntake(files);
  return {
    stores,
    files,
    takeIn,
    takeInRecording,
    judge,
    burned: makeBurner(files),
    live: makeLive(),
    now,
    log,
  };
}

/** Files that no row names, left by a server killed between file and row. */
export async function sweepOrphans({ files, stores, log }: Context): Promise<void> {
  const removed = await files.sweep(
    (sha256) => stores.photos.get(sha256) !== undefined || stores.recordings.get(sha256) !== undefined,
  );
  if (removed > 0) log.info({ removed }, 'orphan files removed');
}
