import { type Point, rounded } from './geometry';
import type { Shape } from './shape';

/** A rectangle with rounded corners. */
export const rect = (x: number, y: number, width: number, height: number, radius: number): Point[] =>
  rounded(
    [
      [x, y],
      [x + width, y],
      [x + width, y + height],
      [x, y + height],
    ],
    radius,
  );

/** A panel that widens from its upper to its lower edge, centred on `mid`. */
export function panel(
  mid: number,
  top: number,
  bottom: number,
  upper: number,
  lower: number,
  radius: number,
): Point[] {
  return rounded(
    [
      [mid - upper / 2, top],
      [mid + upper / 2, top],
      [mid + lower / 2, bottom],
      [mid - lower / 2, bottom],
    ],
    radius,
  );
}

/** Turned over about the middle of a drawing of this width. */
export const mirrored = (points: readonly Point[], width: number): Point[] =>
  points.map(([x, y]) => [width - x, y]);

/** The same part on the car's left and right, in a drawing whose left is the car's left. */
export function pair(
  kind: Shape['kind'],
  left: Point[],
  width: number,
  end: '' | 'f' | 'm' | 'r' = '',
): Shape[] {
  return [
    { kind, position: `${end}l`, outline: left },
    { kind, position: `${end}r`, outline: mirrored(left, width) },
  ];
}
