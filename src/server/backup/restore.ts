import { existsSync } from 'node:fs';
import { copyFile, mkdir, readdir, rename, stat } from 'node:fs/promises';
import { dirname, join, resolve, sep } from 'node:path';
import { hashOfFile } from '../photos/hashOfFile';
import { readManifest } from './manifest';

/** The lock is this process's own; what else lies in a data folder is moved aside. */
const STAYS = new Set(['in-use', 'before-restore']);

export interface Restored {
  at: string;
  files: number;
  /** Where what was in the data folder lies now. */
  movedTo?: string;
  /** Files that stay in the bucket: the yard shows them while ZELK_S3 names it. */
  inBucket: number;
}

/**
 * Puts a backup into a data folder that no server uses. Everything in the backup is held against its list first; what was in the folder is moved
 * aside within it, never deleted.
 */
export async function restore(dir: string, dataDir: string, now: Date): Promise<Restored> {
  const { at, files, inBucket = [] } = await readManifest(dir);
  for (const { path, sha256 } of files) {
    if (!resolve(dir, path).startsWith(resolve(dir) + sep))
      throw new Error(`The backup names a file outside its folder (${path}). Nothing was changed.`);
    const found = await hashOfFile(join(dir, path));
    if (found === undefined) throw new Error(`${path} is missing in the backup. Nothing was changed.`);
    if (found !== sha256) throw new Error(`${path} is damaged in the backup. Nothing was changed.`);
  }
  await mkdir(dataDir, { recursive: true, mode: 0o700 });
  const before = (await readdir(dataDir)).filter((name) => !STAYS.has(name));
  const aside = join(dataDir, 'before-restore', now.toISOString().replaceAll(':', '-'));
  if (before.length > 0) {
    await mkdir(aside, { recursive: true });
    for (const name of before) await rename(join(dataDir, name), join(aside, name));
  }
  for (const { path, bytes } of files) {
    const to = join(dataDir, path);
    await mkdir(dirname(to), { recursive: true });
    await copyFile(join(dir, path), to);
    if ((await stat(to)).size !== bytes) throw new Error(`${path} could not be written whole.`);
  }
  return { at, files: files.length, inBucket: inBucket.length, ...(existsSync(aside) && { movedTo: aside }) };
}
