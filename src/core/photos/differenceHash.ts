/** A picture in grey, row by row, 0..255. */
export interface Grey {
  width: number;
  height: number;
  data: Uint8Array | Uint8ClampedArray | Float32Array;
}

const COLUMNS = 9;
const ROWS = 8;

/**
 * A fingerprint of what a picture looks like, 64 bits as 16 hexadecimal digits: whether each of 8 × 8 cells is brighter than the one
 * to its right. Copies, smaller ones and recompressed ones differ in few bits. Needs a picture of at least 9 × 8 pixels.
 */
export function differenceHash(grey: Grey): string {
  const cells = Array.from({ length: ROWS }, (_, row) =>
    Array.from({ length: COLUMNS }, (__, column) => meanOf(grey, column, row)),
  );
  let bits = '';
  for (const row of cells)
    for (let i = 0; i < COLUMNS - 1; i++) bits += (row[i] as number) > (row[i + 1] as number) ? '1' : '0';
  return bits.replace(/.{4}/g, (four) => Number.parseInt(four, 2).toString(16));
}

function meanOf({ width, height, data }: Grey, column: number, row: number): number {
  const [x0, x1] = [Math.floor((column * width) / COLUMNS), Math.floor(((column + 1) * width) / COLUMNS)];
  const [y0, y1] = [Math.floor((row * height) / ROWS), Math.floor(((row + 1) * height) / ROWS)];
  let sum = 0;
  for (let y = y0; y < y1; y++) for (let x = x0; x < x1; x++) sum += data[y * width + x] as number;
  return sum / Math.max(1, (x1 - x0) * (y1 - y0));
}

/** Two pictures that differ in no more bits are copies of one: docs/photos.md. */
export const SAME_PICTURE_BITS = 6;

/** In how many of 64 bits two fingerprints differ. */
export function hashDistance(a: string, b: string): number {
  let bits = 0;
  for (let i = 0; i < a.length; i++) {
    let different = Number.parseInt(a[i] as string, 16) ^ Number.parseInt(b[i] as string, 16);
    while (different > 0) {
      bits += different & 1;
      different >>= 1;
    }
  }
  return bits;
}
