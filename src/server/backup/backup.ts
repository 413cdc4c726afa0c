import type { Stats } from 'node:fs';
import { copyFile, link, mkdir, rename, rm, stat, utimes, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { hashOfFile } from '../photos/hashOfFile';
import type { Db } from '../store/openDatabase';
import { MANIFEST, type Manifest } from './manifest';
import { PHOTO_FOLDER, placesOf } from './places';

/** More pages than a database has. */
const ALL_PAGES = 2 ** 31 - 1;

export interface BackedUp {
  files: number;
  /** Of these, copied now; the others were in the backup already. */
  copied: number;
  bytes: number;
  /** Files the database names that are missing or damaged in the data folder itself. */
  wanting: string[];
  /** Files that lie in the bucket alone, and are not in the backup therefore. */
  inBucket: number;
}

interface Wanted {
  dataDir: string;
  /** Where it goes; what an earlier one left there and is unchanged stays. */
  dir: string;
  now: Date;
  /** The connection that writes, where it is this process's own; the copy then goes on while it does. */
  database?: Db;
  /** An earlier backup beside it, whose unchanged files it shares where the disk can. */
  like?: string;
}

/**
 * Copies a data folder while its server runs. The database first, by SQLite’s own online backup: every photo it names has its files by then. The list of
 * what it holds is written last.
 */
export async function backup({ dataDir, dir, now, database, like }: Wanted): Promise<BackedUp> {
  await mkdir(dir, { recursive: true, mode: 0o700 });
  await rm(join(dir, MANIFEST), { force: true });
  const part = join(dir, 'zelk.db.part');
  await rm(part, { force: true });
  if (database) await database.backup(part);
  else {
    const live = new Database(join(dataDir, 'zelk.db'), { readonly: true, fileMustExist: true });
    try {
      // All in one step: what another process writes in between would have it begin again, without end where much is written.
      await live.backup(part, { progress: () => ALL_PAGES });
    } finally {
      live.close();
    }
  }
  await rename(part, join(dir, 'zelk.db'));
  const places = namedIn(join(dir, 'zelk.db'));

  const files: Manifest['files'] = [];
  const wanting: string[] = [];
  const inBucket = new Set<string>();
  let [copied, bytes] = [0, 0];
  const add = async (place: string, to: string, sha256: string | null, size: number) => {
    const hash = (await hashOfFile(to)) as string;
    if (sha256 && hash !== sha256) wanting.push(place);
    files.push({ path: `${PHOTO_FOLDER}/${place}`, sha256: hash, bytes: size });
    bytes += size;
  };
  for (const { place, sha256, isAway } of places) {
    const [from, to] = [join(dataDir, PHOTO_FOLDER, place), join(dir, PHOTO_FOLDER, place)];
    const there = await stat(from).catch(() => undefined);
    const here = there?.isFile() ? there : undefined;
    if (!here && isAway && sha256) {
      inBucket.add(sha256);
      continue;
    }
    if (!here) {
      wanting.push(place);
      continue;
    }
    const kept = await stat(to).catch(() => undefined);
    // Times are kept to the millisecond at best.
    const isSame = (file: Stats | undefined) =>
      file?.size === here.size && Math.abs(file.mtimeMs - here.mtimeMs) < 2;
    if (!isSame(kept)) {
      await mkdir(dirname(to), { recursive: true });
      const earlier = like && join(like, PHOTO_FOLDER, place);
      // One copy for all backups that hold it. Some disks cannot share files: there it is copied.
      const isShared =
        earlier !== undefined &&
        isSame(await stat(earlier).catch(() => undefined)) &&
        (await link(earlier, to).then(
          () => true,
          () => false,
        ));
      if (isShared) {
        await add(place, to, sha256, here.size);
        continue;
      }
      await copyFile(from, `${to}.part`);
      await utimes(`${to}.part`, here.atime, here.mtime);
      await rename(`${to}.part`, to);
      copied++;
    }
    await add(place, to, sha256, here.size);
  }
  const copy = join(dir, 'zelk.db');
  const { size } = await stat(copy);
  files.unshift({ path: 'zelk.db', sha256: (await hashOfFile(copy)) as string, bytes: size });
  const manifest: Manifest = {
    format: 'zelk-backup',
    version: inBucket.size > 0 ? 2 : 1,
    at: now.toISOString(),
    files,
    ...(inBucket.size > 0 && { inBucket: [...inBucket] }),
  };
  await writeFile(join(dir, MANIFEST), JSON.stringify(manifest, null, 1));
  return { files: files.length, copied: copied + 1, bytes: bytes + size, wanting, inBucket: inBucket.size };
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
