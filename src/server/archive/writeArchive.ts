import { createReadStream } from 'node:fs';
import { open } from 'node:fs/promises';
import { PassThrough, type Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
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
  /** Path of the copy that may leave the yard; undefined while its pixels have not come. */
  copyOf: (picture: ArchivedPicture) => Promise<string | undefined>;
}

/** Streams pictures and data as a ZIP. One picture is open at a time: memory does not grow with their number. */
export async function writeArchive(contents: ArchiveContents, out: NodeJS.WritableStream): Promise<void> {
  const { at: mtime, files, streams = [], pictures, recordings, copyOf } = contents;
  const zip = new ZipFile();
  const sent = pipeline(zip.outputStream as Readable, out);
  for (const [name, content] of files) zip.addBuffer(Buffer.from(content), name, { mtime });
  for (const [name, open] of streams)
    zip.addReadStreamLazy(name, { compress: false, mtime }, (give) => give(null, open()));
  for (const picture of pictures) {
    const file = await copyOf(picture);
    if (!file) continue;
    // Pictures are compressed already.
    zip.addReadStreamLazy(picture.path, { compress: false, mtime }, (give) => {
      described(file, picture).then(
        (stream) => give(null, stream),
        (error) => give(error, undefined as never),
      );
    });
  }
  for (const { path, file } of recordings) zip.addFile(file, path, { compress: false, mtime });
  zip.end();
  await sent;
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
  createReadStream(file, { start: 2 })
    .on('error', (error) => out.destroy(error))
    .pipe(out);
  return out;
}
