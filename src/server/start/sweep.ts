import { statSync } from 'node:fs';
import type { Context } from '../context';
import { namedNow, rememberedNamed, rememberNamed } from '../photos/namedCount';
import type { FileOnDisk } from '../photos/photoFiles';
import type { SweepHeld, Swept } from '../photos/swept';

type SweepContext = Pick<Context, 'files' | 'stores' | 'now' | 'log'>;

/**
 * Puts aside what a server killed between file and row leaves: files that no row names. A database that may not be the one the files were
 * made under, being new, older or smaller, says nothing about them: then all are left alone. What was put there from `since` on (milliseconds) is being
 * taken in, and none of this. Gives up, with undefined, once `signal` says so.
 */
export async function sweep(
  { files, stores, now, log }: SweepContext,
  { since = Number.POSITIVE_INFINITY, signal }: { since?: number; signal?: AbortSignal } = {},
): Promise<Swept | undefined> {
  const isNamed = (sha256: string) => stores.photos.has(sha256) || stores.recordings.has(sha256);
  const { quarantine } = files;
  quarantine.removeOld(now());
  let broughtBack = 0;
  for (const item of quarantine.list())
    if (isNamed(hashIn(item.place)) && quarantine.bringBack(item, files.at(item.place))) broughtBack++;

  const unnamed: FileOnDisk[] = [];
  for await (const shelf of files.shelves()) {
    if (signal?.aborted) return undefined;
    for (const file of shelf) if (file.settledMs < since && !isNamed(hashIn(file.place))) unnamed.push(file);
  }
  const named = namedNow({ stores });
  const held = unnamed.length > 0 ? whyHeld() : undefined;
  let putAside = 0;
  if (!held)
    for (const { path, place } of unnamed) {
      // It may have been sent again while the others were looked at.
      if (isNamed(hashIn(place)) || (statSync(path, { throwIfNoEntry: false })?.ctimeMs ?? since) >= since)
        continue;
      quarantine.add(path, place, now().toISOString().slice(0, 10));
      // What it held may have been written down before its row was not.
      stores.files.forget(place);
      putAside++;
    }
  if (named >= rememberedNamed({ files })) rememberNamed({ files, stores });
  const swept: Swept = {
    putAside,
    broughtBack,
    left: held ? unnamed.length : 0,
    ...(held && { held }),
  };
  if (unnamed.length > 0 || broughtBack > 0) log.warn(swept, 'files that no photo names');
  return swept;

  function whyHeld(): SweepHeld | undefined {
    if (named === 0) return 'new-index';
    if (named < rememberedNamed({ files })) return 'smaller-index';
    const newestFile = Math.max(...unnamed.map(({ writtenMs }) => writtenMs));
    return newestFile > Date.parse(stores.newestRowAt() ?? '') ? 'older-index' : undefined;
  }
}

/** Every file in the photo folder is named after what it was made from. */
const hashIn = (place: string): string => (place.split('/').at(-1) as string).slice(0, 64);
