import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import type { Vec2 } from '#core/picture';

/**
 * Real pictures of a board of known squares: those that come with Debian's `opencv-doc`, thirteen views of a chessboard of 9 × 6 inner corners and
 * 25 mm squares by one camera, with that camera and its places as its authors calibrated them (left_intrinsics.yml).
 */
const folder = '/usr/share/doc/opencv-doc/examples/data';
const files = [1, 2, 3, 4, 5, 6, 7, 8, 9, 11, 12, 13, 14].map((n) => `left${String(n).padStart(2, '0')}.jpg`);

/** Why the pictures cannot be used here; undefined when they can. */
export const boardMissing = (): string | undefined =>
  ['left_intrinsics.yml', ...files].every((name) => existsSync(join(folder, name)))
    ? undefined
    : `the pictures of Debian's opencv-doc are not in ${folder}`;

export const COLUMNS = 9;
export const ROWS = 6;

interface Camera {
  focal: number;
  centre: Vec2;
  /** k1, k2, p1, p2, k3. */
  bends: readonly [number, number, number, number, number];
}

export interface BoardView {
  name: string;
  size: { width: number; height: number };
  squareMm: number;
  /** Where each inner corner is on the picture, row by row: found in the picture's own pixels. */
  corners: readonly Vec2[];
  /** The same as a lens without bends would have drawn them. */
  straight: readonly Vec2[];
  /** How far the corners found lie from where the calibration puts them, pixels, in the mean. */
  offPx: number;
}

const numbersOf = (text: string, name: string): number[] =>
  (new RegExp(`${name}: !!opencv-matrix[^[]*\\[([^\\]]*)\\]`).exec(text)?.[1] ?? '').split(',').map(Number);

/** Every view, its corners found to a part of a pixel. */
export async function boardViews(): Promise<BoardView[]> {
  const text = readFileSync(join(folder, 'left_intrinsics.yml'), 'utf8');
  const [fx = 0, , cx = 0, , , cy = 0] = numbersOf(text, 'camera_matrix');
  const bends = numbersOf(text, 'distortion_coefficients') as unknown as Camera['bends'];
  const camera: Camera = { focal: fx, centre: [cx, cy], bends };
  const squareMm = Number(/square_size: (\S+)/.exec(text)?.[1]) * 1000;
  const placed = numbersOf(text, 'extrinsic_parameters');
  return Promise.all(
    files.map(async (name, view): Promise<BoardView> => {
      const { data, info } = await sharp(join(folder, name))
        .greyscale()
        .raw()
        .toBuffer({ resolveWithObject: true });
      const [rx = 0, ry = 0, rz = 0, tx = 0, ty = 0, tz = 0] = placed.slice(6 * view, 6 * view + 6);
      const turn = rotation([rx, ry, rz]);
      const foretold = Array.from({ length: COLUMNS * ROWS }, (_, i): Vec2 => {
        const [x, y] = [((i % COLUMNS) * squareMm) / 1000, (Math.floor(i / COLUMNS) * squareMm) / 1000];
        const at = [0, 1, 2].map(
          (row) => (turn[row]?.[0] ?? 0) * x + (turn[row]?.[1] ?? 0) * y + ([tx, ty, tz][row] ?? 0),
        ) as [number, number, number];
        return drawn(camera, [at[0] / at[2], at[1] / at[2]]);
      });
      const corners = foretold.map((guess) => saddleNear(data, info.width, info.height, guess));
      const off = corners.map(([x, y], i) =>
        Math.hypot(x - (foretold[i]?.[0] ?? 0), y - (foretold[i]?.[1] ?? 0)),
      );
      return {
        name,
        size: { width: info.width, height: info.height },
        squareMm,
        corners,
        straight: corners.map((corner) => straightened(camera, corner)),
        offPx: off.reduce((sum, each) => sum + each, 0) / off.length,
      };
    }),
  );
}

