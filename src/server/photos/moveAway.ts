import { randomUUID } from 'node:crypto';
import { stat } from 'node:fs/promises';
import type { ObjectStore } from '../bucket/objectStore';
import type { FileStore } from '../store/fileStore';
import { awayKey } from './awayFiles';
import { hashOfFile } from './hashOfFile';
import { discard, type PhotoFiles } from './photoFiles';

const DAY_MS = 86_400_000;

interface Parts {
  files: PhotoFiles;
  known: FileStore;
  bucket: ObjectStore;
  /** Files written so many days ago go. */
  afterDays: number;
  now: () => Date;
}

/**
 * Moves what is large and old to the bucket: originals, recordings and large copies. The small copies stay, so that lists and reports open as before. A
 * file leaves this disk only after it was fetched back from there and held what it ought to. Gives back how many left.
 */
export function makeMoveAway({ files, known, bucket, afterDays, now }: Parts) {
  /** Whether the bucket holds the file, read back whole. */
  async function isThereWhole(sha256: string): Promise<boolean> {
    const scratch = files.incoming(`proof-${randomUUID()}`);
    try {
      await bucket.get(awayKey(sha256), scratch);
      return (await hashOfFile(scratch)) === sha256;
    } finally {
      await discard(scratch);
    }
  }

  return async (): Promise<number> => {
    const before = now().getTime() - afterDays * DAY_MS;
    let gone = 0;
    for (const { path: place, sha256, isAway } of known.onThisDisk()) {
      if (sha256 === undefined) continue;
      const path = files.at(place);
      const here = await stat(path).catch(() => undefined);
      if (!here || here.mtimeMs > before) continue;
      if (!isAway) {
        if ((await hashOfFile(path)) !== sha256) continue;
        if (!(await bucket.has(awayKey(sha256)))) await bucket.put(awayKey(sha256), path);
        if (!(await isThereWhole(sha256)))
          throw new Error(
            `The bucket did not give back what was put there (${place}). Nothing left this disk.`,
          );
      } else if (!(await bucket.has(awayKey(sha256)))) continue;
      // Written down first: a file that is noted as away and lies here too is no loss, the other way round is.
      known.wentAway(place, now().toISOString());
      await discard(path);
      gone++;
    }
    return gone;
  };
}
