import fc from 'fast-check';
import { Matrix, SVD } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { fitHomography, type Homography, inverse, project, stretchAt, type Vec2 } from './homography';

const near = fc.double({ min: -0.25, max: 0.25, noNaN: true });
/** A camera's view of a plane about 100 mm across: a gentle perspective on a turn, a scale and a shift. */
const views: fc.Arbitrary<Homography> = fc
  .tuple(
    fc.double({ min: 0, max: 6.28, noNaN: true }),
    fc.double({ min: 2, max: 12, noNaN: true }),
    near,
    near,
  )
  .map(([turn, scale, lean, tip]) => {
    const [c, s] = [Math.cos(turn) * scale, Math.sin(turn) * scale];
    const [l, t] = [lean / 100, tip / 100];
    // Shifted after the perspective: else the shift is drawn together with the plane, and a card becomes a sliver.
    return [c + 900 * l, -s + 900 * t, 900, s + 700 * l, c + 700 * t, 700, l, t, 1] as const;
  });
const square: readonly Vec2[] = [
  [0, 0],
  [85.6, 0],
  [85.6, 53.98],
  [0, 53.98],
];
const seen = (m: Homography, points: readonly Vec2[]) => points.map((point) => project(m, point) as Vec2);

/** The textbook way, by another library: the right singular vector of the smallest singular value of the same equations. */
function bySvd(from: readonly Vec2[], to: readonly Vec2[]): Homography {
  const rows = from.flatMap(([x, y], i) => {
    const [u, v] = to[i] as Vec2;
    return [
      [-x, -y, -1, 0, 0, 0, u * x, u * y, u],
      [0, 0, 0, -x, -y, -1, v * x, v * y, v],
    ];
  });
  // A row of noughts makes the system square, so that all nine vectors are computed.
  while (rows.length < 9) rows.push(new Array<number>(9).fill(0));
  const h = new SVD(new Matrix(rows), { autoTranspose: true }).rightSingularVectors.getColumn(8);
  return h as unknown as Homography;
}

