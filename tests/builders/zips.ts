import { buffer } from 'node:stream/consumers';
import { fromBufferPromise } from 'yauzl';
import { ZipFile } from 'yazl';

/** What a ZIP holds, by name. */
export async function filesIn(zip: Buffer): Promise<Map<string, Buffer>> {
  const open = await fromBufferPromise(zip, { lazyEntries: true });
  const files = new Map<string, Buffer>();
  for await (const entry of open.eachEntry())
    files.set(entry.fileName, await buffer(await open.openReadStreamPromise(entry)));
  return files;
}

/** A ZIP of these. */
export function zipOf(files: Record<string, string | Buffer>): Promise<Buffer> {
  const zip = new ZipFile();
  for (const [name, content] of Object.entries(files)) zip.addBuffer(Buffer.from(content), name);
  zip.end();
  return buffer(zip.outputStream);
}
