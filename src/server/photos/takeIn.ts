import { randomUUID } from 'node:crypto';
import type { Readable } from 'node:stream';
import type { PhotoRecord } from '#core/exchange';
import type { Pool } from '../aside/pool';
import { asNoRoom } from '../noRoom';
import type { Keep } from './keeper';
import { discard, type PhotoFiles } from './photoFiles';
import { forgetPart, receive } from './receive';

/** Takes photos in from streams: hashes while writing, proves, develops, and only then puts them in place. */
export function makePhotoIntake(files: PhotoFiles, keep: Keep, pool: Pool) {
  let underWay = 0;

  /** `from`: so many bytes are here already, from an upload that was cut. */
  async function takeIn(stream: Readable, sha256: string, from = 0): Promise<PhotoRecord> {
    underWay++;
    const incoming = files.incoming(`${sha256.slice(0, 16)}-${randomUUID()}`);
    const targets = { large: `${incoming}.1600`, small: `${incoming}.320` };
    try {
      const bytes = await receive(files, stream, sha256, from, incoming);
      const developed = await pool.run('develop', { file: incoming, ...targets });
      // The original comes last: where it is, everything is.
      await keep([
        [targets.small, files.derivative(sha256, 320)],
        [targets.large, files.derivative(sha256, 1600)],
        [incoming, files.original(sha256)],
      ]);
      await forgetPart(files, sha256);
      return { sha256, bytes, ...developed };
    } catch (error) {
      throw asNoRoom(error);
    } finally {
      underWay--;
      await Promise.all([incoming, targets.large, targets.small].map(discard));
    }
  }
  return Object.assign(takeIn, { isBusy: () => underWay > 0 });
}
