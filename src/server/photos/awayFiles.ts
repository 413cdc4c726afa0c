import { randomUUID } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { PassThrough, type Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ObjectStore } from '../bucket/objectStore';
import { Problem } from '../problems';
import type { FileStore } from '../store/fileStore';
import { hashOfFile } from './hashOfFile';
import { discard, exists, type PhotoFiles, settle } from './photoFiles';

/** How a file is named in the bucket: by what it holds, so that photos and the backups of them lie there once. */
export const awayKey = (sha256: string): string => `files/${sha256}`;

const unreachable = (why: string) =>
  new Problem(
    503,
    'picture-away',
    'The picture cannot be fetched just now',
    `It lies in the yard’s bucket, away from this machine. ${why} Nothing is lost; try again later.`,
  );

/** Files whose only copy lies in a bucket: looked for there, fetched back when they are wanted, and given on as they come. */
export function makeAwayFiles(files: PhotoFiles, known: FileStore, bucket?: ObjectStore) {
  const coming = new Map<string, Promise<boolean>>();

  const reach = (): ObjectStore => {
    if (!bucket) throw unreachable('ZELK_S3 is not set, so Zelk does not know where that is.');
    return bucket;
  };
  const asked = async <T>(question: Promise<T>): Promise<T> =>
    question.catch((error: Error) => {
      throw unreachable(error.message);
    });

  /** What an away file holds by the list; undefined for one that is no away file. */
  const hashAway = (path: string): string | undefined => {
    const file = known.get(files.relative(path));
    return file?.isAway ? file.sha256 : undefined;
  };

  async function fetch(path: string, sha256: string): Promise<boolean> {
    const store = reach();
    if (!(await asked(store.has(awayKey(sha256))))) return false;
    const part = files.incoming(`away-${randomUUID()}`);
    try {
      await asked(store.get(awayKey(sha256), part));
      if ((await hashOfFile(part)) !== sha256) return false;
      await settle(files, part, path);
      known.cameBack(files.relative(path));
      return true;
    } finally {
      await discard(part);
    }
  }

  return {
    bucket,
    /** Whether a file is here, or was fetched here just now. False when it is nowhere; rejects with a Problem while the bucket cannot be asked. */
    bringHere: async (path: string): Promise<boolean> => {
      if (await exists(path)) return true;
      const sha256 = hashAway(path);
      if (sha256 === undefined) return false;
      const fetching =
        coming.get(path) ??
        fetch(path, sha256).finally(() => {
          coming.delete(path);
        });
      coming.set(path, fetching);
      return fetching;
    },
    /** Whether a file lies here or, by the list, in the bucket. */
    isSomewhere: async (path: string): Promise<boolean> =>
      (await exists(path)) || hashAway(path) !== undefined,
    /** Whether a file that is not here lies in the bucket. */
    isInBucket: async (path: string): Promise<boolean> => {
      const sha256 = hashAway(path);
      return sha256 !== undefined && asked(reach().has(awayKey(sha256)));
    },
    /** What a file holds, from here or from the bucket; it does not come to lie here by that. */
    open: (path: string): Readable => {
      const out = new PassThrough();
      const source = async (): Promise<Readable> => {
        const sha256 = (await exists(path)) ? undefined : hashAway(path);
        return sha256 === undefined ? createReadStream(path) : asked(reach().open(awayKey(sha256)));
      };
      source()
        .then((from) => pipeline(from, out))
        .catch((error: Error) => out.destroy(error));
      return out;
    },
  };
}

export type AwayFiles = ReturnType<typeof makeAwayFiles>;
