import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drawOverlay, overlaySvg } from './drawOverlay';
import type { Vec2 } from './homography';
import { orderCorners } from './orderCorners';

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
