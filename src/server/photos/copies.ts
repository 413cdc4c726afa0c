import { randomUUID } from 'node:crypto';
import type { Pool } from '../aside/pool';
import { Problem } from '../problems';
import type { Keeper } from './keeper';
import { type DerivativeWidth, discard, type PhotoFiles } from './photoFiles';

export const PHOTO_GONE = 'photo-gone';

const photoGone = () =>
  new Problem(
    404,
    PHOTO_GONE,
    'The picture’s file is gone',
    'The file of this picture is missing or damaged on Zelk’s server. Send the photo again from where it was taken, and it is whole again.',
  );

/** Whether a picture alone is wanting, so that the rest can go on without it. */
export const isPhotoGone = (error: unknown): boolean => error instanceof Problem && error.code === PHOTO_GONE;

/** Hands out copies of photos that may be shown. One that is missing or damaged is made again from its original. */
export function makeCopies(files: PhotoFiles, { keep, isSound }: Keeper, pool: Pool) {
  const making = new Map<string, Promise<void>>();

  async function makeAgain(sha256: string): Promise<void> {
    const original = files.original(sha256);
    if (!(await isSound(original))) throw photoGone();
    const scratch = files.incoming(`${sha256.slice(0, 16)}-${randomUUID()}`);
    const targets = { large: `${scratch}.1600`, small: `${scratch}.320` };
    try {
      await pool.run('develop', { file: original, ...targets });
      await keep([
        [targets.small, files.derivative(sha256, 320)],
        [targets.large, files.derivative(sha256, 1600)],
      ]);
    } finally {
      await Promise.all([targets.large, targets.small].map(discard));
    }
  }

  /** Path of a copy that is whole. Throws a Problem when there is neither copy nor original. */
  async function copyOf(sha256: string, width: DerivativeWidth): Promise<string> {
    const path = files.derivative(sha256, width);
    if (await isSound(path)) return path;
    const again =
      making.get(sha256) ??
      makeAgain(sha256).finally(() => {
        making.delete(sha256);
      });
    making.set(sha256, again);
    await again;
    return path;
  }

  /** Whether the original and its copies are all as they ought to be. */
  async function isWhole(sha256: string): Promise<boolean> {
    for (const path of [
      files.original(sha256),
      files.derivative(sha256, 320),
      files.derivative(sha256, 1600),
    ])
      if (!(await isSound(path))) return false;
    return true;
  }

  return { copyOf, isWhole };
}

export type Copies = ReturnType<typeof makeCopies>;
