import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fitZoom, toPicture, wholeView, zoomedAbout } from './stageView';

const size = fc.record({
  width: fc.integer({ min: 50, max: 4000 }),
  height: fc.integer({ min: 50, max: 4000 }),
});
const place = fc.tuple(fc.integer({ min: 0, max: 1000 }), fc.integer({ min: 0, max: 1000 }));

describe('a picture on its stage', () => {
  it('is seen whole, in the middle, touching two edges', () => {
    fc.assert(
      fc.property(size, size, (stage, picture) => {
        const { zoom, left, top } = wholeView(stage, picture);
        expect(Math.min(left, top)).toBeCloseTo(0, 6);
        expect(left * 2 + picture.width * zoom).toBeCloseTo(stage.width, 6);
        expect(top * 2 + picture.height * zoom).toBeCloseTo(stage.height, 6);
      }),
    );
  });

  it('keeps what is under the fingers there when it comes nearer', () => {
    fc.assert(
      fc.property(
        size,
        size,
        place,
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        (stage, picture, at, by) => {
          const before = wholeView(stage, picture);
          const after = zoomedAbout(before, at, by, fitZoom(stage, picture));
          const [x0, y0] = toPicture(before, at);
          const [x1, y1] = toPicture(after, at);
          expect(x1).toBeCloseTo(x0, 4);
          expect(y1).toBeCloseTo(y0, 4);
        },
      ),
    );
  });

  it('comes no nearer than twelve times, and never much smaller than its stage', () => {
    const [stage, picture] = [
      { width: 400, height: 300 },
      { width: 1600, height: 1200 },
    ];
    const view = wholeView(stage, picture);
    expect(view.zoom).toBe(0.25);
    expect(zoomedAbout(view, [0, 0], 1000, 0.25).zoom).toBe(12);
    expect(zoomedAbout(view, [0, 0], 0.001, 0.25).zoom).toBeCloseTo(0.2, 9);
  });

  it('has no size before its stage has one', () => {
    expect(fitZoom({ width: 0, height: 0 }, { width: 10, height: 10 })).toBe(0);
  });
});
