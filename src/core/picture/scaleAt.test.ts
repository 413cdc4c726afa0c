import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Vec2 } from './homography';
import { mmPerPixelAt, roundLength } from './scaleAt';

describe('the scale at a mark', () => {
  it('is the same everywhere by a line', () => {
    const scale = { by: 'line', from: [0, 0], to: [200, 0], lengthMm: 50 } as const;
    expect(mmPerPixelAt({ scale, mark: { of: 'length', from: [900, 10], to: [950, 10] } })).toBeCloseTo(0.25);
  });

  it('grows with distance by a card seen aslant', () => {
    // A card 856 × 540 px straight on: 0.1 mm to a pixel. Pinched on the right, what lies there is farther off.
    const straight: [Vec2, Vec2, Vec2, Vec2] = [
      [0, 0],
      [856, 0],
      [856, 539.8],
      [0, 539.8],
    ];
    const mark = { of: 'length', from: [800, 270], to: [820, 270] } as const;
    expect(mmPerPixelAt({ scale: { by: 'card', corners: straight }, mark })).toBeCloseTo(0.1, 4);
    const aslant: [Vec2, Vec2, Vec2, Vec2] = [
      [0, 0],
      [856, 80],
      [856, 460],
      [0, 539.8],
    ];
    expect(mmPerPixelAt({ scale: { by: 'card', corners: aslant }, mark })).toBeGreaterThan(0.12);
  });

  it('is none for a card that is no card', () => {
    const corners: [Vec2, Vec2, Vec2, Vec2] = [
      [0, 0],
      [0, 0],
      [0, 0],
      [0, 0],
    ];
    expect(
      mmPerPixelAt({ scale: { by: 'card', corners }, mark: { of: 'length', from: [1, 1], to: [2, 2] } }),
    ).toBeUndefined();
  });
});

it('a bar has a round length that fits, and is not needlessly short', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.5, max: 5000, noNaN: true }), (most) => {
      const length = roundLength(most);
      expect(length).toBeLessThanOrEqual(most * 1.000001);
      expect(length).toBeGreaterThan(most / 2.6);
      expect(['1', '2', '5']).toContain(length.toExponential()[0]);
    }),
  );
});
