import { stat } from 'node:fs/promises';
import sharp from 'sharp';
import type { FileProblem, FileStore } from '../store/fileStore';
import type { WriteLock } from '../store/writeLock';
import type { AwayFiles } from './awayFiles';
import { hashOfFile } from './hashOfFile';
import { type PhotoFiles, settle } from './photoFiles';

/** Moves finished files into place. */
export type Keep = (moves: readonly (readonly [from: string, to: string])[]) => Promise<void>;

/** Puts files in place and writes down what they hold, so that it can be told later whether they still do. */
export function makeKeeper(files: PhotoFiles, known: FileStore, away: AwayFiles, turn: WriteLock['turn']) {
  /** Files found as they ought to be in this process's life, with what their folder said of them then. */
  const proven = new Map<string, string>();

  /** In the order given; what they hold is written down once all are there. */
  const keep: Keep = async (moves) => {
    const held: [string, string][] = [];
    for (const [from, to] of moves) {
      const place = files.relative(to);
      const sha256 = files.hashInName(place) ?? (await hashOfFile(from));
      await settle(files, from, to);
      proven.delete(to);
      if (sha256) held.push([place, sha256]);
    }
    await turn();
    known.noteAll(held);
  };

  /** What is wrong with a file, read whole; undefined when nothing is. One that lies in the bucket is asked for there. */
  async function problemOf(path: string): Promise<FileProblem | undefined> {
    const sha256 = await hashOfFile(path);
    if (sha256 === undefined) return (await away.isInBucket(path)) ? undefined : 'missing';
    const place = files.relative(path);
    const expected = files.hashInName(place) ?? known.get(place)?.sha256;
    if (expected !== undefined) return expected === sha256 ? undefined : 'damaged';
    // From before hashes were kept: what opens is taken for sound, and held to that from now on.
    if (place.endsWith('.jpg') && !(await opens(path))) return 'damaged';
    known.note(place, sha256);
    return undefined;
  }

  /** Whether a file holds what it ought to, fetched from the bucket if need be. Read once, and again when its folder says that it was written. */
  async function isSound(path: string): Promise<boolean> {
    if (!(await away.bringHere(path))) return false;
    const here = await stat(path).catch(() => undefined);
    if (!here) return false;
    const look = `${here.mtimeMs} ${here.size}`;
    if (proven.get(path) === look) return true;
    const isSo = (await problemOf(path)) === undefined;
    if (isSo) proven.set(path, look);
    else proven.delete(path);
    return isSo;
  }

  return { keep, problemOf, isSound };
}

export type Keeper = ReturnType<typeof makeKeeper>;

/** Whether a picture can be decoded to its end. */
const opens = (path: string): Promise<boolean> =>
  sharp(path, { failOn: 'warning' })
    .stats()
    .then(
      () => true,
      () => false,
    );
