import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  arc,
  below,
  between,
  boxOf,
  contains,
  curve,
  innerPoint,
  type Line,
  type Point,
  rounded,
  stretch,
  yAt,
} from './geometry';

const square: Line = [
  [0, 0],
  [10, 0],
  [10, 10],
  [0, 10],
];
const slope: Line = [
  [0, 0],
  [10, 20],
  [20, 20],
];
const inBox = fc.tuple(
  fc.double({ min: 0.01, max: 9.99, noNaN: true }),
  fc.double({ min: 0.01, max: 9.99, noNaN: true }),
);

describe('outlines', () => {
  it('know what lies inside them', () => {
    fc.assert(
      fc.property(inBox, ([x, y]) => {
        expect(contains(square, [x, y])).toBe(true);
        expect(contains(square, [x + 10, y])).toBe(false);
        expect(contains(square, [x, y - 10])).toBe(false);
      }),
    );
  });

  it('have a box that holds every point', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.integer(), fc.integer()), { minLength: 1 }), (points) => {
        const box = boxOf(points);
        for (const [x, y] of points) {
          expect(x >= box.x && x <= box.x + box.width).toBe(true);
          expect(y >= box.y && y <= box.y + box.height).toBe(true);
        }
      }),
    );
  });

  it('have an inner point with room around it, in the middle where there is one', () => {
    expect(innerPoint(square)).toEqual({ at: [5, 5], radius: 5 });
    const ring: Point[] = [...arc([0, 0], 10, 0, 180), ...arc([0, 0], 8, 180, 0)];
    const { at, radius } = innerPoint(ring);
    expect(contains(ring, at)).toBe(true);
    expect(radius).toBeLessThanOrEqual(1);
    expect(Math.hypot(...at)).toBeGreaterThan(8);
  });

  it('round their corners without leaving their box', () => {
    const soft = rounded(square, 3);
    expect(boxOf(soft)).toEqual({ x: 0, y: 0, width: 10, height: 10 });
    expect(contains(soft, [0.2, 0.2])).toBe(false);
    expect(contains(soft, [5, 5])).toBe(true);
  });
});

describe('lines from left to right', () => {
  it('give the height at any x, and their ends beyond them', () => {
    expect(yAt(slope, 5)).toBe(10);
    expect(yAt(slope, 15)).toBe(20);
    expect(yAt(slope, -3)).toBe(0);
    expect(yAt(slope, 99)).toBe(20);
  });

  it('are cut exactly', () => {
    expect(stretch(slope, 5, 12)).toEqual([
      [5, 10],
      [10, 20],
      [12, 20],
    ]);
  });

  it('pass through every point they are drawn from', () => {
    const drawn = curve(slope, 4);
    for (const point of slope) expect(drawn).toContainEqual(point);
  });

  it('lie a given distance apart', () => {
    const flat: Line = [
      [0, 5],
      [10, 5],
    ];
    expect(below(flat, 3).map(([, y]) => y)).toEqual([8, 8]);
  });

  it('enclose only where the upper one is above the lower', () => {
    const level: Line = [
      [0, 10],
      [20, 10],
    ];
    const { x, width } = boxOf(between(slope, level, 0, 20));
    expect(x).toBe(0);
    expect(x + width).toBeLessThanOrEqual(5);
  });
});
