import { readFileSync, writeFileSync } from 'node:fs';
import type { PhotoFiles } from './photoFiles';

interface Counting {
  files: PhotoFiles;
  stores: Record<'photos' | 'recordings', { count(): number }>;
}

const MEMORY = 'named.json';

/** How many files the database names. */
export const namedNow = ({ stores }: Pick<Counting, 'stores'>): number =>
  stores.photos.count() + stores.recordings.count();

/** Written down beside the files: a database that names fewer than it did may not be the one they were made under. After erasing it rightly does. */
export function rememberNamed({ files, stores }: Counting): void {
  writeFileSync(files.at(MEMORY), JSON.stringify({ named: namedNow({ stores }) }));
}

/** How many were named when that was last written down. */
export function rememberedNamed({ files }: Pick<Counting, 'files'>): number {
  try {
    const { named } = JSON.parse(readFileSync(files.at(MEMORY), 'utf8')) as { named?: unknown };
    return typeof named === 'number' ? named : 0;
  } catch {
    return 0;
  }
}
