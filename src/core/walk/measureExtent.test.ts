import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyStyle, type Part } from '../car';
import { arcLengthMm, clockDeg, measureExtent, spotOnClock, spreadMm } from './measureExtent';
import { clockWords, rimShareWords } from './tellExtent';

const partOf = (id: string) => bodyStyle('hatch-5').parts.get(id) as Part;
const wheel = partOf('wheel-fl');
const door = partOf('door-fl');

describe('what is drawn with the finger', () => {
  it('measures a line by the panel’s real size', () => {
    const whole = measureExtent({ form: 'line', from: { u: 0, v: 0.5 }, to: { u: 1, v: 0.5 } }, door);
    expect(whole.lengthMm).toBe(Math.round(door.box.width));
    const half = measureExtent({ form: 'line', from: { u: 0.5, v: 0.1 }, to: { u: 0.5, v: 0.6 } }, door);
    expect(half.lengthMm).toBe(Math.round(door.box.height / 2));
  });

  it('measures a box with its longer side first, whichever corner it was begun at', () => {
    const box = { form: 'box', from: { u: 0.4, v: 0.5 }, to: { u: 0.1, v: 0.55 } } as const;
    const { lengthMm, widthMm } = measureExtent(box, door);
    expect(lengthMm).toBe(Math.round(door.box.width * 0.3));
    expect(widthMm).toBe(Math.round(door.box.height * 0.05));
    expect(measureExtent({ ...box, from: box.to, to: box.from }, door)).toEqual({ lengthMm, widthMm });
  });

  it('counts dots and tells how far they are spread', () => {
    const spots = [
      { u: 0.1, v: 0.1 },
      { u: 0.4, v: 0.1 },
      { u: 0.2, v: 0.3 },
    ];
    expect(measureExtent({ form: 'dots', spots }, door)).toEqual({ count: 3 });
    const [length, width] = spreadMm(spots, door);
    expect(length).toBeGreaterThanOrEqual(width);
  });

  it('measures an arc as π × diameter × share of the circle', () => {
    // A rim of 432 mm (17 in): all round is 1,357 mm, a fifth of it 271 mm.
    expect(arcLengthMm(432, 1)).toBe(1357);
    expect(arcLengthMm(432, 0.2)).toBe(271);
    expect(measureExtent({ form: 'arc', fromDeg: 350, spanDeg: 72 }, wheel).lengthMm).toBe(
      arcLengthMm(wheel.box.width, 0.2),
    );
  });

  it('never gives less than a millimetre', () => {
    const dot = { u: 0.5, v: 0.5 };
    expect(measureExtent({ form: 'line', from: dot, to: dot }, door).lengthMm).toBe(1);
  });
});

describe('round a rim', () => {
  it.each([
    [72, 'about a fifth of the rim'],
    [90, 'about a quarter of the rim'],
    [120, 'about a third of the rim'],
    [180, 'about half of the rim'],
    [360, 'all round the rim'],
    [5, 'a small spot of the rim'],
  ])('%d degrees is %s', (deg, words) => expect(rimShareWords(deg)).toBe(words));

  it.each([
    [120, 90, 'from 4 to 7 o’clock'],
    [350, 5, 'at 12 o’clock'],
    [0, 360, 'all round'],
    [330, 60, 'from 11 to 1 o’clock'],
  ])('from %d over %d degrees is %s', (from, span, words) => expect(clockWords(from, span)).toBe(words));

  it('reads twelve o’clock at the top, three on the seen right, on either side of the car', () => {
    expect(clockDeg({ u: 0.5, v: 0 }, false)).toBeCloseTo(0, 6);
    expect(clockDeg({ u: 1, v: 0.5 }, false)).toBeCloseTo(90, 6);
    expect(clockDeg({ u: 1, v: 0.5 }, true)).toBeCloseTo(270, 6);
    expect(clockDeg({ u: 0.5, v: 1 }, true)).toBeCloseTo(180, 6);
  });

  it('finds the spot again from its clock angle', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 359.9, noNaN: true }), fc.boolean(), (deg, isTurnedOver) => {
        const back = clockDeg(spotOnClock(deg, isTurnedOver, 0.4), isTurnedOver);
        expect(Math.abs(((back - deg + 540) % 360) - 180)).toBeLessThan(1e-6);
      }),
    );
  });
});
