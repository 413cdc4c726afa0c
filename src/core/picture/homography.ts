/** A place in a plane: pixels of a picture (x to the right, y down), or millimetres. */
export type Vec2 = readonly [x: number, y: number];

/** Row by row, scaled so that the Frobenius norm is 1. Takes one plane to another: [x, y, 1] up to scale. */
export type Homography = readonly [number, number, number, number, number, number, number, number, number];

type Matrix3 = Homography;

/**
 * Where a homography takes a point; undefined beyond the horizon, where no picture of it can be: there the third coordinate has not
 * the sign it has at the points it was fitted to.
 */
export function project([a, b, c, d, e, f, g, h, i]: Homography, [x, y]: Vec2): Vec2 | undefined {
  const w = g * x + h * y + i;
  if (w <= 0) return undefined;
  return [(a * x + b * y + c) / w, (d * x + e * y + f) / w];
}

/**
 * The homography that takes `from` to `to`, four pairs or more in general position: the normalised direct linear transformation
 * (Hartley and Zisserman, Multiple View Geometry, 2nd ed., algorithm 4.2), then, for more than four, refined by Gauss-Newton on
 * the distances in `to` (algorithm 4.3). Undefined where the points do not settle it: three on a line, or two in one place.
 */
export function fitHomography(from: readonly Vec2[], to: readonly Vec2[]): Homography | undefined {
  if (from.length < 4 || from.length !== to.length) return undefined;
  const [a, b] = [normaliser(from), normaliser(to)];
  if (!a || !b) return undefined;
  const scaled = (t: Matrix3, points: readonly Vec2[]) => points.map((point) => project(t, point) as Vec2);
  const [p, q] = [scaled(a, from), scaled(b, to)];
  if (from.length === 4 && (hasLine(p) || hasLine(q))) return undefined;
  const normal = smallestEigenvector(gram(p, q));
  const first = oriented(normal as unknown as Homography, p);
  if (!first) return undefined;
  const best = from.length > 4 ? refined(first, p, q) : first;
  const back = inverse(b);
  return back && oriented(unit(multiply(multiply(back, best), a)), from);
}

/** The inverse; undefined where a matrix flattens the plane to a line. */
export function inverse([a, b, c, d, e, f, g, h, i]: Matrix3): Homography | undefined {
  const [A, B, C] = [e * i - f * h, f * g - d * i, d * h - e * g];
  const determinant = a * A + b * B + c * C;
  const size = Math.hypot(a, b, c, d, e, f, g, h, i);
  if (Math.abs(determinant) <= 1e-14 * size ** 3) return undefined;
  const m: Matrix3 = [
    A,
    c * h - b * i,
    b * f - c * e,
    B,
    a * i - c * g,
    c * d - a * f,
    C,
    b * g - a * h,
    a * e - b * d,
  ];
  return unit(m.map((value) => value / determinant) as unknown as Matrix3);
}

/** How lengths grow at a point, and how unequally: the singular values of the derivative there, larger first. */
export function stretchAt(m: Homography, at: Vec2): readonly [larger: number, smaller: number] | undefined {
  const [a, b, , d, e, , g, h, i] = m;
  const to = project(m, at);
  if (!to) return undefined;
  const w = g * at[0] + h * at[1] + i;
  const [ux, uy] = [(a - g * to[0]) / w, (b - h * to[0]) / w];
  const [vx, vy] = [(d - g * to[1]) / w, (e - h * to[1]) / w];
  const sum = ux * ux + uy * uy + vx * vx + vy * vy;
  const area = Math.abs(ux * vy - uy * vx);
  const spread = Math.sqrt(Math.max(0, sum * sum - 4 * area * area));
  return [Math.sqrt((sum + spread) / 2), Math.sqrt(Math.max(0, (sum - spread) / 2))];
}

/** Moves the middle of the points to 0, 0 and their mean distance from it to √2, so that the equations are well scaled. */
function normaliser(points: readonly Vec2[]): Matrix3 | undefined {
  const n = points.length;
  const [cx, cy] = [
    points.reduce((sum, [x]) => sum + x, 0) / n,
    points.reduce((sum, [, y]) => sum + y, 0) / n,
  ];
  const far = points.reduce((sum, [x, y]) => sum + Math.hypot(x - cx, y - cy), 0) / n;
  if (!(far > 0)) return undefined;
  const s = Math.SQRT2 / far;
  return [s, 0, -s * cx, 0, s, -s * cy, 0, 0, 1];
}

