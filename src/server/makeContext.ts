import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Logger } from 'pino';
import type { Context } from './http/context';
import { PhotoFiles } from './photos/photoFiles';
import { makePhotoIntake } from './photos/takeIn';
import { openDatabase } from './store/openDatabase';
import { makeStores } from './store/stores';

/** Opens a data folder: database and photos. Close with `stores.db.close()`. */
export function makeContext(dataDir: string, log: Logger, now: () => Date = () => new Date()): Context {
  mkdirSync(dataDir, { recursive: true });
  const db = openDatabase(join(dataDir, 'zelk.db'));
  const files = new PhotoFiles(join(dataDir, 'photos'));
  return { stores: makeStores(db), files, takeIn: makePhotoIntake(files), now, log };
}
