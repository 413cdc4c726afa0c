import { createWriteStream, mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { openPromise } from 'yauzl';

/** Takes a ZIP apart into a folder; the names it held, in their order. */
export async function unzip(file: string, into: string): Promise<string[]> {
  const zip = await openPromise(file, { lazyEntries: true });
  const names: string[] = [];
  for await (const entry of zip.eachEntry()) {
    const to = join(into, entry.fileName);
    mkdirSync(dirname(to), { recursive: true });
    await pipeline(await zip.openReadStreamPromise(entry), createWriteStream(to));
    names.push(entry.fileName);
  }
  return names;
}
