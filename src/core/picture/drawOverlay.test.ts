import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drawOverlay, overlaySvg } from './drawOverlay';
import type { Vec2 } from './homography';
import { orderCorners } from './orderCorners';
import type { Overlay } from './overlay';

const shareOf = fc.double({ min: 0, max: 1, noNaN: true });

describe('what is drawn over a picture', () => {
  it('covers at least what a box says, and never leaves the picture', () => {
    fc.assert(
      fc.property(
        shareOf,
        shareOf,
        shareOf,
        shareOf,
        fc.integer({ min: 40, max: 4000 }),
        fc.integer({ min: 40, max: 4000 }),
        (x, y, w, h, width, height) => {
          const box = {
            x,
            y,
            width: Math.min(w, 1 - x),
            height: Math.min(h, 1 - y),
            hides: 'plate' as const,
          };
          const { boxes } = drawOverlay({ boxes: [box] }, width, height);
          const [left, top, wide, high] = [
            ...overlaySvg(boxes).matchAll(/(?:x|y|width|height)="(-?\d+)"/g),
          ].map((m) => Number(m[1])) as [number, number, number, number];
          expect(left).toBeLessThanOrEqual(x * width);
          expect(top).toBeLessThanOrEqual(y * height);
          expect(left + wide + 1e-6).toBeGreaterThanOrEqual((x + box.width) * width - 1e-6);
          expect(top + high + 1e-6).toBeGreaterThanOrEqual((y + box.height) * height - 1e-6);
          expect(left).toBeGreaterThanOrEqual(0);
          expect(left + wide).toBeLessThanOrEqual(width);
          expect(top + high).toBeLessThanOrEqual(height);
        },
      ),
    );
  });

  it('keeps words apart from shapes, and puts a spot’s number where there is room', () => {
    const drawn = drawOverlay(
      {
        marks: [
          { kind: 'text', at: { x: 0.1, y: 0.1 }, label: 'a <b>' },
          { kind: 'line', from: { x: 0.2, y: 0.5 }, to: { x: 0.6, y: 0.5 }, label: '42 mm' },
        ],
        spots: [
          { number: 3, at: { x: 0.99, y: 0.5 } },
          { number: 4, at: { x: 0.1, y: 0.5 } },
        ],
      },
      1000,
      800,
    );
    expect(drawn.texts.map(({ text }) => text)).toEqual(['a <b>', '42 mm', '3', '4']);
    expect(overlaySvg(drawn.shapes)).not.toContain('<b>');
    expect(drawn.texts[2]?.x).toBeLessThan(990);
    expect(drawn.texts[3]?.x).toBeGreaterThan(100);
    // The length stands clear of its line, above it.
    expect(drawn.texts[1]?.y).toBeLessThan(400 - 10);
  });
});

