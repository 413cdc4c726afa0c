import type { BodyStyleId } from '#core/car';
import type { HideBox } from '#core/picture';
import { bodyOf } from '../../src/core/car/styles/bodyOf';
import type { Triple, Truth } from '../picture-maker/truth';

/** Half the size of a plate, millimetres, with room for how it leans and where exactly it sits. */
const HALF = { wide: 285, high: 90 };
/** Seen flatter than this, its number cannot be read. */
const LEAST_FACING = 0.12;

/**
 * Where the number plates are on a picture of a whole car, from the camera’s matrix: what a person would draw boxes over. None on
 * pictures that show no plate.
 */
export function platesOn(truth: Truth, style: BodyStyleId): HideBox[] {
  const body = bodyOf(style);
  if (!('profile' in body)) return [];
  const p = body.profile;
  const last = p.tail[p.tail.length - 1] as readonly [number, number];
  const ends = [
    { x: 15, height: p.sill[0] + 268, facing: -1 },
    { x: p.length - 15, height: last[1] + 76, facing: 1 },
  ];
  return ends.flatMap(({ x, height, facing }) => {
    const [ex, , ez] = truth.camera.eye;
    const [dx, dz] = [ex - x, ez];
    if ((dx * facing) / Math.hypot(dx, dz) < LEAST_FACING) return [];
    const corners = [-1, 1].flatMap((a) =>
      [-1, 1].map((b) => project(truth, [x, height + a * HALF.high, b * HALF.wide])),
    );
    const [xs, ys] = [corners.map(([px]) => px / truth.width), corners.map(([, py]) => py / truth.height)];
    const [left, top] = [Math.max(0, Math.min(...xs)), Math.max(0, Math.min(...ys))];
    const [right, bottom] = [Math.min(1, Math.max(...xs)), Math.min(1, Math.max(...ys))];
    if (right - left < 0.005 || bottom - top < 0.005) return [];
    return [{ x: left, y: top, width: right - left, height: bottom - top, hides: 'plate' as const }];
  });
}

function project({ camera }: Truth, [x, y, z]: Triple): [number, number] {
  const [u, v, w] = camera.matrix.map(
    (row) => (row[0] as number) * x + (row[1] as number) * y + (row[2] as number) * z + (row[3] as number),
  ) as [number, number, number];
  return [u / w, v / w];
}
