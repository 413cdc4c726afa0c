import { randomUUID } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import type { Readable } from 'node:stream';
import { receiveFile } from '../aside/receiveFile';
import type { Context } from '../context';
import { discard } from '../photos/photoFiles';

const MOST_BYTES = 6 * 1024 * 1024;

/** Takes a picture in as logo: painted anew, and kept under what it has become. */
export async function takeInLogo(
  { files, pool, stores }: Pick<Context, 'files' | 'pool' | 'stores'>,
  stream: Readable,
): Promise<{ sha256: string }> {
  const file = files.incoming(`logo-${randomUUID()}`);
  const png = `${file}.png`;
  try {
    await receiveFile(stream, file, { what: 'The logo', mostBytes: MOST_BYTES });
    const sha256 = await pool.run('logo', { file, png });
    stores.people.putLogo(sha256, await readFile(png));
    return { sha256 };
  } finally {
    await Promise.all([file, png].map(discard));
  }
}
