import { createHash, randomUUID } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { open } from 'node:fs/promises';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { PhotoRecord } from '#core/exchange';
import { Problem, unprocessable } from '../http/problems';
import { develop } from './develop';
import { discard, type PhotoFiles, settle } from './photoFiles';
import { makeSlots } from './slots';
import { type PhotoMime, sniff } from './sniff';

export const MAX_BYTES = 40 * 1024 * 1024;

const tooLarge = () =>
  new Problem(
    413,
    'photo-too-large',
    'The photo is too large',
    'A photo may have at most 40 MB. Set the camera to a smaller size and send it again.',
  );

/** Takes photos in from streams: hashes while writing, proves, develops, and only then puts them in place. */
export function makePhotoIntake(files: PhotoFiles, atOnce = 2) {
  // Decoding is what needs memory: a few at a time, however many phones are sending.
  const slots = makeSlots(atOnce);

  return async function takeIn(stream: Readable, sha256: string): Promise<PhotoRecord> {
    const name = `${sha256.slice(0, 16)}-${randomUUID()}`;
    const incoming = files.incoming(name);
    const targets = { large: `${incoming}.1600`, small: `${incoming}.320` };
    try {
      const { hash, bytes } = await receive(stream, incoming);
      if (bytes === 0)
        throw unprocessable('photo-empty', 'The photo is empty (0 bytes). Send the file again.');
      if (hash !== sha256) {
        throw unprocessable(
          'photo-hash-differs',
          'What arrived is not what was announced: it was cut or changed on the way. Send it again.',
        );
      }
      const mime = await knownType(incoming);
      const developed = await slots(() => develop(incoming, mime, targets));
      await settle(targets.small, files.derivative(sha256, 320));
      await settle(targets.large, files.derivative(sha256, 1600));
      // The original comes last: where it is, everything is.
      await settle(incoming, files.original(sha256));
      return { sha256, mime, bytes, ...developed };
    } finally {
      await Promise.all([incoming, targets.large, targets.small].map(discard));
    }
  };
}

async function receive(stream: Readable, file: string): Promise<{ hash: string; bytes: number }> {
  const hash = createHash('sha256');
  let bytes = 0;
  await pipeline(
    stream,
    async function* (source: AsyncIterable<Buffer>) {
      for await (const chunk of source) {
        bytes += chunk.length;
        if (bytes > MAX_BYTES) throw tooLarge();
        hash.update(chunk);
        yield chunk;
      }
    },
    createWriteStream(file),
  );
  return { hash: hash.digest('hex'), bytes };
}

async function knownType(file: string): Promise<PhotoMime> {
  const handle = await open(file, 'r');
  try {
    const head = Buffer.alloc(16);
    await handle.read(head, 0, 16, 0);
    const type = sniff(head);
    if (type === 'heic') {
      throw unprocessable(
        'photo-heic',
        'HEIC photos cannot be read. Set the phone’s camera to “most compatible” (JPEG), or send the photo as JPEG.',
      );
    }
    if (type === 'not-a-photo') {
      throw unprocessable(
        'photo-unknown-type',
        'This is not a photo, whatever its name says. Send a JPEG, PNG or WebP.',
      );
    }
    return type;
  } finally {
    await handle.close();
  }
}
