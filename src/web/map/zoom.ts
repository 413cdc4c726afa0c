import type { Box, Point } from '#core/car';

/** How far a view may be pulled in, and how far out beyond the whole face. */
const NEAREST_MM = 180;
const FARTHEST = 1.4;

/** The view scaled about a place that stays where it is; `by` more than 1 comes nearer. */
export function zoomed(view: Box, by: number, [x, y]: Point, whole: Box): Box {
  const width = Math.min(whole.width * FARTHEST, Math.max(NEAREST_MM, view.width / by));
  const scale = width / view.width;
  return {
    x: x - (x - view.x) * scale,
    y: y - (y - view.y) * scale,
    width,
    height: view.height * scale,
  };
}

/** The view moved, but never so far that the face is lost. */
export function panned(view: Box, [dx, dy]: Point, whole: Box): Box {
  const within = (at: number, size: number, from: number, length: number) =>
    Math.min(from + length - size * 0.25, Math.max(from - size * 0.75, at));
  return {
    ...view,
    x: within(view.x + dx, view.width, whole.x, whole.width),
    y: within(view.y + dy, view.height, whole.y, whole.height),
  };
}
