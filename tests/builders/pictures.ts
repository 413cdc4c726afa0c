import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import type { Truth } from '../../demo/picture-maker/truth';

export interface Grid {
  width: number;
  height: number;
  /** Values row by row, `channels` to a pixel. */
  data: Float32Array;
  channels: number;
}

const path = (name: string, ending: string) => `demo/pictures/${name}.${ending}`;

export const truthOf = (name: string): Truth => JSON.parse(readFileSync(path(name, 'json'), 'utf8')) as Truth;

/** A demo picture upright, as numbers 0..255; in grey where one channel is asked for. */
export async function pixelsOf(name: string, channels: 1 | 3): Promise<Grid> {
  const upright = sharp(path(name, 'jpg')).rotate();
  const { data, info } = await (channels === 1 ? upright.greyscale() : upright)
    .raw()
    .toBuffer({ resolveWithObject: true });
  return { width: info.width, height: info.height, channels: info.channels, data: Float32Array.from(data) };
}

/** Value between pixels, by straight interpolation; x and y count from the picture's corner, pixel middles at halves. */
export function sample(
  { width, height, channels, data }: Grid,
  x: number,
  y: number,
  channel: number,
): number {
  const px = Math.min(width - 1.001, Math.max(0, x - 0.5));
  const py = Math.min(height - 1.001, Math.max(0, y - 0.5));
  const [i, j] = [Math.floor(px), Math.floor(py)];
  const [u, v] = [px - i, py - j];
  const at = (a: number, b: number) => data[(b * width + a) * channels + channel] as number;
  return (
    (at(i, j) * (1 - u) + at(i + 1, j) * u) * (1 - v) + (at(i, j + 1) * (1 - u) + at(i + 1, j + 1) * u) * v
  );
}

/** Variance of the Laplacian inside a box: high where there is fine detail. */
export function laplacianVariance(
  { width, data }: Grid,
  box: { left: number; top: number; right: number; bottom: number },
): number {
  const values: number[] = [];
  for (let y = Math.round(box.top); y < box.bottom; y++)
    for (let x = Math.round(box.left); x < box.right; x++) {
      const at = (dx: number, dy: number) => data[(y + dy) * width + x + dx] as number;
      values.push(at(-1, 0) + at(1, 0) + at(0, -1) + at(0, 1) - 4 * at(0, 0));
    }
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  return values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length;
}
