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
});
