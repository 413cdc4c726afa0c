import { randomUUID } from 'node:crypto';
import { readFile, writeFile } from 'node:fs/promises';
import type { Readable } from 'node:stream';
import { parseBuffer } from 'music-metadata';
import type { RecordingMime, RecordingRecord } from '#core/exchange';
import { LONGEST_RECORDING_S } from '#core/walk';
import type { Keep } from '../photos/keeper';
import { discard, type PhotoFiles } from '../photos/photoFiles';
import { asNoRoom, forgetPart, receive } from '../photos/receive';
import { makeSlots } from '../photos/slots';
import { unprocessable } from '../problems';
import { movieSeconds } from './movieSeconds';
import { sniffRecording } from './sniffRecording';
import { withoutPlaces } from './withoutPlaces';

/** Takes sounds and videos in: proves what they are and how long, keeps the original, and lays a bare copy beside it to be played. */
export function makeRecordingIntake(files: PhotoFiles, keep: Keep) {
  // Each is held in memory once while it is looked through.
  const slots = makeSlots(1);

  return async function takeIn(stream: Readable, sha256: string, from = 0): Promise<RecordingRecord> {
    const incoming = files.incoming(`${sha256.slice(0, 16)}-${randomUUID()}`);
    const bare = `${incoming}.bare`;
    try {
      const bytes = await receive(files, stream, sha256, from, incoming, 'recording');
      const looked = await slots(async () => {
        const file = await readFile(incoming);
        const mime = knownType(file);
        const seconds = await lengthOf(file, mime);
        await writeFile(bare, withoutPlaces(file, mime));
        return { mime, ...(seconds !== undefined && { seconds }) };
      });
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

/** Throws a Problem unless a file is a sound or video that can be played here. */
export async function proveRecording(path: string): Promise<void> {
  const file = await readFile(path);
  await lengthOf(file, knownType(file));
}

function knownType(file: Buffer): RecordingMime {
  const mime = file.length >= 16 ? sniffRecording(file) : undefined;
  if (!mime)
    throw unprocessable(
      'recording-unknown-type',
      'This is neither sound nor video, whatever its name says. Send MP4, WebM, M4A, MP3, Ogg or WAV.',
    );
  return mime;
}

/** Seconds; undefined where the file does not say, as those made live do not. Throws a Problem for what cannot be read or is too long. */
async function lengthOf(file: Buffer, mimeType: RecordingMime): Promise<number | undefined> {
  const { format } = await parseBuffer(file, { mimeType }, { duration: true, skipCovers: true }).catch(() => {
    throw unprocessable(
      'recording-damaged',
      'The recording is damaged or cut short and cannot be played. Record it again.',
    );
  });
  // What is recorded in pieces tells the length of its first one at most: less than a tenth says nothing.
  const seconds = Math.round((format.duration ?? movieSeconds(file) ?? 0) * 10) / 10;
  if (!Number.isFinite(seconds) || seconds <= 0) return undefined;
  if (seconds > LONGEST_RECORDING_S + 1)
    throw unprocessable(
      'recording-too-long',
      `The recording is ${Math.round(seconds)} seconds long. At most ${LONGEST_RECORDING_S}: cut it, or record the fault alone.`,
    );
  return seconds;
}
