import { statfsSync } from 'node:fs';
import type { PhotoFiles } from './photoFiles';

/** Bytes of room left where photos are kept. Asked here and now: behind all files that are being read, a monitor would wait for each of them. */
export function freeBytes(files: PhotoFiles): number {
  const { bavail, bsize } = statfsSync(files.at('.'));
  return bavail * bsize;
}
