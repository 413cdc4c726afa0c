import type { Grey } from '#core/photos';

/** A picture in grey, upright, its longer side at most `side` pixels (0 for as it is). Runs in a worker. Throws when it is no picture. */
export async function greyOf(blob: Blob, side: number): Promise<Grey> {
  const whole = await createImageBitmap(blob, { imageOrientation: 'from-image' });
  const grey = greyOfImage(whole, side);
  whole.close();
  return grey;
}

/** What was drawn on last: most pictures of a walk are judged at one size. A whole one is not held on to. */
let scratch: OffscreenCanvas | undefined;

/** The same of what is decoded already. */
export function greyOfImage(whole: ImageBitmap | OffscreenCanvas, side: number): Grey {
  const scale = side > 0 ? Math.min(1, side / Math.max(whole.width, whole.height)) : 1;
  const [width, height] = [Math.round(whole.width * scale), Math.round(whole.height * scale)];
  const isHere = scratch?.width === width && scratch.height === height;
  const canvas = (isHere && scratch) || new OffscreenCanvas(width, height);
  if (side > 0) scratch = canvas;
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) throw new Error('No room to draw the picture.');
  context.imageSmoothingQuality = 'medium';
  context.drawImage(whole, 0, 0, width, height);
  const { data } = context.getImageData(0, 0, width, height);
  const grey = new Uint8Array(width * height);
  // Luma by the weights of ITU-R BT.601, in 256ths.
  for (let i = 0, j = 0; i < grey.length; i++, j += 4)
    grey[i] = (77 * (data[j] as number) + 150 * (data[j + 1] as number) + 29 * (data[j + 2] as number)) >> 8;
  return { width, height, data: grey };
}
