import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Vec2 } from './homography';
import {
  CARD_MM,
  type Measured,
  measureOnPicture,
  type PictureMark,
  type PictureScale,
  placingDoubt,
  pointsOf,
  toPlane,
} from './measureOnPicture';

const { width: W, height: H } = CARD_MM;
/** A card seen straight on, so many pixels a millimetre, turned and shifted. */
const cardAt = (perMm: number, turn = 0, at: Vec2 = [0, 0]): PictureScale => {
  const place = ([x, y]: Vec2): Vec2 => [
    at[0] + perMm * (x * Math.cos(turn) - y * Math.sin(turn)),
    at[1] + perMm * (x * Math.sin(turn) + y * Math.cos(turn)),
  ];
  const corners = (
    [
      [0, 0],
      [W, 0],
      [W, H],
      [0, H],
    ] as Vec2[]
  ).map(place);
  return { by: 'card', corners: corners as unknown as [Vec2, Vec2, Vec2, Vec2] };
};
/** A card that leans away: its far side so much shorter, as a camera at a distance of `far` millimetres sees it. */
const leaning = (deg: number, far = 1000, perMm = 4): ((point: Vec2) => Vec2) => {
  const [c, s] = [Math.cos((deg * Math.PI) / 180), Math.sin((deg * Math.PI) / 180)];
  return ([x, y]) => {
    const [dx, dy] = [x - W / 2, y - H / 2];
    const depth = 1 + (dx * s) / far;
    return [1000 + (perMm * dx * c) / depth, 800 + (perMm * dy) / depth];
  };
};
const cardLeaning = (deg: number): PictureScale => ({
  by: 'card',
  corners: (
    [
      [0, 0],
      [W, 0],
      [W, H],
      [0, H],
    ] as Vec2[]
  ).map(leaning(deg)) as unknown as [Vec2, Vec2, Vec2, Vec2],
});
const line = (lengthMm: number, px: number): PictureScale => ({
  by: 'line',
  from: [10, 20],
  to: [10 + px, 20],
  lengthMm,
});
const length = (from: Vec2, to: Vec2): PictureMark => ({ of: 'length', from, to });
const taken = (measured: Measured) => {
  if (!measured.ok) throw new Error(measured.problem);
  return measured;
};
const sizeBy = (scale: PictureScale, mark: PictureMark) => taken(measureOnPicture(scale, mark, 1)).value;
const problemOf = (scale: PictureScale, mark: PictureMark) => {
  const measured = measureOnPicture(scale, mark, 1);
  return measured.ok ? 'measured' : measured.problem;
};
const warningsOf = (scale: PictureScale, mark: PictureMark) =>
  taken(measureOnPicture(scale, mark, 1)).warnings;

describe('a size by a length that is known', () => {
  it('is in proportion: lengths, areas, circles', () => {
    // 100 mm over 250 pixels: 0.4 mm a pixel.
    const scale = line(100, 250);
    expect(sizeBy(scale, length([0, 0], [30, 40]))).toBeCloseTo(20);
    const corners: Vec2[] = [
      [0, 0],
      [50, 0],
      [50, 20],
      [0, 20],
    ];
    expect(sizeBy(scale, { of: 'area', corners })).toBeCloseTo(1000 * 0.16);
    expect(sizeBy(scale, { of: 'area', corners: corners.toReversed() })).toBeCloseTo(160);
    expect(
      sizeBy(scale, {
        of: 'area',
        corners: [
          [0, 0],
          [40, 0],
          [0, 30],
        ],
      }),
    ).toBeCloseTo(600 * 0.16);
    const rim = [0, 1, 2.5, 4].map((a): Vec2 => [300 + 25 * Math.cos(a), 200 + 25 * Math.sin(a)]);
    expect(sizeBy(scale, { of: 'circle', rim })).toBeCloseTo(20);
    expect(sizeBy(scale, { of: 'circle', rim: rim.slice(0, 3) })).toBeCloseTo(20);
  });

  it('has the interval that its four ends give, worked out by hand', () => {
    // v = L·d/p. The ends of the mark move it by L/p a pixel along it, those of the scale by L·d/p²: two of each, 1.5 screen pixels off, 1.96 times.
    for (const [mm, p, d, zoom] of [
      [100, 250, 50, 1],
      [300, 900, 600, 2],
      [12.5, 90, 91, 0.5],
    ] as const) {
      const plusMinus = placingDoubt(line(mm, p), length([5, 5], [5 + d * 0.6, 5 + d * 0.8]), zoom);
      const byHand = ((1.96 * 1.5) / zoom) * Math.SQRT2 * (mm / p) * Math.sqrt(1 + (d / p) ** 2);
      expect(plusMinus).toBeCloseTo(byHand, 4);
    }
  });

  it('of an area has the interval of its corners and its scale', () => {
    // A square of a: each corner moves the area by a/2 along each axis; the scale’s two ends by 2A/p along it.
    const [a, p] = [80, 400];
    const corners: Vec2[] = [
      [0, 0],
      [a, 0],
      [a, a],
      [0, a],
    ];
    const { value } = taken(measureOnPicture(line(p, p), { of: 'area', corners }, 1));
    const plusMinus = placingDoubt(line(p, p), { of: 'area', corners }, 1);
    expect(value).toBeCloseTo(a * a);
    const byHand = 1.96 * 1.5 * Math.sqrt(8 * (a / 2) ** 2 + 2 * ((2 * a * a) / p) ** 2);
    expect(plusMinus).toBeCloseTo(byHand, 2);
  });

  it('always warns that the lean is not known, and below 80 pixels that the scale is small', () => {
    expect(warningsOf(line(100, 80), length([0, 0], [9, 0]))).toEqual(['lean-unknown']);
    expect(warningsOf(line(100, 79), length([0, 0], [9, 0]))).toEqual(['lean-unknown', 'scale-too-small']);
  });

  it('is none without a length', () => {
    const mark = length([0, 0], [9, 0]);
    expect(problemOf(line(100, 0), mark)).toBe('scale-has-no-length');
    expect(problemOf(line(0, 100), mark)).toBe('scale-has-no-length');
    expect(problemOf(line(-5, 100), mark)).toBe('scale-has-no-length');
    expect(problemOf(line(Number.NaN, 100), mark)).toBe('scale-has-no-length');
  });
});