describe('a homography', () => {
  it('is found again from four points, whatever the view', () => {
    fc.assert(
      fc.property(views, (view) => {
        const found = fitHomography(square, seen(view, square));
        if (!found) throw new Error('not found');
        for (const point of [
          [40, 20],
          [-30, 60],
          [120, -10],
        ] as const) {
          const [a, b] = [project(view, point) as Vec2, project(found, point) as Vec2];
          expect(Math.hypot(a[0] - b[0], a[1] - b[1])).toBeLessThan(1e-4);
        }
      }),
    );
  });

  it('agrees with an independent solver (singular value decomposition, ml-matrix) to one part in a million', () => {
    fc.assert(
      fc.property(views, fc.array(near, { minLength: 8, maxLength: 8 }), (view, noise) => {
        const to = seen(view, square).map(
          ([x, y], i): Vec2 => [x + 8 * (noise[2 * i] as number), y + 8 * (noise[2 * i + 1] as number)],
        );
        const [ours, theirs] = [fitHomography(square, to), bySvd(square, to)];
        if (!ours) throw new Error('not found');
        const sign = Math.sign(theirs[6] * 40 + theirs[7] * 20 + theirs[8]);
        const back = theirs.map((value) => sign * value) as unknown as Homography;
        for (const point of [
          [10, 10],
          [70, 40],
        ] as const) {
          const [a, b] = [project(ours, point) as Vec2, project(back, point) as Vec2];
          expect(Math.hypot(a[0] - b[0], a[1] - b[1]) / Math.hypot(...a)).toBeLessThan(1e-6);
        }
      }),
      { numRuns: 200 },
    );
  });

  it('fits more than four better than the linear answer alone, and never worse', () => {
    const grid = [0, 30, 60, 90].flatMap((x) => [0, 25, 50].map((y): Vec2 => [x, y]));
    fc.assert(
      fc.property(views, fc.array(near, { minLength: 24, maxLength: 24 }), (view, noise) => {
        const to = seen(view, grid).map(
          ([x, y], i): Vec2 => [x + 6 * (noise[2 * i] as number), y + 6 * (noise[2 * i + 1] as number)],
        );
        const off = (m: Homography) =>
          grid.reduce((sum, point, i) => {
            const at = project(m, point) ?? [1e9, 1e9];
            return sum + (at[0] - (to[i] as Vec2)[0]) ** 2 + (at[1] - (to[i] as Vec2)[1]) ** 2;
          }, 0);
        const found = fitHomography(grid, to);
        if (!found) throw new Error('not found');
        expect(off(found)).toBeLessThanOrEqual(off(view) + 1e-6);
      }),
      { numRuns: 100 },
    );
  });

  it('has an inverse that leads back', () => {
    fc.assert(
      fc.property(views, (view) => {
        const back = inverse(view);
        if (!back) throw new Error('no inverse');
        const there = project(view, [33, 44]) as Vec2;
        const [x, y] =
          project(back, there) ?? (project(back.map((v) => -v) as unknown as Homography, there) as Vec2);
        expect(x).toBeCloseTo(33, 6);
        expect(y).toBeCloseTo(44, 6);
      }),
    );
  });

  it('is not guessed from points on a line, in one place, or too few', () => {
    const line = [0, 1, 2, 3].map((x): Vec2 => [x, 2 * x]);
    expect(fitHomography(square, line)).toBeUndefined();
    expect(fitHomography(square, [line[0], line[0], line[0], line[0]] as Vec2[])).toBeUndefined();
    expect(fitHomography(square.slice(0, 3), square.slice(0, 3))).toBeUndefined();
  });

  it('tells how lengths grow: a turn keeps them, a lean shortens one way', () => {
    const turn: Homography = [0, -3, 5, 3, 0, 7, 0, 0, 1];
    expect(stretchAt(turn, [1, 1])).toEqual([3, 3]);
    const lean: Homography = [2, 0, 0, 0, 1, 0, 0, 0, 1];
    expect(stretchAt(lean, [4, 4])).toEqual([2, 1]);
  });

  it('is the textbook matrix, and has the textbook inverse, where both can be worked out by hand', () => {
    // Twice as large, moved by 5 and 7.
    const m: Homography = [2, 0, 5, 0, 2, 7, 0, 0, 1];
    const points: Vec2[] = [
      [0, 0],
      [10, 0],
      [10, 4],
      [0, 4],
    ];
    const found = fitHomography(points, seen(m, points)) as Homography;
    const scale = found[8];
    expect(scale).toBeGreaterThan(0);
    for (const [i, value] of found.entries()) expect(value / scale).toBeCloseTo(m[i] as number, 9);
    expect(Math.hypot(...found)).toBeCloseTo(1, 12);
    const back = inverse(m) as Homography;
    const by = [0.5, 0, -2.5, 0, 0.5, -3.5, 0, 0, 1];
    for (const [i, value] of back.entries()) expect(value / back[8]).toBeCloseTo(by[i] as number, 9);
    expect(Math.hypot(...back)).toBeCloseTo(1, 12);
  });

  it('times its inverse is no change, for any view', () => {
    fc.assert(
      fc.property(views, (view) => {
        const back = inverse(view) as Homography;
        const product = [0, 1, 2].map((i) =>
          [0, 1, 2].map((j) =>
            [0, 1, 2].reduce((sum, k) => sum + (view[3 * i + k] as number) * (back[3 * k + j] as number), 0),
          ),
        );
        const one = product[0]?.[0] as number;
        for (const [i, row] of product.entries())
          for (const [j, value] of row.entries()) expect(value / one).toBeCloseTo(i === j ? 1 : 0, 6);
      }),
    );
  });

  it('has no inverse where it flattens the plane', () => {
    expect(inverse([1, 2, 3, 2, 4, 6, 0, 0, 1])).toBeUndefined();
    expect(inverse([0, 0, 0, 0, 0, 0, 0, 0, 0])).toBeUndefined();
    expect(inverse([1e-6, 0, 0, 0, 1e-6, 0, 0, 0, 1e-6])).toBeDefined();
  });

  it('ends at its horizon', () => {
    const m: Homography = [1, 0, 0, 0, 1, 0, -0.01, 0, 1];
    expect(project(m, [50, 20])).toEqual([100, 40]);
    expect(project(m, [100, 0])).toBeUndefined();
    expect(project(m, [150, 0])).toBeUndefined();
    expect(stretchAt(m, [150, 0])).toBeUndefined();
  });

  it('stretches as its derivative says, told by small steps', () => {
    fc.assert(
      fc.property(views, fc.integer({ min: 0, max: 80 }), fc.integer({ min: 0, max: 50 }), (view, x, y) => {
        const step = 1e-4;
        const here = project(view, [x, y]) as Vec2;
        const along = Array.from({ length: 720 }, (_, i) => {
          const a = (i * Math.PI) / 720;
          const to = project(view, [x + step * Math.cos(a), y + step * Math.sin(a)]) as Vec2;
          return Math.hypot(to[0] - here[0], to[1] - here[1]) / step;
        });
        const [larger, smaller] = stretchAt(view, [x, y]) as [number, number];
        expect(larger / Math.max(...along)).toBeCloseTo(1, 3);
        expect(smaller / Math.min(...along)).toBeCloseTo(1, 3);
      }),
      { numRuns: 40 },
    );
  });

  it('is fitted to many points as well as small changes of it can tell', () => {
    const grid = [0, 30, 60, 90].flatMap((x) => [0, 25, 50].map((y): Vec2 => [x, y]));
    const view: Homography = [4, 0.5, 900, -0.3, 4, 700, 0.0004, -0.0006, 1];
    const noise = [0.3, -0.2, 0.1, 0.4, -0.3, 0.2, -0.1, 0.35, -0.25, 0.15, 0.05, -0.4];
    const to = seen(view, grid).map(
      ([x, y], i): Vec2 => [x + (noise[i % 12] as number), y - (noise[(i + 5) % 12] as number)],
    );
    const off = (m: Homography) =>
      grid.reduce((sum, point, i) => {
        const [u, v] = project(m, point) as Vec2;
        return sum + (u - (to[i] as Vec2)[0]) ** 2 + (v - (to[i] as Vec2)[1]) ** 2;
      }, 0);
    const found = fitHomography(grid, to) as Homography;
    const least = off(found);
    // No coefficient can be moved a little to make it better: it lies at the bottom.
    for (let i = 0; i < 9; i++)
      for (const by of [1e-5, -1e-5]) {
        const moved = found.map((value, j) =>
          i === j ? value + by * (Math.abs(value) + 1e-9) : value,
        ) as unknown as Homography;
        expect(off(moved)).toBeGreaterThanOrEqual(least - 1e-9);
      }
    expect(least).toBeLessThan(3);
  });

  it('of four points with three on a line is not guessed on either side', () => {
    const bent: Vec2[] = [
      [0, 0],
      [10, 0],
      [20, 0],
      [0, 20],
    ];
    expect(fitHomography(bent, square)).toBeUndefined();
    expect(fitHomography(square, bent)).toBeUndefined();
    // Nearly on a line is settled.
    const nearly: Vec2[] = [
      [0, 0],
      [10, -1],
      [20, 0],
      [10, 20],
    ];
    expect(fitHomography(nearly, square)).toBeDefined();
    expect(fitHomography(square, square.slice(0, 3))).toBeUndefined();
    expect(fitHomography([...square, [50, 20]], square)).toBeUndefined();
  });
});
