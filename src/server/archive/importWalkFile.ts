import { randomUUID } from 'node:crypto';
import type { Readable } from 'node:stream';
import type { Imported } from '#core/api';
import { receiveFile } from '../aside/receiveFile';
import type { Context } from '../context';
import { discard } from '../photos/photoFiles';
import { importWalk } from '../reports/exchange';
import { MOST_WALK_BYTES } from './readArchive';

/** Takes in a walk file. It is read and proven in a process of its own. */
export async function importWalkFile(
  { files, pool, stores, now }: Pick<Context, 'files' | 'pool' | 'stores' | 'now'>,
  stream: Readable,
): Promise<Imported> {
  const path = files.incoming(`walk-${randomUUID()}.json`);
  try {
    await receiveFile(stream, path, { what: 'The walk file', mostBytes: MOST_WALK_BYTES });
    return importWalk(stores, await pool.run('walk', { path, now: now().toISOString() }), now());
  } finally {
    await discard(path);
  }
}
