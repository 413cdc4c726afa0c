import { randomUUID } from 'node:crypto';
import { open } from 'node:fs/promises';
import type { Readable } from 'node:stream';
import type { PhotoRecord } from '#core/exchange';
import { unprocessable } from '../problems';
import { develop } from './develop';
import { discard, type PhotoFiles, settle } from './photoFiles';
import { asNoRoom, forgetPart, receive } from './receive';
import { makeSlots } from './slots';
import { type PhotoMime, sniff } from './sniff';

/** Takes photos in from streams: hashes while writing, proves, develops, and only then puts them in place. */
export function makePhotoIntake(files: PhotoFiles, atOnce = 2) {
  // Decoding is what needs memory: a few at a time, however many phones are sending.
  const slots = makeSlots(atOnce);
  let underWay = 0;

  /** `from`: so many bytes are here already, from an upload that was cut. */
  async function takeIn(stream: Readable, sha256: string, from = 0): Promise<PhotoRecord> {
    underWay++;
    const incoming = files.incoming(`${sha256.slice(0, 16)}-${randomUUID()}`);
    const targets = { large: `${incoming}.1600`, small: `${incoming}.320` };
    try {
      const bytes = await receive(files, stream, sha256, from, incoming);
      const mime = await knownType(incoming);
      const developed = await slots(() => develop(incoming, mime, targets));
      await settle(targets.small, files.derivative(sha256, 320));
      await settle(targets.large, files.derivative(sha256, 1600));
      // The original comes last: where it is, everything is.
      await settle(incoming, files.original(sha256));
      await forgetPart(files, sha256);
      return { sha256, mime, bytes, ...developed };
    } catch (error) {
      throw asNoRoom(error);
    } finally {
      underWay--;
      await Promise.all([incoming, targets.large, targets.small].map(discard));
    }
  }
  return Object.assign(takeIn, { isBusy: () => underWay > 0 });
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