describe('a size by a card', () => {
  it('is right however the card is turned, and however it leans', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 6.28, noNaN: true }),
        fc.double({ min: 2, max: 12, noNaN: true }),
        (turn, perMm) => {
          const scale = cardAt(perMm, turn, [500, 400]);
          expect(sizeBy(scale, length([0, 0], [30 * perMm, 40 * perMm]))).toBeCloseTo(50, 6);
        },
      ),
    );
    for (const deg of [0, 20, 45, 59]) {
      const see = leaning(deg);
      const scale = cardLeaning(deg);
      expect(sizeBy(scale, length(see([120, 10]), see([150, 50])))).toBeCloseTo(50, 6);
      const square = (
        [
          [10, 60],
          [30, 60],
          [30, 90],
          [10, 90],
        ] as Vec2[]
      ).map(see);
      expect(sizeBy(scale, { of: 'area', corners: square })).toBeCloseTo(600, 5);
      const rim = [0, 1.3, 2.6, 3.9, 5.2].map((a) => see([100 + 7 * Math.cos(a), 70 + 7 * Math.sin(a)]));
      expect(sizeBy(scale, { of: 'circle', rim })).toBeCloseTo(14, 6);
    }
  });

  it('leads to the plane and back', () => {
    const map = toPlane(cardAt(4, 0, [100, 50]));
    if (typeof map === 'string') throw new Error(map);
    const [x, y] = map([100 + 4 * 20, 50 + 4 * 30]) as Vec2;
    expect(x).toBeCloseTo(20);
    expect(y).toBeCloseTo(30);
  });

  it('is surer the nearer one looked, and the larger the card', () => {
    const mark = (perMm: number) => length([0, 0], [20 * perMm, 0]);
    const off = (perMm: number, zoom: number) =>
      taken(measureOnPicture(cardAt(perMm), mark(perMm), zoom)).plusMinus as number;
    expect(off(4, 2)).toBeCloseTo(off(4, 1) / 2, 6);
    expect(off(8, 1)).toBeLessThan(off(4, 1) * 0.55);
    expect(off(4, 1)).toBeGreaterThan(0.5);
    expect(off(4, 1)).toBeLessThan(2.5);
  });

  it('is less sure the further from the card, since nobody knows the lens; by a line it says nothing', () => {
    const picture = { width: 1600, height: 1200 };
    const off = (away: number, size?: typeof picture) =>
      taken(
        measureOnPicture(
          cardAt(4, 0, [600, 400]),
          length([600 + 4 * away, 600], [600 + 4 * (away + 20), 600]),
          4,
          size,
        ),
      ).plusMinus as number;
    expect(off(20, picture)).toBeGreaterThan(off(20));
    expect(off(150, picture) / off(150)).toBeGreaterThan(2 * (off(20, picture) / off(20)));
    const line = { by: 'line', from: [0, 0], to: [400, 0], lengthMm: 100 } as const;
    const measured = taken(measureOnPicture(line, length([0, 50], [200, 50]), 1, picture));
    expect(measured.value).toBe(50);
    expect(measured).not.toHaveProperty('plusMinus');
  });

  it('warns of a card seen from too far aside, from 60 degrees', () => {
    const mark = (deg: number) => length(leaning(deg)([20, 20]), leaning(deg)([40, 20]));
    expect(warningsOf(cardLeaning(58), mark(58))).toEqual([]);
    expect(warningsOf(cardLeaning(62), mark(62))).toEqual(['too-oblique']);
  });

  it('warns of a card of under 80 pixels', () => {
    const mark = length([0, 0], [4, 0]);
    expect(warningsOf(cardAt(80.5 / W), mark)).toEqual([]);
    expect(warningsOf(cardAt(79.5 / W), mark)).toEqual(['scale-too-small']);
  });

  it('warns of a fault more than two card lengths off, whichever end is', () => {
    const at = (mm: number): Vec2 => [(W / 2 + mm) * 4, (H / 2) * 4];
    const scale = cardAt(4);
    expect(warningsOf(scale, length(at(0), at(2 * W - 1)))).toEqual([]);
    expect(warningsOf(scale, length(at(0), at(2 * W + 1)))).toEqual(['far-from-scale']);
    expect(warningsOf(scale, length(at(-2 * W - 1), at(0)))).toEqual(['far-from-scale']);
    const down = (mm: number): Vec2 => [(W / 2) * 4, (H / 2 + mm) * 4];
    expect(warningsOf(scale, length(down(0), down(2 * W + 1)))).toEqual(['far-from-scale']);
  });

  it('is none by what is no card: crossed, flat, or bent inwards', () => {
    const mark = length([0, 0], [9, 0]);
    const by = (...corners: Vec2[]): PictureScale => ({
      by: 'card',
      corners: corners as unknown as [Vec2, Vec2, Vec2, Vec2],
    });
    expect(problemOf(by([0, 0], [100, 60], [100, 0], [0, 60]), mark)).toBe('scale-not-a-card');
    expect(problemOf(by([0, 0], [100, 0], [200, 0], [300, 0]), mark)).toBe('scale-not-a-card');
    expect(problemOf(by([0, 0], [100, 0], [20, 20], [0, 100]), mark)).toBe('scale-not-a-card');
    expect(problemOf(by([0, 0], [0, 0], [100, 60], [0, 60]), mark)).toBe('scale-not-a-card');
    // Round the other way it is a card seen in a mirror: still four corners in turn.
    expect(problemOf(by([0, 60], [100, 60], [100, 0], [0, 0]), mark)).toBe('measured');
  });

  it('is none beyond the horizon of a card that leans', () => {
    const see = leaning(60, 60);
    const scale: PictureScale = {
      by: 'card',
      corners: (
        [
          [0, 0],
          [W, 0],
          [W, H],
          [0, H],
        ] as Vec2[]
      ).map(see) as unknown as [Vec2, Vec2, Vec2, Vec2],
    };
    expect(problemOf(scale, length(see([20, 20]), [9000, 800]))).toBe('beyond-the-horizon');
    expect(problemOf(scale, length(see([20, 20]), see([30, 20])))).toBe('measured');
  });
});

