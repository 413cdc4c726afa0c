import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { rename } from 'node:fs/promises';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { LARGEST_FILM_BYTES } from '#core/walk';
import { asNoRoom } from '../noRoom';
import { badRequest, conflict, Problem, unprocessable } from '../problems';
import { discard, type PhotoFiles } from './photoFiles';

export const MAX_BYTES = 40 * 1024 * 1024;

export type Receivable = 'photo' | 'recording' | 'film';
const mostBytes: Record<Receivable, number> = {
  photo: MAX_BYTES,
  recording: MAX_BYTES,
  film: LARGEST_FILM_BYTES,
};

/** How Node says that the other end hung up. */
const broken: ReadonlySet<unknown> = new Set(['ECONNRESET', 'ERR_STREAM_PREMATURE_CLOSE']);

/**
 * Writes a stream to `file`, after what came of it before when `from` is more than 0, and proves it by its hash. What arrived before
 * the connection broke is kept as the beginning of the next try. Throws a Problem when it is not what was announced.
 */
export async function receive(
  files: PhotoFiles,
  stream: Readable,
  sha256: string,
  from: number,
  file: string,
  what: Receivable = 'photo',
): Promise<number> {
  const hash = createHash('sha256');
  let bytes = 0;
  if (from > 0) {
    await claimPart(files, sha256, from, file);
    for await (const chunk of createReadStream(file)) hash.update(chunk as Buffer);
    bytes = from;
  }
  try {
    await pipeline(
      // It stays open when it is refused: there is an answer to be given.
      stream.iterator({ destroyOnReturn: false }),
      async function* (source: AsyncIterable<Buffer>) {
        for await (const chunk of source) {
          bytes += chunk.length;
          if (bytes > mostBytes[what]) throw tooLarge(what);
          hash.update(chunk);
          yield chunk;
        }
      },
      createWriteStream(file, { flags: from > 0 ? 'a' : 'w' }),
    );
  } catch (error) {
    const wanted = asNoRoom(error);
    if (wanted instanceof Problem) throw wanted;
    await keepPart(files, sha256, file, bytes);
    throw broken.has((error as { code?: unknown }).code)
      ? badRequest('cut-short', 'The connection broke before all had arrived. Send the rest.')
      : error;
  }
  if (bytes === 0)
    throw unprocessable(`${what}-empty`, `The ${what} is empty (0 bytes). Send the file again.`);
  if (hash.digest('hex') !== sha256) {
    throw unprocessable(
      `${what}-hash-differs`,
      'What arrived is not what was announced: it was cut or changed on the way. Send it again.',
    );
  }
  return bytes;
}

const smaller: Record<Receivable, string> = {
  photo: 'A photo may have at most 40 MB. Set the camera to a smaller size and send it again.',
  recording:
    'A recording may have at most 40 MB. Record the fault alone, or set the camera to a smaller size.',
  film: 'A film may have at most 2 GB. Set the camera to a smaller size, or leave the film on the device.',
};
const tooLarge = (what: Receivable) =>
  new Problem(413, `${what}-too-large`, `The ${what} is too large`, smaller[what]);

/** Takes the beginning for oneself: two who go on with it at once cannot mix their bytes. */
async function claimPart(files: PhotoFiles, sha256: string, from: number, file: string): Promise<void> {
  const here = await files.received(sha256);
  const isTaken =
    here === from &&
    (await rename(files.part(sha256), file).then(
      () => true,
      () => false,
    ));
  if (isTaken) return;
  throw conflict(
    'photo-other-beginning',
    `${await files.received(sha256)} bytes of this photo are here, not ${from}. Ask what was received and send the rest, or all of it.`,
  );
}

/** The longer beginning is kept. */
async function keepPart(files: PhotoFiles, sha256: string, file: string, bytes: number): Promise<void> {
  if (bytes > (await files.received(sha256))) await rename(file, files.part(sha256)).catch(() => undefined);
}

export const forgetPart = (files: PhotoFiles, sha256: string): Promise<void> => discard(files.part(sha256));