/** Normalised points whose triangle has less area than this lie on a line. */
const FLAT = 1e-6;

function hasLine(points: readonly Vec2[]): boolean {
  for (let i = 0; i < points.length; i++)
    for (let j = i + 1; j < points.length; j++)
      for (let k = j + 1; k < points.length; k++) {
        const [a, b, c] = [points[i], points[j], points[k]] as [Vec2, Vec2, Vec2];
        if (Math.abs((b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1])) < FLAT) return true;
      }
  return false;
}

/** AᵀA of the linear equations, 9 × 9. */
function gram(from: readonly Vec2[], to: readonly Vec2[]): number[][] {
  const sum = Array.from({ length: 9 }, () => new Array<number>(9).fill(0));
  from.forEach(([x, y], n) => {
    const [u, v] = to[n] as Vec2;
    for (const row of [
      [-x, -y, -1, 0, 0, 0, u * x, u * y, u],
      [0, 0, 0, -x, -y, -1, v * x, v * y, v],
    ])
      for (let i = 0; i < 9; i++)
        for (let j = 0; j < 9; j++)
          (sum[i] as number[])[j] = (sum[i]?.[j] as number) + (row[i] as number) * (row[j] as number);
  });
  return sum;
}

/** Sweeps of Jacobi rotations; a 9 × 9 matrix settles in six or so. */
const MOST_SWEEPS = 30;

/** Eigenvector of the smallest eigenvalue of a symmetric matrix, by cyclic Jacobi rotations (Golub and Van Loan, 8.5). */
function smallestEigenvector(symmetric: readonly (readonly number[])[]): number[] {
  const n = symmetric.length;
  const m = symmetric.map((row) => [...row]);
  const vectors = m.map((_, i) => m.map((__, j) => Number(i === j)));
  const at = (list: number[][], i: number, j: number) => list[i]?.[j] as number;
  for (let sweep = 0; sweep < MOST_SWEEPS; sweep++) {
    let off = 0;
    for (let p = 0; p < n; p++)
      for (let q = p + 1; q < n; q++) {
        const apq = at(m, p, q);
        off += apq * apq;
        if (apq === 0) continue;
        const theta = (at(m, q, q) - at(m, p, p)) / (2 * apq);
        const t = (theta >= 0 ? 1 : -1) / (Math.abs(theta) + Math.sqrt(theta * theta + 1));
        const c = 1 / Math.sqrt(t * t + 1);
        const s = t * c;
        for (let k = 0; k < n; k++) rotate(m[k] as number[], p, q, c, s);
        const [rowP, rowQ] = [m[p], m[q]] as [number[], number[]];
        for (let k = 0; k < n; k++) {
          const [x, y] = [rowP[k] as number, rowQ[k] as number];
          rowP[k] = c * x - s * y;
          rowQ[k] = s * x + c * y;
        }
        for (let k = 0; k < n; k++) rotate(vectors[k] as number[], p, q, c, s);
      }
    if (off < 1e-30) break;
  }
  let least = 0;
  for (let i = 1; i < n; i++) if (at(m, i, i) < at(m, least, least)) least = i;
  return vectors.map((row) => row[least] as number);
}

function rotate(row: number[], p: number, q: number, c: number, s: number): void {
  const [x, y] = [row[p] as number, row[q] as number];
  row[p] = c * x - s * y;
  row[q] = s * x + c * y;
}

/** Steps of refinement; it settles in two or three. */
const MOST_STEPS = 12;

/** Gauss-Newton on the distances in the second plane, with a little damping. */
function refined(start: Homography, from: readonly Vec2[], to: readonly Vec2[]): Homography {
  let best = start;
  let error = squaredDistances(best, from, to);
  let damping = 1e-6;
  for (let step = 0; step < MOST_STEPS; step++) {
    const change = stepOf(best, from, to, damping);
    if (!change) break;
    const next = oriented(
      unit(best.map((value, i) => value + (change[i] as number)) as unknown as Homography),
      from,
    );
    const nextError = next ? squaredDistances(next, from, to) : Number.POSITIVE_INFINITY;
    if (next && nextError < error) {
      const gained = error - nextError;
      [best, error, damping] = [next, nextError, damping / 4];
      if (gained < 1e-14 * (1 + error)) break;
    } else damping *= 16;
  }
  return best;
}

