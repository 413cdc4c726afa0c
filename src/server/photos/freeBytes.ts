import { statfs } from 'node:fs/promises';
import type { PhotoFiles } from './photoFiles';

/** Bytes of room left where photos are kept. */
export async function freeBytes(files: PhotoFiles): Promise<number> {
  const { bavail, bsize } = await statfs(files.at('.'));
  return bavail * bsize;
}
