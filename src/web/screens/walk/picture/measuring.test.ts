import { describe, expect, it } from 'vitest';
import type { Vec2 } from '#core/picture';
import {
  isScaleDone,
  type Measuring,
  measured,
  newMeasuring,
  nextStep,
  sizeWords,
  withMoved,
  withoutLast,
  withTap,
} from './measuring';
import { boxDragged, markDragged, placeOf } from './tools';

const whole = { width: 4000, height: 3000 };
/** A card seen straight on, ten pixels to the millimetre. */
const corners: Vec2[] = [
  [100, 100],
  [956, 100],
  [956, 639.8],
  [100, 639.8],
];
const tapped = (now: Measuring, points: readonly Vec2[]) => points.reduce(withTap, now);

describe('measuring step by step', () => {
  it('asks for the corners, then for the fault, and says its size', () => {
    let now = newMeasuring;
    expect(nextStep(now)).toBe('Tap the corners of the card: 4 to go.');
    now = tapped(now, corners);
    expect(isScaleDone(now)).toBe(true);
    expect(nextStep(now)).toBe('Tap one end of the fault.');
    now = withTap(now, [200, 800]);
    expect(measured(now, 1, whole)).toBeUndefined();
    now = withTap(now, [620, 800]);
    const result = measured(now, 1, whole);
    expect(result).toMatchObject({ ok: true, value: expect.closeTo(42, 3), warnings: [] });
    // A third tap adds nothing to a length.
    expect(withTap(now, [1, 1])).toBe(now);
  });

  it('takes points back one by one, and moves any of them', () => {
    const now = tapped(newMeasuring, [...corners, [200, 800], [620, 800]]);
    const moved = withMoved(now, 5, [720, 800]);
    expect(measured(moved, 1, whole)).toMatchObject({ value: expect.closeTo(52, 3) });
    expect(withMoved(now, 0, [101, 100]).scalePoints[0]).toEqual([101, 100]);
    expect(withoutLast(now).markPoints).toHaveLength(1);
    expect(withoutLast(withoutLast(withoutLast(now))).scalePoints).toHaveLength(3);
  });

  it('measures by a coin as well, once one says which', () => {
    const line = tapped({ ...newMeasuring, by: 'line' }, [
      [0, 0],
      [232.5, 0],
    ]);
    expect(nextStep(line)).toBe('Say how long that is.');
    const now = tapped({ ...line, lengthMm: 23.25 }, [
      [0, 50],
      [100, 50],
    ]);
    expect(measured(now, 1, whole)).toMatchObject({
      ok: true,
      value: expect.closeTo(10, 6),
      warnings: ['lean-unknown'],
    });
  });

  it('says a size with no more places than make sense', () => {
    expect(sizeWords('length', { value: 42.345, plusMinus: 1.234 })).toBe('42.3 mm ± 1.2');
    expect(sizeWords('length', { value: 142.345, plusMinus: 3.4 })).toBe('142 mm ± 3');
    expect(sizeWords('area', { value: 1568, plusMinus: 61 })).toBe('15.7 cm² ± 0.6');
    // By a line nobody can say how true it is.
    expect(sizeWords('length', { value: 36.2 })).toBe('about 36 mm');
    expect(sizeWords('area', { value: 1568 })).toBe('about 16 cm²');
  });
});

describe('drawing on a picture', () => {
  const size = { width: 1000, height: 500 };

  it('makes marks of drags, and none of a slip', () => {
    expect(markDragged('ring', [500, 250], [600, 250], size)).toEqual({
      kind: 'ring',
      at: { x: 0.5, y: 0.5 },
      radius: 0.1,
    });
    expect(markDragged('arrow', [0, 0], [500, 500], size)).toEqual({
      kind: 'arrow',
      from: { x: 0, y: 0 },
      to: { x: 0.5, y: 1 },
    });
    expect(markDragged('arrow', [10, 10], [12, 11], size)).toBeUndefined();
    expect(markDragged('look', [0, 0], [500, 500], size)).toBeUndefined();
  });

  it('makes a box whichever way it was dragged, kept on the picture', () => {
    expect(boxDragged([900, 400], [1200, 900], size)).toEqual({
      x: 0.9,
      y: 0.8,
      width: expect.closeTo(0.1, 5),
      height: expect.closeTo(0.2, 5),
    });
    expect(boxDragged([300, 200], [100, 100], size)).toMatchObject({ x: 0.1, y: 0.2 });
    expect(boxDragged([300, 200], [302, 300], size)).toBeUndefined();
    expect(placeOf([-5, 700], size)).toEqual({ x: 0, y: 1 });
  });
});
