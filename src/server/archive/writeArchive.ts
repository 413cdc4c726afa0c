import { createReadStream } from 'node:fs';
import { open } from 'node:fs/promises';
import { PassThrough, type Readable, pipeline as streamInto } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { setImmediate as breathe } from 'node:timers/promises';
import { ZipFile } from 'yazl';
import { type ArchivedPicture, xmpOf } from '#core/archive';
import type { ArchivedRecording } from './recordingFiles';

export interface ArchiveContents {
  /** Written on every file as the time it was made. */
  at: Date;
  /** Pages, tables and data by name. */
  files: readonly (readonly [name: string, content: string | Buffer])[];
  /** What is made while it is written. */
  streams?: readonly (readonly [name: string, open: () => Readable])[];
  pictures: readonly ArchivedPicture[];
  recordings: readonly ArchivedRecording[];
  /** Path of the copy that may leave the yard; undefined while its pixels are not here. */
  copyOf: (picture: ArchivedPicture) => Promise<string | undefined>;
}

/**
 * Streams pictures and data as a ZIP. One picture is open at a time: memory does not grow with their number. Rejects when it cannot be
 * written to its end, and when whoever asked for it has gone; nothing is left open then.
 */
export async function writeArchive(contents: ArchiveContents, out: NodeJS.WritableStream): Promise<void> {
  const { at: mtime, files, streams = [], pictures, recordings, copyOf } = contents;
  const zip = new ZipFile();
  const packed = zip.outputStream as Readable;
  // A file that fails while it is read ends this answer, and this answer alone.
  zip.on('error', (error: Error) => packed.destroy(error));
  const sent = pipeline(packed, out);
  let isOver = false;
  // It may end while pictures are still being made: whoever waits for it below is told then.
  sent
    .catch(() => undefined)
    .finally(() => {
      isOver = true;
    });
  for (const [name, content] of files) {
    // Its checksum is worked out here: others are answered in between.
    await breathe();
    zip.addBuffer(Buffer.from(content), name, { mtime });
  }
  const opened = new Set<Readable>();
  /** Pictures and sounds are compressed already. Each is opened when its turn comes, and shut when the answer ends before its own end. */
  const add = (name: string, open: () => Promise<Readable>) =>
    zip.addReadStreamLazy(name, { compress: false, mtime }, (give) => {
      open().then(
        (stream) => {
          // The packer does not listen for it: unheard, a file that is gone would take the server with it.
          stream.on('error', (error) => packed.destroy(error));
          opened.add(stream.on('close', () => opened.delete(stream)));
          give(null, stream);
        },
        (error) => give(error, undefined as never),
      );
    });
  for (const [name, open] of streams) add(name, async () => open());
  for (const picture of pictures) {
    if (isOver) break;
    const file = await copyOf(picture).catch((error: Error) => {
      packed.destroy(error);
      return undefined;
    });
    if (!file) continue;
    add(picture.path, () => described(file, picture));
  }
  for (const { path, open } of recordings) add(path, async () => open());
  zip.end();
  try {
    await sent;
  } finally {
    for (const stream of opened) stream.destroy();
  }
}

/** A JPEG with its description put in behind its start marker; the rest is not touched. */
async function described(file: string, picture: ArchivedPicture): Promise<Readable> {
  const start = Buffer.alloc(2);
  const handle = await open(file, 'r');
  await handle.read(start, 0, 2, 0);
  await handle.close();
  const packet = Buffer.from(`http://ns.adobe.com/xap/1.0/\0${xmpOf(picture)}`);
  // The length of a segment counts itself, not its marker.
  const head = Buffer.from([0xff, 0xe1, (packet.length + 2) >> 8, (packet.length + 2) & 0xff]);
  const out = new PassThrough();
  out.write(Buffer.concat([start, head, packet]));
  // Each ends with the other: no file stays open behind an answer that was broken off.
  streamInto(createReadStream(file, { start: 2 }), out, () => undefined);
  return out;
}
