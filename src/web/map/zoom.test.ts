import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { panned, zoomed } from './zoom';

const whole = { x: 0, y: 0, width: 4000, height: 2000 };

describe('coming nearer', () => {
  it('keeps the place under the finger where it is', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 8, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (by, u, v) => {
          const at = [whole.width * u, whole.height * v] as const;
          const view = zoomed(whole, by, at, whole);
          expect((at[0] - view.x) / view.width).toBeCloseTo(u, 6);
          expect((at[1] - view.y) / view.height).toBeCloseTo(v, 6);
        },
      ),
    );
  });

  it('stops at the nearest and the farthest', () => {
    expect(zoomed(whole, 1e6, [0, 0], whole).width).toBe(180);
    expect(zoomed(whole, 1e-6, [0, 0], whole).width).toBe(5600);
  });
});

describe('moving about', () => {
  it('never loses the car', () => {
    const view = { x: 1000, y: 500, width: 800, height: 400 };
    expect(panned(view, [50, 20], whole)).toEqual({ ...view, x: 1050, y: 520 });
    const far = panned(view, [1e6, -1e6], whole);
    expect(far.x).toBeLessThan(whole.width);
    expect(far.y + far.height).toBeGreaterThan(0);
  });
});
