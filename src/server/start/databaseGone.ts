import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';

/** What photos and recordings are kept as; their copies can be made again. */
const KEPT = ['originals', 'recordings'];

/** The files of a yard lie here, and the database that knows what they are does not. */
export class DatabaseGone extends Error {
  constructor(dir: string, isEmpty: boolean, files: number) {
    super(
      `${join(dir, 'zelk.db')} ${isEmpty ? 'is empty' : 'is missing'}, and ${files} ${files === 1 ? 'file' : 'files'} of photos and recordings ${files === 1 ? 'lies' : 'lie'} beside it: the yard they belong to is gone. Nothing was changed. ` +
        `Bring back the last backup with bin/restore DIR; or, to begin a new yard on purpose, move ${join(dir, 'photos')} to another place first.`,
    );
  }
}

/** Throws DatabaseGone where starting would make an empty yard beside the files of another one. */
export function demandDatabase(dir: string): void {
  const sizeOf = (name: string) => statSync(join(dir, name), { throwIfNoEntry: false })?.size;
  const size = sizeOf('zelk.db');
  // What was not yet carried over into the database itself stands in the file beside it.
  if (size || sizeOf('zelk.db-wal')) return;
  const files = KEPT.reduce((sum, kind) => sum + countBelow(join(dir, 'photos', kind)), 0);
  if (files > 0) throw new DatabaseGone(dir, size === 0, files);
}

function countBelow(dir: string): number {
  if (!statSync(dir, { throwIfNoEntry: false })?.isDirectory()) return 0;
  return readdirSync(dir, { withFileTypes: true, recursive: true }).filter((item) => item.isFile()).length;
}
