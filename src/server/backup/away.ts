import { mkdir, rm } from 'node:fs/promises';
import { dirname, join, resolve, sep } from 'node:path';
import type { ObjectStore } from '../bucket/objectStore';
import { awayKey } from '../photos/awayFiles';
import { toKeep } from './keepRules';
import { MANIFEST, readManifest } from './manifest';

/** Where what is a backup's alone lies in the store: its database and its list. */
const ofBackup = (stamp: string): string => `backups/${stamp}/`;
/** Everything else lies once for all backups, named by what it holds. */
const keyOf = (stamp: string, { path, sha256 }: { path: string; sha256: string }): string =>
  path === 'zelk.db' ? ofBackup(stamp) + path : awayKey(sha256);

/**
 * Copies a whole backup to a store on another machine. Files that are there from an earlier one are not sent again; the list of what it holds goes last, so that
 * one that was broken off is none. Gives back how many were sent.
 */
export async function copyAway(store: ObjectStore, dir: string, stamp: string): Promise<number> {
  const { files } = await readManifest(dir);
  const there = new Set(await store.list('files/'));
  let sent = 0;
  for (const file of files) {
    const key = keyOf(stamp, file);
    if (there.has(key)) continue;
    await store.put(key, join(dir, file.path));
    there.add(key);
    sent++;
  }
  await store.put(ofBackup(stamp) + MANIFEST, join(dir, MANIFEST));
  return sent + 1;
}

/** The backups a store holds, the newest first. */
export async function backupsAway(store: ObjectStore): Promise<string[]> {
  const names = await store.list('backups/');
  const whole = names.flatMap((name) => /^backups\/([^/]+)\/backup\.json$/.exec(name)?.[1] ?? []);
  return whole.toSorted().toReversed();
}

/**
 * Takes out of the store the backups that the rule no longer keeps of those that are there, and the files that only they held. What this machine has in its own
 * folder does not matter: a new one begins with none. What `livesThere` alone stays.
 */
export async function thinOutAway(
  store: ObjectStore,
  scratch: string,
  livesThere: readonly string[],
): Promise<void> {
  const stamps = new Map((await backupsAway(store)).map((stamp) => [timeOf(stamp), stamp]));
  const kept = toKeep([...stamps.keys()]);
  const gone = [...stamps].filter(([time]) => !kept.has(time));
  for (const [, stamp] of gone) {
    // The list first: what is left without one is no backup.
    await store.remove(ofBackup(stamp) + MANIFEST);
    for (const name of await store.list(ofBackup(stamp))) await store.remove(name);
  }
  if (gone.length === 0) return;
  const named = new Set(livesThere.map(awayKey));
  for (const time of kept) {
    const stamp = stamps.get(time) as string;
    await store.get(ofBackup(stamp) + MANIFEST, join(scratch, AWAY_LIST));
    const { files, inBucket = [] } = await readManifest(scratch, AWAY_LIST);
    for (const file of files) named.add(keyOf(stamp, file));
    for (const sha256 of inBucket) named.add(awayKey(sha256));
  }
  await rm(join(scratch, AWAY_LIST), { force: true });
  for (const key of await store.list('files/')) if (!named.has(key)) await store.remove(key);
}

/** A list of the store's, while it is read here. */
const AWAY_LIST = 'away.json.part';

const timeOf = (stamp: string): Date => new Date(stamp.replace(/T(\d\d)-(\d\d)-/, 'T$1:$2:'));

/** Fetches a backup into a folder, from which it is restored like any other. The newest when none is named. */
export async function fetchBack(store: ObjectStore, dir: string, named?: string): Promise<string> {
  const [newest] = await backupsAway(store);
  const stamp = named ?? newest;
  if (!stamp) throw new Error('There is no backup in the bucket.');
  await mkdir(dir, { recursive: true, mode: 0o700 });
  await rm(join(dir, MANIFEST), { force: true });
  const list = join(dir, `${MANIFEST}.part`);
  await store.get(ofBackup(stamp) + MANIFEST, list);
  const { files } = await readManifest(dir, `${MANIFEST}.part`);
  for (const file of files) {
    const to = resolve(dir, file.path);
    if (!to.startsWith(resolve(dir) + sep))
      throw new Error(`The backup names a file outside its folder (${file.path}).`);
    await mkdir(dirname(to), { recursive: true });
    await store.get(keyOf(stamp, file), to);
  }
  await store.get(ofBackup(stamp) + MANIFEST, join(dir, MANIFEST));
  await rm(list, { force: true });
  return stamp;
}
