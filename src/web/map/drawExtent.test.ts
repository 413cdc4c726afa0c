import { describe, expect, it } from 'vitest';
import { type Spot, spotOnClock } from '#core/walk';
import { beginStroke, extendStroke, extentOfStroke } from './drawExtent';

const stroke = (form: 'line' | 'box' | 'arc', spots: readonly Spot[], isTurnedOver = false) => {
  const [first, ...others] = spots as [Spot, ...Spot[]];
  const drawn = others.reduce((now, to) => extendStroke(now, to, isTurnedOver), beginStroke(form, first));
  return extentOfStroke(drawn, isTurnedOver);
};
const round = (fromDeg: number, toDeg: number, isTurnedOver = false) =>
  stroke(
    'arc',
    Array.from({ length: 41 }, (_, i) =>
      spotOnClock(fromDeg + ((toDeg - fromDeg) * i) / 40, isTurnedOver, 0.46),
    ),
    isTurnedOver,
  );

describe('a stroke of the finger', () => {
  it('is a line or a box from where it began to where it ended', () => {
    const [from, to] = [
      { u: 0.1, v: 0.2 },
      { u: 0.5, v: 0.3 },
    ];
    expect(stroke('line', [from, { u: 0.9, v: 0.9 }, to])).toEqual({ form: 'line', from, to });
    expect(stroke('box', [from, to])).toEqual({ form: 'box', from, to });
  });

  it('is nothing while it is no longer than a tap', () => {
    const at = { u: 0.3, v: 0.3 };
    expect(stroke('line', [at, at])).toBeUndefined();
    expect(round(40, 41)).toBeUndefined();
  });

  it('sweeps an arc past twelve o’clock, either way round', () => {
    expect(round(330, 390)).toEqual({ form: 'arc', fromDeg: 330, spanDeg: 60 });
    expect(round(30, -30)).toEqual({ form: 'arc', fromDeg: 330, spanDeg: 60 });
    expect(round(90, 180, true)).toEqual({ form: 'arc', fromDeg: 90, spanDeg: 90 });
  });

  it('goes once round and no farther', () => {
    expect(round(0, 500)).toMatchObject({ spanDeg: 360 });
  });
});