/** Rodrigues' formula: the rotation by a vector's length about it. */
function rotation([x, y, z]: readonly [number, number, number]): number[][] {
  const angle = Math.hypot(x, y, z);
  const [a, b, c] = [x / angle, y / angle, z / angle];
  const [s, k] = [Math.sin(angle), 1 - Math.cos(angle)];
  return [
    [1 - k * (b * b + c * c), k * a * b - s * c, k * a * c + s * b],
    [k * a * b + s * c, 1 - k * (a * a + c * c), k * b * c - s * a],
    [k * a * c - s * b, k * b * c + s * a, 1 - k * (a * a + b * b)],
  ];
}

/** Where the lens draws a direction: the model of Brown (1966) and Conrady (1919), as OpenCV's documentation prints it. */
function drawn({ focal, centre, bends: [k1, k2, p1, p2, k3] }: Camera, [x, y]: Vec2): Vec2 {
  const r2 = x * x + y * y;
  const out = 1 + r2 * (k1 + r2 * (k2 + r2 * k3));
  return [
    centre[0] + focal * (x * out + 2 * p1 * x * y + p2 * (r2 + 2 * x * x)),
    centre[1] + focal * (y * out + p1 * (r2 + 2 * y * y) + 2 * p2 * x * y),
  ];
}

/** Where a lens without bends would have drawn it: turned back step by step. */
function straightened(camera: Camera, pixel: Vec2): Vec2 {
  const { focal, centre } = camera;
  const wanted: Vec2 = [(pixel[0] - centre[0]) / focal, (pixel[1] - centre[1]) / focal];
  let [x, y] = wanted;
  for (let i = 0; i < 30; i++) {
    const [u, v] = drawn(camera, [x, y]);
    x += wanted[0] - (u - centre[0]) / focal;
    y += wanted[1] - (v - centre[1]) / focal;
  }
  return [centre[0] + focal * x, centre[1] + focal * y];
}

const HALF = 5;

/** The corner near a place: where the gradients round it are square to the way there (Förstner and Gülch, 1987), sought again from what was found. */
function saddleNear(grey: Buffer, width: number, height: number, guess: Vec2): Vec2 {
  const value = (x: number, y: number) => {
    const [i, j] = [Math.floor(x), Math.floor(y)];
    const [u, v] = [x - i, y - j];
    const at = (dx: number, dy: number) =>
      grey[
        Math.min(height - 1, Math.max(0, j + dy)) * width + Math.min(width - 1, Math.max(0, i + dx))
      ] as number;
    return (at(0, 0) * (1 - u) + at(1, 0) * u) * (1 - v) + (at(0, 1) * (1 - u) + at(1, 1) * u) * v;
  };
  let [cx, cy] = guess;
  for (let round = 0; round < 20; round++) {
    let [a, b, c, p, q] = [0, 0, 0, 0, 0];
    for (let dy = -HALF; dy <= HALF; dy++)
      for (let dx = -HALF; dx <= HALF; dx++) {
        const [x, y] = [cx + dx, cy + dy];
        const gx = value(x + 1, y) - value(x - 1, y);
        const gy = value(x, y + 1) - value(x, y - 1);
        const weight = Math.exp(-(dx * dx + dy * dy) / (HALF * HALF));
        a += weight * gx * gx;
        b += weight * gx * gy;
        c += weight * gy * gy;
        p += weight * (gx * gx * x + gx * gy * y);
        q += weight * (gx * gy * x + gy * gy * y);
      }
    const determinant = a * c - b * b;
    const [nx, ny] = [(c * p - b * q) / determinant, (a * q - b * p) / determinant];
    if (!Number.isFinite(nx) || Math.hypot(nx - guess[0], ny - guess[1]) > HALF) return guess;
    const moved = Math.hypot(nx - cx, ny - cy);
    [cx, cy] = [nx, ny];
    if (moved < 0.005) break;
  }
  return [cx, cy];
}
