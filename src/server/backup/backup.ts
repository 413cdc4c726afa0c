import { copyFile, mkdir, rename, rm, stat, utimes, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { hashOfFile } from '../photos/hashOfFile';
import { MANIFEST, type Manifest } from './manifest';
import { PHOTO_FOLDER, placesOf } from './places';

export interface BackedUp {
  files: number;
  /** Of these, copied now; the others were in the backup already. */
  copied: number;
  bytes: number;
  /** Files the database names that are missing or damaged in the data folder itself. */
  wanting: string[];
}

/**
 * Copies a data folder while its server runs. The database first, by SQLite’s own online backup: every photo it names has its files by then. What is
 * in the folder from an earlier backup and unchanged stays. The list of what it holds is written last.
 */
export async function backup(dataDir: string, dir: string, now: Date): Promise<BackedUp> {
  await mkdir(dir, { recursive: true, mode: 0o700 });
  await rm(join(dir, MANIFEST), { force: true });
  const part = join(dir, 'zelk.db.part');
  await rm(part, { force: true });
  const live = new Database(join(dataDir, 'zelk.db'), { readonly: true, fileMustExist: true });
  try {
    await live.backup(part);
  } finally {
    live.close();
  }
  await rename(part, join(dir, 'zelk.db'));
  const places = namedIn(join(dir, 'zelk.db'));

  const files: Manifest['files'] = [];
  const wanting: string[] = [];
  let [copied, bytes] = [0, 0];
  for (const { place, sha256 } of places) {
    const [from, to] = [join(dataDir, PHOTO_FOLDER, place), join(dir, PHOTO_FOLDER, place)];
    const here = await stat(from).catch(() => undefined);
    if (!here) {
      wanting.push(place);
      continue;
    }
    const there = await stat(to).catch(() => undefined);
    // Times are kept to the millisecond at best.
    const isThere = there?.size === here.size && Math.abs(there.mtimeMs - here.mtimeMs) < 2;
    if (!isThere) {
      await mkdir(dirname(to), { recursive: true });
      await copyFile(from, `${to}.part`);
      await utimes(`${to}.part`, here.atime, here.mtime);
      await rename(`${to}.part`, to);
      copied++;
    }
    const hash = (await hashOfFile(to)) as string;
    if (sha256 && hash !== sha256) wanting.push(place);
    files.push({ path: `${PHOTO_FOLDER}/${place}`, sha256: hash, bytes: here.size });
    bytes += here.size;
  }
  const database = join(dir, 'zelk.db');
  const { size } = await stat(database);
  files.unshift({ path: 'zelk.db', sha256: (await hashOfFile(database)) as string, bytes: size });
  const manifest: Manifest = { format: 'zelk-backup', version: 1, at: now.toISOString(), files };
  await writeFile(join(dir, MANIFEST), JSON.stringify(manifest, null, 1));
  return { files: files.length, copied: copied + 1, bytes: bytes + size, wanting };
}

/** The files that a database names. Throws when it is not whole. */
function namedIn(file: string) {
  const db = new Database(file, { readonly: true });
  try {
    const [answer] = db.pragma('integrity_check') as { integrity_check: string }[];
    if (answer?.integrity_check !== 'ok')
      throw new Error(
        `The copy of the database is not whole (${answer?.integrity_check}). The backup was not finished.`,
      );
    return placesOf(db);
  } finally {
    db.close();
  }
}
