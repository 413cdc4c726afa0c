import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';

const NO_FILE: ReadonlySet<string | undefined> = new Set(['ENOENT', 'EISDIR']);

/** SHA-256 of a file's bytes; undefined when it is not there, or a folder is in its place. */
export async function hashOfFile(path: string): Promise<string | undefined> {
  const hash = createHash('sha256');
  try {
    for await (const chunk of createReadStream(path)) hash.update(chunk as Buffer);
  } catch (error) {
    if (NO_FILE.has((error as NodeJS.ErrnoException).code)) return undefined;
    throw error;
  }
  return hash.digest('hex');
}
