import { clockDeg, type Extent, type Spot } from '#core/walk';

/** Spots closer than this are one tap, not a stroke. */
const LEAST_SHARE = 0.004;
const LEAST_DEG = 2;

/** A stroke of the finger over a part, as it is being drawn. */
export interface Stroke {
  form: Extent['form'];
  from: Spot;
  to: Spot;
  /** Degrees swept round the middle so far; against the clock is less than 0. */
  sweptDeg: number;
}

export const beginStroke = (form: Extent['form'], at: Spot): Stroke => ({
  form,
  from: at,
  to: at,
  sweptDeg: 0,
});

/** The stroke gone on to a spot; round a rim the angle adds up, so that it may pass twelve o'clock. */
export function extendStroke(stroke: Stroke, to: Spot, isTurnedOver: boolean): Stroke {
  const turn = ((clockDeg(to, isTurnedOver) - clockDeg(stroke.to, isTurnedOver) + 540) % 360) - 180;
  return { ...stroke, to, sweptDeg: stroke.sweptDeg + turn };
}

/** What the stroke has drawn; undefined while it is no longer than a tap. */
export function extentOfStroke(
  { form, from, to, sweptDeg }: Stroke,
  isTurnedOver: boolean,
): Extent | undefined {
  switch (form) {
    case 'dots':
      return undefined;
    case 'line':
    case 'box':
      return Math.hypot(to.u - from.u, to.v - from.v) < LEAST_SHARE ? undefined : { form, from, to };
    case 'arc': {
      const spanDeg = Math.min(360, Math.abs(sweptDeg));
      if (spanDeg < LEAST_DEG) return undefined;
      const start = clockDeg(from, isTurnedOver) + (sweptDeg < 0 ? -spanDeg : 0);
      return { form: 'arc', fromDeg: ((Math.round(start) % 360) + 360) % 360, spanDeg: Math.round(spanDeg) };
    }
  }
}
