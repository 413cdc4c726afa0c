import { randomUUID } from 'node:crypto';
import type { Readable } from 'node:stream';
import type { RecordingRecord } from '#core/exchange';
import type { Pool } from '../aside/pool';
import { asNoRoom } from '../noRoom';
import type { Keep } from '../photos/keeper';
import { discard, type PhotoFiles } from '../photos/photoFiles';
import { forgetPart, receive } from '../photos/receive';

/** A film is read from the disk a few times over: a slow one gives 20 MB a second. */
const MS_A_BYTE = 1000 / (20 * 1024 * 1024);

/** Takes sounds and videos in: proves what they are and how long, keeps the original, and lays a bare copy beside it to be played. */
export function makeRecordingIntake(files: PhotoFiles, keep: Keep, pool: Pool) {
  return async function takeIn(
    stream: Readable,
    sha256: string,
    from = 0,
    as: 'recording' | 'film' = 'recording',
  ): Promise<RecordingRecord> {
    const incoming = files.incoming(`${sha256.slice(0, 16)}-${randomUUID()}`);
    const bare = `${incoming}.bare`;
    try {
      const bytes = await receive(files, stream, sha256, from, incoming, as);
      const looked = await pool.run('recording', { file: incoming, bare, as }, bytes * MS_A_BYTE);
      // The original comes last: where it is, everything is.
      await keep([
        [bare, files.recording(sha256)],
        [incoming, files.original(sha256)],
      ]);
      await forgetPart(files, sha256);
      return { sha256, bytes, ...looked };
    } catch (error) {
      throw asNoRoom(error);
    } finally {
      await Promise.all([incoming, bare].map(discard));
    }
  };
}
