import { randomUUID } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Imported } from '#core/api';
import type { Context } from '../context';
import { develop } from '../photos/develop';
import { discard } from '../photos/photoFiles';
import { asNoRoom } from '../photos/receive';
import { proveRecording } from '../recordings/takeInRecording';
import { importWalk } from '../reports/exchange';
import { readArchive } from './readArchive';

/**
 * Takes a walk in from a ZIP with its pictures. They are copies, with what was marked and hidden burned in: they stand in for the
 * originals until those come, and never overwrite them.
 */
export async function importArchive(context: Context, stream: Readable): Promise<Imported> {
  const { files, keeper, stores, judge, now } = context;
  const scratch = files.incoming(`archive-${randomUUID()}`);
  try {
    await pipeline(stream, createWriteStream(`${scratch}.zip`));
    const archive = await readArchive(`${scratch}.zip`);
    try {
      const imported = importWalk(stores, archive.file, now());
      const records = new Map(archive.file.photos.map((record) => [record.sha256, record]));
      const missing = new Set(imported.photosMissing);
      await archive.eachPicture(`${scratch}.jpg`, async (sha256, file) => {
        const record = records.get(sha256);
        if (!record || !missing.delete(sha256)) return;
        const targets = { large: `${scratch}.1600`, small: `${scratch}.320` };
        try {
          await develop(file, 'image/jpeg', targets);
          await keeper.keep([
            [targets.small, files.derivative(sha256, 320)],
            [targets.large, files.derivative(sha256, 1600)],
          ]);
        } finally {
          await Promise.all([targets.large, targets.small].map(discard));
        }
        stores.photos.put(record, true, now().toISOString());
        if (!record.quality) judge.add(sha256);
      });
      const silent = new Set(imported.recordingsMissing);
      const recorded = new Map(archive.file.recordings.map((record) => [record.sha256, record]));
      await archive.eachRecording(`${scratch}.recording`, async (sha256, file) => {
        const record = recorded.get(sha256);
        if (!record || !silent.delete(sha256)) return;
        await proveRecording(file);
        await keeper.keep([[file, files.recording(sha256)]]);
        stores.recordings.put(record, true, now().toISOString());
      });
      return { ...imported, photosMissing: [...missing], recordingsMissing: [...silent] };
    } finally {
      archive.close();
    }
  } catch (error) {
    throw asNoRoom(error);
  } finally {
    await discard(`${scratch}.zip`);
  }
}
