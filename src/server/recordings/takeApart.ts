import { constants, createReadStream } from 'node:fs';
import { copyFile, open, readFile, stat, writeFile } from 'node:fs/promises';
import { parseStream } from 'music-metadata';
import type { RecordingMime } from '#core/exchange';
import { LONGEST_FILM_S, LONGEST_RECORDING_S } from '#core/walk';
import { unprocessable } from '../problems';
import { type Bytes, FileBytes } from './bytes';
import { cleanMp3 } from './cleanMp3';
import { cleanMp4 } from './cleanMp4';
import { cleanOgg } from './cleanOgg';
import { cleanWav } from './cleanWav';
import { cleanWebm } from './cleanWebm';
import { movieSeconds } from './movieSeconds';
import { damaged } from './notPlayable';
import { sniffRecording } from './sniffRecording';

/** Changed where they lie, on the disk: films are of these. */
const inPlace: Partial<Record<RecordingMime, (file: Bytes) => number>> = {
  'video/mp4': cleanMp4,
  'audio/mp4': cleanMp4,
  'video/webm': cleanWebm,
};
/** Written anew, in memory. */
const anew: Partial<Record<RecordingMime, (file: Buffer) => Buffer>> = {
  'audio/ogg': cleanOgg,
  'audio/mpeg': cleanMp3,
  'audio/wav': cleanWav,
};
/** No sound of any use is larger. */
const LARGEST_SOUND_BYTES = 160 * 1024 * 1024;
const HEAD_BYTES = 64;

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
  const mime = await knownType(path);
  const toBeBare = inPlace[mime];
  if (toBeBare) {
    await copyFile(path, bare, constants.COPYFILE_FICLONE);
    leaveBare(bare, toBeBare);
  } else {
    const { size } = await stat(path);
    if (size > LARGEST_SOUND_BYTES) throw tooLargeSound();
    const file = await readFile(path);
    await writeFile(
      bare,
      asDamaged(() => (anew[mime] as (file: Buffer) => Buffer)(file)),
    );
  }
  const seconds = await lengthOf(bare, mime, as === 'film' ? LONGEST_FILM_S : LONGEST_RECORDING_S);
  return { mime, ...(seconds !== undefined && { seconds }) };
}

function leaveBare(path: string, toBeBare: (file: Bytes) => number): void {
  const file = new FileBytes(path);
  let end = file.length;
  try {
    end = asDamaged(() => toBeBare(file));
  } finally {
    file.close(end);
  }
}

function asDamaged<T>(clean: () => T): T {
  try {
    return clean();
  } catch (error) {
    // Reading beyond the end of what says that it is longer.
    throw error instanceof RangeError ? damaged() : error;
  }
}

const tooLargeSound = () =>
  unprocessable(
    'recording-too-large',
    'A sound may have at most 160 MB. Record the fault alone, or save it as M4A or MP3.',
  );

async function headOf(path: string): Promise<Buffer> {
  const handle = await open(path, 'r');
  try {
    const { buffer, bytesRead } = await handle.read(Buffer.alloc(HEAD_BYTES), 0, HEAD_BYTES, 0);
    return buffer.subarray(0, bytesRead);
  } finally {
    await handle.close();
  }
}

async function knownType(path: string): Promise<RecordingMime> {
  const head = await headOf(path);
  const mime = head.length >= 16 ? sniffRecording(head) : undefined;
  if (!mime)
    throw unprocessable(
      'recording-unknown-type',
      'This is neither sound nor video, whatever its name says. Send MP4, WebM, M4A, MP3, Ogg or WAV.',
    );
  return mime;
}

/** Seconds; undefined where the file does not say, as those made live do not. Throws a Problem for what cannot be read or is too long. */
async function lengthOf(path: string, mimeType: RecordingMime, most: number): Promise<number | undefined> {
  const { format } = await formatOf(path, mimeType).catch(() => {
    throw damaged();
  });
  // A second reader, which knows nothing of how it was taken apart, must see what plays in it too.
  if (!format.codec && !format.container && (format.trackInfo?.length ?? 0) === 0) throw damaged();
  // What is recorded in pieces tells the length of its first one at most: less than a tenth says nothing.
  const seconds = Math.round((format.duration ?? secondsSaid(path) ?? 0) * 10) / 10;
  if (!Number.isFinite(seconds) || seconds <= 0) return undefined;
  if (seconds > most + 1)
    throw unprocessable(
      'recording-too-long',
      `The recording is ${Math.round(seconds)} seconds long. At most ${most}: cut it, or record the fault alone.`,
    );
  return seconds;
}

/** Read from the disk as it is needed, and by what it is, not by the name it lies under. */
async function formatOf(path: string, mimeType: RecordingMime) {
  const { size } = await stat(path);
  return parseStream(createReadStream(path), { mimeType, size }, { duration: true, skipCovers: true });
}

function secondsSaid(path: string): number | undefined {
  const file = new FileBytes(path);
  try {
    return movieSeconds(file);
  } finally {
    file.close();
  }
}