function squaredDistances(m: Homography, from: readonly Vec2[], to: readonly Vec2[]): number {
  return from.reduce((sum, point, i) => {
    const at = project(m, point);
    const [u, v] = to[i] as Vec2;
    return at ? sum + (at[0] - u) ** 2 + (at[1] - v) ** 2 : Number.POSITIVE_INFINITY;
  }, 0);
}

function stepOf(
  m: Homography,
  from: readonly Vec2[],
  to: readonly Vec2[],
  damping: number,
): number[] | undefined {
  const normal = Array.from({ length: 9 }, () => new Array<number>(9).fill(0));
  const right = new Array<number>(9).fill(0);
  for (const [n, [x, y]] of from.entries()) {
    const at = project(m, [x, y]);
    if (!at) return undefined;
    const w = m[6] * x + m[7] * y + m[8];
    const [u, v] = to[n] as Vec2;
    const rows: [number[], number][] = [
      [[x / w, y / w, 1 / w, 0, 0, 0, (-at[0] * x) / w, (-at[0] * y) / w, -at[0] / w], u - at[0]],
      [[0, 0, 0, x / w, y / w, 1 / w, (-at[1] * x) / w, (-at[1] * y) / w, -at[1] / w], v - at[1]],
    ];
    for (const [row, residual] of rows)
      for (let i = 0; i < 9; i++) {
        right[i] = (right[i] as number) + (row[i] as number) * residual;
        for (let j = 0; j < 9; j++)
          (normal[i] as number[])[j] = (normal[i]?.[j] as number) + (row[i] as number) * (row[j] as number);
      }
  }
  // The scale of the matrix is free: hold it by moving only across the matrix itself.
  for (let i = 0; i < 9; i++)
    for (let j = 0; j < 9; j++)
      (normal[i] as number[])[j] =
        (normal[i]?.[j] as number) + (m[i] as number) * (m[j] as number) + (i === j ? damping : 0);
  return solve(normal, right);
}

/** Solves a small system by elimination with row exchanges; undefined where it has no one answer. */
function solve(matrix: number[][], right: readonly number[]): number[] | undefined {
  const n = right.length;
  const rows = matrix.map((row, i) => [...row, right[i] as number]);
  for (let column = 0; column < n; column++) {
    let pivot = column;
    for (let i = column + 1; i < n; i++)
      if (Math.abs(rows[i]?.[column] as number) > Math.abs(rows[pivot]?.[column] as number)) pivot = i;
    const lead = rows[pivot] as number[];
    if (Math.abs(lead[column] as number) < 1e-14) return undefined;
    [rows[column], rows[pivot]] = [lead, rows[column] as number[]];
    for (let i = 0; i < n; i++) {
      if (i === column) continue;
      const row = rows[i] as number[];
      const share = (row[column] as number) / (lead[column] as number);
      for (let j = column; j <= n; j++) row[j] = (row[j] as number) - share * (lead[j] as number);
    }
  }
  return rows.map((row, i) => (row[n] as number) / (row[i] as number));
}

/** The same map with its third coordinate positive at the points it was fitted to; undefined when its horizon runs between them. */
function oriented(m: Homography, points: readonly Vec2[]): Homography | undefined {
  const sides = points.map(([x, y]) => Math.sign(m[6] * x + m[7] * y + m[8]));
  const [side] = sides;
  if (!side || sides.some((each) => each !== side)) return undefined;
  return side > 0 ? m : (m.map((value) => -value) as unknown as Homography);
}

function unit(m: Matrix3): Homography {
  const size = Math.hypot(...m);
  return m.map((value) => value / size) as unknown as Homography;
}

function multiply(p: Matrix3, q: Matrix3): Matrix3 {
  const out: number[] = [];
  for (let i = 0; i < 3; i++)
    for (let j = 0; j < 3; j++)
      out.push(
        (p[3 * i] as number) * (q[j] as number) +
          (p[3 * i + 1] as number) * (q[3 + j] as number) +
          (p[3 * i + 2] as number) * (q[6 + j] as number),
      );
  return out as unknown as Matrix3;
}
