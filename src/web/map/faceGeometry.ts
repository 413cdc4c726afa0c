import type { Box, Face, Part, Point } from '#core/car';
import type { Spot } from '#core/walk';

/** A face as a person sees it: where x runs the other way, points are turned over here and nowhere else. */
export const seenX = (face: Face, x: number): number => (face.mirrored ? face.width - x : x);

export function pathOf(face: Face, points: readonly Point[]): string {
  return `M${points.map(([x, y]) => `${Math.round(seenX(face, x))} ${Math.round(y)}`).join('L')}Z`;
}

export function seenBox(face: Face, box: Box): Box {
  return face.mirrored ? { ...box, x: face.width - box.x - box.width } : box;
}

/** From a point on the drawing as seen to a spot in the part's own outline. */
export function spotAt(face: Face, part: Part, [x, y]: Point): Spot {
  const share = (value: number, from: number, size: number) =>
    Math.round(Math.min(1, Math.max(0, (value - from) / size)) * 1000) / 1000;
  return { u: share(seenX(face, x), part.box.x, part.box.width), v: share(y, part.box.y, part.box.height) };
}

export function pointOf(face: Face, part: Part, spot: Spot): Point {
  return [seenX(face, part.box.x + spot.u * part.box.width), part.box.y + spot.v * part.box.height];
}

const AROUND = 0.22;
const LEAST_MM = 620;

/** What to show so that a part is a big target with its neighbours in sight, for a window of the given shape. */
export function closeUp(face: Face, part: Part, ratio: number): Box {
  const box = seenBox(face, part.box);
  let width = Math.max(box.width * (1 + 2 * AROUND), LEAST_MM);
  let height = Math.max(box.height * (1 + 2 * AROUND), LEAST_MM / ratio);
  if (width / height < ratio) width = height * ratio;
  else height = width / ratio;
  return { x: box.x + box.width / 2 - width / 2, y: box.y + box.height / 2 - height / 2, width, height };
}

/** The whole face with a little air, for a window of the given shape. */
export function wholeFace(face: Face, ratio: number): Box {
  const air = 60;
  let width = face.width + 2 * air;
  let height = face.height + 2 * air;
  if (width / height < ratio) width = height * ratio;
  else height = width / ratio;
  return { x: face.width / 2 - width / 2, y: face.height / 2 - height / 2, width, height };
}
