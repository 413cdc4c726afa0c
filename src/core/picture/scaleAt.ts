import type { Vec2 } from './homography';
import type { Measurement } from './measurementSchema';
import { pointsOf, toPlane } from './measureOnPicture';

/**
 * How many millimetres one pixel of the picture covers, from left to right, where the mark is: to draw a bar of true length beside the fault.
 * Undefined where the scale gives none. Elsewhere on a picture taken aslant it differs.
 */
export function mmPerPixelAt({ scale, mark }: Pick<Measurement, 'scale' | 'mark'>): number | undefined {
  const map = toPlane(scale);
  if (typeof map === 'string') return undefined;
  const points = pointsOf(mark);
  const [x, y]: Vec2 = [
    points.reduce((sum, point) => sum + point[0], 0) / points.length,
    points.reduce((sum, point) => sum + point[1], 0) / points.length,
  ];
  const [left, right] = [map([x - 0.5, y]), map([x + 0.5, y])];
  return left && right && Math.hypot(right[0] - left[0], right[1] - left[1]);
}

const steps = [1, 2, 5];

/** A round length in millimetres, as long as may be within `mostMm`: 1, 2 or 5 times a power of ten. */
export function roundLength(mostMm: number): number {
  const power = 10 ** Math.floor(Math.log10(mostMm));
  return power * (steps.findLast((step) => step * power <= mostMm) ?? 1);
}
