import { setImmediate as breathe } from 'node:timers/promises';
import type { Response } from 'express';
import { type ArchiveContents, writeArchive } from '../../archive/writeArchive';
import { makeLine } from '../../line';

/** One is gathered after the other: what they hold is worked out here, beside all else that is asked for. */
const line = makeLine(1);

interface Gathered {
  /** Of the file; made one that every system takes. */
  name: string;
  contents: ArchiveContents;
}

/** Sends a ZIP once what it holds was gathered. */
export async function sendZip(response: Response, gather: () => Gathered | Promise<Gathered>): Promise<void> {
  const { name, contents } = await line.run('', async () => {
    await breathe();
    return gather();
  });
  response.attachment(name.replace(/[^\w.-]+/g, '-')).type('application/zip');
  await writeArchive(contents, response);
}
