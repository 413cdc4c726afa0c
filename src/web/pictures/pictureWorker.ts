import type { Place, Vec2 } from '#core/picture';
import type { Judged, PictureAnswer, PictureTask } from './picture.worker';

let worker: Worker | undefined;
let lastId = 0;
const waiting = new Map<number, (answer: PictureAnswer) => void>();

function ask(
  task: Omit<Extract<PictureTask, { do: 'judge' }>, 'id'> | Omit<Extract<PictureTask, { do: 'snap' }>, 'id'>,
) {
  if (!worker) {
    worker = new Worker(new URL('./picture.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<PictureAnswer>) => {
      waiting.get(data.id)?.(data);
      waiting.delete(data.id);
    };
  }
  const id = ++lastId;
  return new Promise<PictureAnswer>((resolve) => {
    waiting.set(id, resolve);
    worker?.postMessage({ ...task, id });
  });
}

/** Sharpness, light and likeness of a photo; undefined when it cannot be opened here, which is for the server to say. */
export async function judgePhoto(blob: Blob, around?: Place): Promise<Judged | undefined> {
  return (await ask({ do: 'judge', blob, ...(around && { around }) })).judged;
}

/** Corners of a card moved onto the edges seen near them, or as they were. */
export async function snapCorners(
  blob: Blob,
  corners: readonly Vec2[],
  reach: number,
): Promise<readonly Vec2[]> {
  return (await ask({ do: 'snap', blob, corners, reach })).corners ?? corners;
}
