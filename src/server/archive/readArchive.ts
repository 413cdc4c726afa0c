import { createWriteStream } from 'node:fs';
import { open, rm } from 'node:fs/promises';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { crc32 } from 'node:zlib';
import { type Entry, openPromise, type ZipFile } from 'yauzl';
import { photoNamedIn } from '#core/archive';
import { MAX_BYTES } from '../photos/receive';
import { badRequest, unprocessable } from '../problems';

/** Of the walk itself; of all that is unpacked; and how many times larger than the ZIP that may be. */
export const MOST_WALK_BYTES = 8 * 1024 * 1024;
const MOST_UNPACKED = 2 * 1024 * 1024 * 1024;
const MOST_RATIO = 20;
/** A small ZIP of text alone packs well. */
const SMALL = 16 * 1024 * 1024;
const MOST_FILES = 5000;
/** A picture's description stands at its very beginning. */
const HEAD = 64 * 1024;
/** A recording is named by what it was before its copy was made. */
const recordingName = /^recordings\/[a-z0-9-]*?([0-9a-f]{64})\.[a-z0-9]+$/;

export interface OpenArchive {
  /** Unpacks the walk itself into a file. */
  walkInto(file: string): Promise<void>;
  /** Unpacks the pictures one after another: the photo each is a copy of, and a file that is gone afterwards. */
  eachPicture(scratch: string, take: (sha256: string, file: string) => Promise<void>): Promise<void>;
  /** Unpacks the sounds and videos likewise. */
  eachRecording(scratch: string, take: (sha256: string, file: string) => Promise<void>): Promise<void>;
  close(): void;
}

/** Opens a ZIP that Zelk made. Names inside it are never used as paths. Throws a Problem for anything else. */
export async function openArchive(path: string, packedBytes: number): Promise<OpenArchive> {
  const zip = await openPromise(path, { lazyEntries: true, autoClose: false }).catch(() => {
    throw damaged();
  });
  try {
    const entries = await entriesOf(zip, packedBytes);
    const [walk] = entries.filter(({ fileName }) => fileName === 'walk.json');
    if (!walk)
      throw badRequest(
        'archive-without-walk',
        'There is no walk in this ZIP. Choose one that “Pictures as ZIP” saved, as it came.',
      );
    const each = async (
      wanted: readonly Entry[],
      scratch: string,
      take: (entry: Entry, file: string) => Promise<void>,
    ) => {
      for (const entry of wanted) {
        try {
          await unpack(zip, entry, scratch, MAX_BYTES);
          await take(entry, scratch);
        } finally {
          await rm(scratch, { force: true });
        }
      }
    };
    return {
      walkInto: (file) => unpack(zip, walk, file, MOST_WALK_BYTES),
      eachPicture: (scratch, take) =>
        each(
          entries.filter(({ fileName }) => fileName.endsWith('.jpg')),
          scratch,
          async (_entry, file) => {
            const sha256 = await photoIn(file);
            if (sha256) await take(sha256, file);
          },
        ),
      eachRecording: (scratch, take) =>
        each(
          entries.filter(({ fileName }) => recordingName.test(fileName)),
          scratch,
          (entry, file) => take(recordingName.exec(entry.fileName)?.[1] as string, file),
        ),
      close: () => zip.close(),
    };
  } catch (error) {
    zip.close();
    throw isProblem(error) ? error : damaged();
  }
}

const isProblem = (error: unknown): boolean => error instanceof Error && 'status' in error;

const damaged = () =>
  unprocessable(
    'archive-damaged',
    'This is not a ZIP, or it was cut short. Choose the file that “Pictures as ZIP” saved, or save it again.',
  );

const suspicious = (why: string) =>
  unprocessable('archive-suspicious', `${why} Zelk saves no such ZIP. Nothing was taken in.`);

/** What the ZIP says it holds, refused where no ZIP of Zelk would say it. */
async function entriesOf(zip: ZipFile, packedBytes: number): Promise<Entry[]> {
  const entries: Entry[] = [];
  const names = new Set<string>();
  let unpacked = 0;
  for await (const entry of zip.eachEntry()) {
    const { fileName, uncompressedSize } = entry;
    if (entries.push(entry) > MOST_FILES)
      throw badRequest('archive-too-many', `The ZIP holds more than ${MOST_FILES} files.`);
    if (isUnsafeName(fileName)) throw suspicious('A file in it has a name that leads out of its folder.');
    if (names.has(fileName)) throw suspicious('It holds two files of one name.');
    names.add(fileName);
    unpacked += uncompressedSize;
    if (unpacked > MOST_UNPACKED || (unpacked > SMALL && unpacked > MOST_RATIO * packedBytes))
      throw suspicious('It unpacks to far more than it is.');
  }
  // Two files out of the same bytes: a little becomes as much as one likes.
  const places = entries
    .map(({ relativeOffsetOfLocalHeader: from, compressedSize }) => ({
      from,
      to: from + 30 + compressedSize,
    }))
    .toSorted((a, b) => a.from - b.from);
  if (places.some(({ from }, i) => i > 0 && from < (places[i - 1]?.to ?? 0)))
    throw suspicious('Files in it lie over each other.');
  return entries;
}

export const isUnsafeName = (name: string): boolean =>
  name === '' || name.length > 300 || /^\/|^[a-z]:|\\|\p{Cc}/iu.test(name) || name.split('/').includes('..');

/** Unpacks one file, counting while it grows, and holds it against its checksum. */
export async function unpack(zip: ZipFile, entry: Entry, to: string, mostBytes: number): Promise<void> {
  let [bytes, sum] = [0, 0];
  try {
    await pipeline(
      (await zip.openReadStreamPromise(entry)) as Readable,
      async function* (source: AsyncIterable<Buffer>) {
        for await (const chunk of source) {
          bytes += chunk.length;
          if (bytes > mostBytes) throw suspicious('A file in it is larger than any that Zelk saves.');
          sum = crc32(chunk, sum);
          yield chunk;
        }
      },
      createWriteStream(to),
    );
  } catch (error) {
    if (isProblem(error)) throw error;
    if (['ENOSPC', 'EDQUOT', 'EFBIG'].includes(String((error as { code?: unknown }).code))) throw error;
    throw damaged();
  }
  if (sum !== entry.crc32) throw damaged();
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
