import { readFile, writeFile } from 'node:fs/promises';
import { parseBuffer } from 'music-metadata';
import type { RecordingMime } from '#core/exchange';
import { LONGEST_FILM_S, LONGEST_RECORDING_S } from '#core/walk';
import { unprocessable } from '../problems';
import { cleanMp3 } from './cleanMp3';
import { cleanMp4 } from './cleanMp4';
import { cleanOgg } from './cleanOgg';
import { cleanWav } from './cleanWav';
import { cleanWebm } from './cleanWebm';
import { movieSeconds } from './movieSeconds';
import { damaged } from './notPlayable';
import { sniffRecording } from './sniffRecording';

const clean: Record<RecordingMime, (file: Buffer) => Buffer> = {
  'video/mp4': cleanMp4,
  'audio/mp4': cleanMp4,
  'video/webm': cleanWebm,
  'audio/ogg': cleanOgg,
  'audio/mpeg': cleanMp3,
  'audio/wav': cleanWav,
};

/**
 * Proves that a file is a sound or video that plays, of half a minute at most or as long as a film, and writes a copy that tells nothing beyond sound and picture.
 * Throws a Problem.
 */
export async function takeApart({
  file: path,
  bare,
  as = 'recording',
}: {
  file: string;
  bare: string;
  as?: 'recording' | 'film';
}) {
  const file = await readFile(path);
  const mime = knownType(file);
  const copy = bareCopy(file, mime);
  const seconds = await lengthOf(copy, mime, as === 'film' ? LONGEST_FILM_S : LONGEST_RECORDING_S);
  await writeFile(bare, copy);
  return { mime, ...(seconds !== undefined && { seconds }) };
}

function bareCopy(file: Buffer, mime: RecordingMime): Buffer {
  try {
    return clean[mime](file);
  } catch (error) {
    // Reading beyond the end of what says that it is longer.
    throw error instanceof RangeError ? damaged() : error;
  }
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
async function lengthOf(file: Buffer, mimeType: RecordingMime, most: number): Promise<number | undefined> {
  const { format } = await parseBuffer(file, { mimeType }, { duration: true, skipCovers: true }).catch(() => {
    throw damaged();
  });
  // A second reader, which knows nothing of how it was taken apart, must see what plays in it too.
  if (!format.codec && !format.container && (format.trackInfo?.length ?? 0) === 0) throw damaged();
  // What is recorded in pieces tells the length of its first one at most: less than a tenth says nothing.
  const seconds = Math.round((format.duration ?? movieSeconds(file) ?? 0) * 10) / 10;
  if (!Number.isFinite(seconds) || seconds <= 0) return undefined;
  if (seconds > most + 1)
    throw unprocessable(
      'recording-too-long',
      `The recording is ${Math.round(seconds)} seconds long. At most ${most}: cut it, or record the fault alone.`,
    );
  return seconds;
}
