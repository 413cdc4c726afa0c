/** Size of what is marked on a grid. */
export interface Extent {
  /** Along and across the direction in which it is longest. */
  lengthMm: number;
  widthMm: number;
  areaMm2: number;
  /** Pieces that do not touch. */
  count: number;
  /** Longest extent of the largest piece. */
  largestMm: number;
}

/** Measures a mask: extents along its own main axis, area, and its separate pieces. Sizes in millimetres. */
export function measureMask(mask: Uint8Array, columns: number, rows: number, mmPerPixel: number): Extent {
  const points: [number, number][] = [];
  for (let j = 0; j < rows; j++)
    for (let i = 0; i < columns; i++) if (mask[j * columns + i]) points.push([i, j]);
  if (points.length === 0) return { lengthMm: 0, widthMm: 0, areaMm2: 0, count: 0, largestMm: 0 };
  const whole = extents(points);
  const pieces = piecesOf(mask, columns, rows).filter((piece) => piece.length > 4);
  return {
    lengthMm: round(whole.along * mmPerPixel),
    widthMm: round(whole.across * mmPerPixel),
    areaMm2: round(points.length * mmPerPixel ** 2),
    count: pieces.length,
    largestMm: round(Math.max(0, ...pieces.map((piece) => extents(piece).along)) * mmPerPixel),
  };
}

const round = (value: number) => Math.round(value * 10) / 10;

function extents(points: readonly (readonly [number, number])[]): { along: number; across: number } {
  const n = points.length;
  const mx = points.reduce((sum, [x]) => sum + x, 0) / n;
  const my = points.reduce((sum, [, y]) => sum + y, 0) / n;
  let [xx, xy, yy] = [0, 0, 0];
  for (const [x, y] of points) {
    xx += (x - mx) ** 2;
    xy += (x - mx) * (y - my);
    yy += (y - my) ** 2;
  }
  const angle = 0.5 * Math.atan2(2 * xy, xx - yy);
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  let [a0, a1, b0, b1] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const [x, y] of points) {
    const a = x * c + y * s;
    const b = -x * s + y * c;
    a0 = Math.min(a0, a);
    a1 = Math.max(a1, a);
    b0 = Math.min(b0, b);
    b1 = Math.max(b1, b);
  }
  return { along: a1 - a0 + 1, across: b1 - b0 + 1 };
}

function piecesOf(mask: Uint8Array, columns: number, rows: number): [number, number][][] {
  const seen = new Uint8Array(mask.length);
  const pieces: [number, number][][] = [];
  for (let start = 0; start < mask.length; start++) {
    if (!mask[start] || seen[start]) continue;
    const piece: [number, number][] = [];
    const open = [start];
    seen[start] = 1;
    while (open.length > 0) {
      const index = open.pop() as number;
      const [i, j] = [index % columns, Math.floor(index / columns)];
      piece.push([i, j]);
      for (const [di, dj] of [
        [1, 0],
        [-1, 0],
        [0, 1],
        [0, -1],
      ] as const) {
        const [ni, nj] = [i + di, j + dj];
        const next = nj * columns + ni;
        if (ni < 0 || nj < 0 || ni >= columns || nj >= rows || !mask[next] || seen[next]) continue;
        seen[next] = 1;
        open.push(next);
      }
    }
    pieces.push(piece);
  }
  return pieces;
}
