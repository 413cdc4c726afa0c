import type { Context } from '../context';
import { namedNow, rememberedNamed, rememberNamed } from '../photos/namedCount';
import type { SweepHeld, Swept } from '../photos/swept';

type SweepContext = Pick<Context, 'files' | 'stores' | 'now' | 'log'>;

/**
 * Puts aside what a server killed between file and row leaves: files that no row names. A database that may not be the one the files were
 * made under, being new, older or smaller, says nothing about them: then all are left alone.
 */
export async function sweep({ files, stores, now, log }: SweepContext): Promise<Swept> {
  const isNamed = (sha256: string) =>
    stores.photos.get(sha256) !== undefined || stores.recordings.get(sha256) !== undefined;
  const { quarantine } = files;
  quarantine.removeOld(now());
  let broughtBack = 0;
  for (const item of quarantine.list())
    if (isNamed(hashIn(item.place)) && quarantine.bringBack(item, files.at(item.place))) broughtBack++;

  const unnamed = (await files.list()).filter(({ place }) => !isNamed(hashIn(place)));
  const named = namedNow({ stores });
  const held = unnamed.length > 0 ? whyHeld() : undefined;
  if (!held)
    for (const { path, place } of unnamed) quarantine.add(path, place, now().toISOString().slice(0, 10));
  if (named >= rememberedNamed({ files })) rememberNamed({ files, stores });
  const swept: Swept = {
    putAside: held ? 0 : unnamed.length,
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