describe('each mark', () => {
  const SIZE = { width: 1000, height: 500 };
  const draw = (overlay: Overlay) => drawOverlay(overlay, SIZE.width, SIZE.height);
  const at = (x: number, y: number) => ({ x, y });
  // Lines are 0.004 and words 0.026 of the longer side: 4 and 26 pixels; ink lies beneath, twice as thick.
  const [INK, YELLOW] = ['#14181c', '#ffc933'];

  it('a ring is drawn round its place, yellow on ink, and never smaller than one can see', () => {
    expect(draw({ marks: [{ kind: 'ring', at: at(0.3, 0.6), radius: 0.05 }] }).shapes).toEqual([
      { is: 'circle', x: 300, y: 300, radius: 50, colour: INK, thick: 8 },
      { is: 'circle', x: 300, y: 300, radius: 50, colour: YELLOW, thick: 4 },
    ]);
    const small = drawOverlay({ marks: [{ kind: 'ring', at: at(0.5, 0.5), radius: 0.005 }] }, 100, 80).shapes;
    expect(small).toEqual([
      { is: 'circle', x: 50, y: 40, radius: 3, colour: INK, thick: 3 },
      { is: 'circle', x: 50, y: 40, radius: 3, colour: YELLOW, thick: 1.5 },
    ]);
  });

  it('an arrow has a shaft and two barbs that lie back from its tip', () => {
    const { shapes } = draw({ marks: [{ kind: 'arrow', from: at(0.1, 0.5), to: at(0.5, 0.5) }] });
    const lines = shapes.filter((shape) => shape.is === 'line' && shape.colour === YELLOW);
    expect(lines).toHaveLength(3);
    expect(lines[0]).toEqual({ is: 'line', from: [100, 250], to: [500, 250], colour: YELLOW, thick: 4 });
    // Nine tenths of a letter long, 0.45 off the shaft: 23.4 · cos 0.45 = 21.07 back, 23.4 · sin 0.45 = 10.18 aside.
    const barbs = lines.slice(1).flatMap((line) => (line.is === 'line' ? [[line.from, line.to]] : []));
    for (const [from] of barbs) expect(from).toEqual([500, 250]);
    const ends = barbs.map(([, to]) => to as Vec2).toSorted((a, b) => a[1] - b[1]);
    expect(ends[0]?.[0]).toBeCloseTo(500 - 21.07, 1);
    expect(ends[0]?.[1]).toBeCloseTo(250 - 10.18, 1);
    expect(ends[1]?.[0]).toBeCloseTo(500 - 21.07, 1);
    expect(ends[1]?.[1]).toBeCloseTo(250 + 10.18, 1);
    // The same pointing up: turned with its shaft.
    const up = draw({ marks: [{ kind: 'arrow', from: at(0.5, 0.9), to: at(0.5, 0.1) }] }).shapes;
    const tips = up
      .flatMap((shape) => (shape.is === 'line' && shape.colour === YELLOW ? [shape.to] : []))
      .slice(1);
    for (const [x, y] of tips) {
      expect(Math.abs(x - 500)).toBeCloseTo(10.18, 1);
      expect(y).toBeCloseTo(50 + 21.07, 1);
    }
  });

  it('a measured line has ticks across its ends and its words beside its middle, above', () => {
    const { shapes, texts } = draw({
      marks: [{ kind: 'line', from: at(0.2, 0.4), to: at(0.6, 0.4), label: '42 mm' }],
    });
    const lines = shapes.flatMap((shape) =>
      shape.is === 'line' && shape.colour === YELLOW ? [[shape.from, shape.to]] : [],
    );
    expect(lines).toHaveLength(3);
    // A tick is 0.35 of a letter to either side: 9.1 pixels.
    for (const [n, x] of [
      [1, 200],
      [2, 600],
    ] as const) {
      const ys = (lines[n] as Vec2[]).map((point) => point[1]).toSorted((a, b) => a - b);
      for (const point of lines[n] as Vec2[]) expect(point[0]).toBeCloseTo(x, 6);
      expect(ys[0]).toBeCloseTo(200 - 9.1, 6);
      expect(ys[1]).toBeCloseTo(200 + 9.1, 6);
    }
    expect(texts).toEqual([
      { text: '42 mm', x: expect.closeTo(400), y: expect.closeTo(200 - 26), size: 26, anchor: 'middle' },
    ]);
    // Drawn from right to left it still stands above.
    const back = draw({ marks: [{ kind: 'line', from: at(0.6, 0.4), to: at(0.2, 0.4), label: 'a' }] })
      .texts[0];
    expect(back?.y).toBeCloseTo(200 - 26);
    expect(draw({ marks: [{ kind: 'line', from: at(0, 0), to: at(1, 1) }] }).texts).toEqual([]);
  });

  it('words begin where they were put', () => {
    expect(draw({ marks: [{ kind: 'text', at: at(0.25, 0.8), label: 'dent' }] })).toEqual({
      boxes: [],
      shapes: [],
      texts: [{ text: 'dent', x: 250, y: 400, size: 26, anchor: 'start' }],
    });
    expect(
      drawOverlay({ marks: [{ kind: 'text', at: at(0, 0), label: 'x' }] }, 200, 100).texts[0]?.size,
    ).toBe(9);
  });

  it('a spot is a ring with its number beside it, on the left where the right has no room', () => {
    // A ring of 0.035 of the longer side, the number 0.8 of a letter outside it; room is asked for two letters.
    const spot = (x: number) => draw({ spots: [{ number: 7, at: at(x, 0.5) }] });
    expect(spot(0.3).shapes).toMatchObject([
      { is: 'circle', x: 300, y: 250, radius: 35 },
      { is: 'circle', x: 300, y: 250, radius: 35 },
    ]);
    expect(spot(0.3).texts).toEqual([{ text: '7', x: 300 + 35 + 20.8, y: 250, size: 26, anchor: 'middle' }]);
    expect(spot(0.913).texts[0]?.x).toBeCloseTo(913 + 55.8);
    expect(spot(0.914).texts[0]?.x).toBeCloseTo(914 - 55.8);
  });

  it('a box is ink, outward to whole squares of eight', () => {
    const box = { x: 0.1, y: 0.1, width: 0.05, height: 0.05, hides: 'plate' as const };
    expect(draw({ boxes: [box] }).boxes).toEqual([
      { is: 'box', x: 96, y: 48, width: 56, height: 32, colour: INK },
    ]);
  });

  it('is written as SVG with numbers and colours alone', () => {
    const svg = overlaySvg(
      draw({
        marks: [
          { kind: 'ring', at: at(0.3, 0.6), radius: 0.05 },
          { kind: 'arrow', from: at(0.1, 0.5), to: at(0.5, 0.5) },
        ],
      }).shapes,
    );
    expect(svg).toContain(
      '<circle cx="300.0" cy="300.0" r="50.0" fill="none" stroke="#14181c" stroke-width="8.0" stroke-linecap="round"/>',
    );
    expect(svg).toContain(
      '<path d="M100.0 250.0L500.0 250.0" fill="none" stroke="#ffc933" stroke-width="4.0" stroke-linecap="round"/>',
    );
    expect(overlaySvg(draw({ boxes: [{ x: 0, y: 0, width: 1, height: 1, hides: 'face' }] }).boxes)).toBe(
      '<rect x="0" y="0" width="1000" height="500" fill="#14181c"/>',
    );
  });
});

describe('the corners of a card', () => {
  const card: Vec2[] = [
    [100, 100],
    [270, 120],
    [262, 230],
    [96, 206],
  ];

  it('come into turn, a long side first, whatever order they were tapped in', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(card, { minLength: 4 }), (taps) => {
        const [a, b, c, d] = orderCorners(taps) as [Vec2, Vec2, Vec2, Vec2];
        const long = (p: Vec2, q: Vec2) => Math.hypot(q[0] - p[0], q[1] - p[1]);
        expect(long(a, b) + long(c, d)).toBeGreaterThan(long(b, c) + long(d, a));
        expect(new Set([a, b, c, d])).toEqual(new Set(card));
      }),
    );
  });

  it('may be told that the other sides are the long ones', () => {
    const plain = orderCorners(card) as Vec2[];
    const turned = orderCorners(card, true) as Vec2[];
    expect(turned).toEqual([...plain.slice(1), plain[0]]);
    expect(orderCorners(card.slice(1))).toBeUndefined();
  });
});
