import { createWriteStream } from 'node:fs';
import { open, rm } from 'node:fs/promises';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { type Entry, openPromise, type ZipFile } from 'yauzl';
import { photoNamedIn } from '#core/archive';
import { readWalkFile, type WalkFile } from '#core/exchange';
import { MAX_BYTES } from '../photos/receive';
import { badRequest, unprocessable } from '../problems';

const MOST_JSON = 100 * 1024 * 1024;
const MOST_FILES = 10_000;
/** A picture's description stands at its very beginning. */
const HEAD = 64 * 1024;
/** A recording is named by what it was before its copy was made. */
const recordingName = /^recordings\/[a-z0-9-]*?([0-9a-f]{64})\.[a-z0-9]+$/;

export interface ArchivedWalk {
  file: WalkFile;
  /** Takes the pictures out one after another: the photo each is a copy of, and a file that is gone afterwards. */
  eachPicture(scratch: string, take: (sha256: string, file: string) => Promise<void>): Promise<void>;
  /** Takes the sounds and videos out likewise. */
  eachRecording(scratch: string, take: (sha256: string, file: string) => Promise<void>): Promise<void>;
  close(): void;
}

/** Opens a ZIP that Zelk made. Names inside it are never used as paths. Throws a Problem for anything else. */
export async function readArchive(path: string): Promise<ArchivedWalk> {
  const zip = await openPromise(path, { lazyEntries: true, autoClose: false }).catch(() => {
    throw unprocessable(
      'archive-damaged',
      'This is not a ZIP, or it was cut short. Choose the file that “Pictures as ZIP” saved, or save it again.',
    );
  });
  try {
    const entries = await entriesOf(zip);
    const walk = entries.find(({ fileName }) => fileName === 'walk.json');
    if (!walk || walk.uncompressedSize > MOST_JSON) {
      throw badRequest(
        'archive-without-walk',
        'There is no walk in this ZIP. Choose one that “Pictures as ZIP” saved, as it came.',
      );
    }
    const reading = readWalkFile(parsed(await textOf(zip, walk)));
    if (!reading.ok) throw badRequest(`walk-file-${reading.problem}`, reading.message);
    const pictures = entries.filter(
      ({ fileName, uncompressedSize }) => fileName.endsWith('.jpg') && uncompressedSize <= MAX_BYTES,
    );
    const recordings = entries.filter(
      ({ fileName, uncompressedSize }) => recordingName.test(fileName) && uncompressedSize <= MAX_BYTES,
    );
    return {
      file: reading.file,
      async eachRecording(scratch, take) {
        for (const entry of recordings) {
          try {
            await pipeline(await zip.openReadStreamPromise(entry), createWriteStream(scratch));
            await take(recordingName.exec(entry.fileName)?.[1] as string, scratch);
          } finally {
            await rm(scratch, { force: true });
          }
        }
      },
      close: () => zip.close(),
      async eachPicture(scratch, take) {
        for (const entry of pictures) {
          try {
            await pipeline(await zip.openReadStreamPromise(entry), createWriteStream(scratch));
            const sha256 = await photoIn(scratch);
            if (sha256) await take(sha256, scratch);
          } finally {
            await rm(scratch, { force: true });
          }
        }
      },
    };
  } catch (error) {
    zip.close();
    throw error;
  }
}

async function entriesOf(zip: ZipFile): Promise<Entry[]> {
  const entries: Entry[] = [];
  for await (const entry of zip.eachEntry()) {
    entries.push(entry);
    if (entries.length > MOST_FILES)
      throw badRequest('archive-too-many', `The ZIP holds more than ${MOST_FILES} files.`);
  }
  return entries;
}

async function textOf(zip: ZipFile, entry: Entry): Promise<string> {
  const chunks: Buffer[] = [];
  for await (const chunk of (await zip.openReadStreamPromise(entry)) as Readable)
    chunks.push(chunk as Buffer);
  return Buffer.concat(chunks).toString('utf8');
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

async function photoIn(file: string): Promise<string | undefined> {
  const handle = await open(file, 'r');
  try {
    const head = Buffer.alloc(HEAD);
    const { bytesRead } = await handle.read(head, 0, HEAD, 0);
    return photoNamedIn(head.toString('latin1', 0, bytesRead));
  } finally {
    await handle.close();
  }
}
