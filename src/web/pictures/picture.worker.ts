import exifr from 'exifr';
import {
  differenceHash,
  type Grey,
  JUDGED_SIDE,
  measureQuality,
  type PictureQuality,
  readCameraTime,
  regionAround,
} from '#core/photos';
import { type Place, refineCard, type Vec2 } from '#core/picture';
import { greyOf } from './readPixels';

/** What a device finds out of a photo by itself, at once. */
export interface Judged {
  quality: PictureQuality;
  likeness: string;
  takenAt?: string;
}

export type PictureTask =
  | { id: number; do: 'judge'; blob: Blob; around?: Place }
  | { id: number; do: 'snap'; blob: Blob; corners: readonly Vec2[]; reach: number };

export type PictureAnswer = { id: number; judged?: Judged; corners?: readonly Vec2[]; failed?: string };

/** Heavy looking at pictures, off the thread that answers fingers. */
self.onmessage = async ({ data: task }: MessageEvent<PictureTask>) => {
  const answer = await run(task).catch((error): Partial<PictureAnswer> => ({ failed: String(error) }));
  self.postMessage({ id: task.id, ...answer } satisfies PictureAnswer);
};

async function run(task: PictureTask): Promise<Partial<PictureAnswer>> {
  if (task.do === 'judge') return { judged: await judge(task.blob, task.around) };
  const grey = await wholeOf(task.blob);
  return { corners: refineCard(grey, task.corners, task.reach) };
}

async function judge(blob: Blob, around?: Place): Promise<Judged> {
  const grey = await greyOf(blob, JUDGED_SIDE);
  const takenAt = readCameraTime(
    (
      await exifr
        .parse(blob, { pick: ['DateTimeOriginal', 'CreateDate'], reviveValues: false })
        .catch(() => undefined)
    )?.DateTimeOriginal,
  );
  return {
    quality: measureQuality(grey, around && regionAround(grey, around)),
    likeness: differenceHash(grey),
    ...(takenAt && { takenAt }),
  };
}

/** The picture last measured on, decoded once. */
let held: { blob: Blob; grey: Grey } | undefined;
async function wholeOf(blob: Blob): Promise<Grey> {
  if (held?.blob.size !== blob.size || held.blob.type !== blob.type)
    held = { blob, grey: await greyOf(blob, 0) };
  return held.grey;
}