describe('what is marked', () => {
  it('needs as many places as its shape has', () => {
    const scale = line(100, 250);
    expect(
      problemOf(scale, {
        of: 'area',
        corners: [
          [0, 0],
          [9, 0],
        ],
      }),
    ).toBe('not-a-shape');
    expect(
      problemOf(scale, {
        of: 'circle',
        rim: [
          [0, 0],
          [9, 0],
        ],
      }),
    ).toBe('not-a-shape');
    expect(
      problemOf(scale, {
        of: 'circle',
        rim: [
          [0, 0],
          [9, 9],
          [18, 18],
        ],
      }),
    ).toBe('not-a-shape');
    expect(
      problemOf(scale, {
        of: 'circle',
        rim: [
          [0, 0],
          [9, 9],
          [18, 0],
        ],
      }),
    ).toBe('measured');
  });

  it('is its points', () => {
    expect(pointsOf(length([1, 2], [3, 4]))).toEqual([
      [1, 2],
      [3, 4],
    ]);
    expect(
      pointsOf({
        of: 'area',
        corners: [
          [1, 1],
          [2, 2],
          [3, 1],
        ],
      }),
    ).toEqual([
      [1, 1],
      [2, 2],
      [3, 1],
    ]);
    expect(
      pointsOf({
        of: 'circle',
        rim: [
          [5, 5],
          [6, 6],
          [7, 5],
        ],
      }),
    ).toEqual([
      [5, 5],
      [6, 6],
      [7, 5],
    ]);
  });

  it('of a circle takes the best of many places on its rim', () => {
    const scale = line(100, 100);
    // Alternately two pixels outside and inside of 50: Kåsa’s circle lies between.
    const rim = Array.from({ length: 12 }, (_, i): Vec2 => {
      const r = 50 + (i % 2 === 0 ? 2 : -2);
      return [400 + r * Math.cos((i * Math.PI) / 6), 300 + r * Math.sin((i * Math.PI) / 6)];
    });
    expect(sizeBy(scale, { of: 'circle', rim })).toBeCloseTo(2 * Math.sqrt(50 ** 2 + 2 ** 2), 6);
  });
});
