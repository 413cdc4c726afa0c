import { createWriteStream } from 'node:fs';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { asNoRoom } from '../noRoom';
import { badRequest, Problem } from '../problems';

export interface Expected {
  /** What it is, for people: "The walk file". */
  what: string;
  mostBytes: number;
  /** How its first bytes must look; nothing more is kept of what begins otherwise. */
  begins?: { isRight: (head: Buffer) => boolean; otherwise: () => Problem };
}

/** Writes what is sent to a file, and no more of it than may come. Throws a Problem for what is too much, or begins wrongly. */
export async function receiveFile(
  stream: Readable,
  file: string,
  { what, mostBytes, begins }: Expected,
): Promise<void> {
  let bytes = 0;
  try {
    await pipeline(
      // It stays open when it is refused: there is an answer to be given.
      stream.iterator({ destroyOnReturn: false }),
      async function* (source: AsyncIterable<Buffer>) {
        for await (const chunk of source) {
          if (bytes === 0 && begins && !begins.isRight(chunk)) throw begins.otherwise();
          bytes += chunk.length;
          if (bytes > mostBytes) throw tooLarge(what, mostBytes);
          yield chunk;
        }
      },
      createWriteStream(file),
    );
  } catch (error) {
    const known = asNoRoom(error);
    if (known instanceof Problem) throw known;
    if (stream.destroyed || (error as { code?: unknown }).code === 'ECONNRESET')
      throw badRequest('cut-short', 'The connection broke before all had arrived. Send it again.');
    throw error;
  }
  if (bytes === 0) throw badRequest('empty', `${what} is empty. Choose the file again.`);
}

const tooLarge = (what: string, most: number) =>
  new Problem(
    413,
    'request-too-large',
    'The file is too large',
    `${what} has more than ${Math.round(most / 1024 / 1024)} MB. Zelk takes no more at once.`,
  );
