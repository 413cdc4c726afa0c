import { randomUUID } from 'node:crypto';
import { mkdir, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import type { Imported } from '#core/api';
import { receiveFile } from '../aside/receiveFile';
import type { Context } from '../context';
import { asNoRoom } from '../noRoom';
import { unprocessable } from '../problems';
import { importWalk } from '../reports/exchange';
import { openArchive } from './readArchive';

const MOST_BYTES = 512 * 1024 * 1024;

export const isZip = (head: Buffer): boolean => head.toString('latin1', 0, 2) === 'PK';

/**
 * Takes a walk in from a ZIP with its pictures, whole or not at all. The pictures are copies, with what was marked and hidden burned in: they
 * stand in for the originals until those come, and never overwrite them.
 */
export async function importArchive(context: Context, stream: Readable): Promise<Imported> {
  const { files, keeper, pool, stores, judge, now } = context;
  const scratch = files.incoming(`archive-${randomUUID()}`);
  const within = (name: string) => join(scratch, name);
  await mkdir(scratch, { recursive: true });
  try {
    await receiveFile(stream, within('zip'), {
      what: 'The ZIP',
      mostBytes: MOST_BYTES,
      begins: {
        isRight: isZip,
        otherwise: () =>
          unprocessable(
            'archive-damaged',
            'This is not a ZIP, or it was cut short. Choose the file that “Pictures as ZIP” saved, or save it again.',
          ),
      },
    });
    const archive = await openArchive(within('zip'), (await stat(within('zip'))).size);
    const pictures = new Map<string, { small: string; large: string }>();
    const sounds = new Map<string, string>();
    try {
      await archive.walkInto(within('walk.json'));
      const file = await pool.run('walk', { path: within('walk.json'), now: now().toISOString() });
      const photos = new Map(file.photos.map((record) => [record.sha256, record]));
      const recordings = new Map(file.recordings.map((record) => [record.sha256, record]));
      // Everything is proven before anything is kept.
      await archive.eachPicture(within('picture'), async (sha256, picture) => {
        if (!photos.has(sha256) || pictures.has(sha256) || stores.photos.get(sha256)?.stored) return;
        const copies = { large: within(`${pictures.size}.1600`), small: within(`${pictures.size}.320`) };
        await pool.run('develop', { file: picture, ...copies });
        pictures.set(sha256, copies);
      });
      await archive.eachRecording(within('recording'), async (sha256, recording) => {
        if (!recordings.has(sha256) || sounds.has(sha256) || stores.recordings.get(sha256)?.stored) return;
        const bare = within(`${sounds.size}.bare`);
        await pool.run('recording', { file: recording, bare });
        sounds.set(sha256, bare);
      });
      const imported = importWalk(stores, file, now());
      await keeper.keep([
        ...[...pictures].flatMap(([sha256, { small, large }]) => [
          [small, files.derivative(sha256, 320)] as const,
          [large, files.derivative(sha256, 1600)] as const,
        ]),
        ...[...sounds].map(([sha256, bare]) => [bare, files.recording(sha256)] as const),
      ]);
      for (const sha256 of pictures.keys()) {
        const record = photos.get(sha256);
        if (!record) continue;
        stores.photos.put(record, true, now().toISOString());
        if (!record.quality) judge.add(sha256);
      }
      for (const sha256 of sounds.keys()) {
        const record = recordings.get(sha256);
        if (record) stores.recordings.put(record, true, now().toISOString());
      }
      return {
        ...imported,
        photosMissing: imported.photosMissing.filter((sha256) => !pictures.has(sha256)),
        recordingsMissing: imported.recordingsMissing.filter((sha256) => !sounds.has(sha256)),
      };
    } finally {
      archive.close();
    }
  } catch (error) {
    throw asNoRoom(error);
  } finally {
    await rm(scratch, { recursive: true, force: true });
  }
}
