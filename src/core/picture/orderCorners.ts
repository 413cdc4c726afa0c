import type { Vec2 } from './homography';

/**
 * Four corners of a card, tapped in any order, brought into turn round it with a long side first, as measuring wants them. Which sides
 * are the long ones is told by their lengths in the picture; seen very obliquely that can deceive, so `isTurned` takes the others.
 */
export function orderCorners(taps: readonly Vec2[], isTurned = false): [Vec2, Vec2, Vec2, Vec2] | undefined {
  if (taps.length !== 4) return undefined;
  const [cx, cy] = [0, 1].map(
    (axis) => taps.reduce((sum, tap) => sum + (tap[axis as 0 | 1] as number), 0) / 4,
  ) as [number, number];
  const [a, b, c, d] = taps.toSorted(
    (p, q) => Math.atan2(p[1] - cy, p[0] - cx) - Math.atan2(q[1] - cy, q[0] - cx),
  ) as [Vec2, Vec2, Vec2, Vec2];
  const long = (p: Vec2, q: Vec2) => Math.hypot(q[0] - p[0], q[1] - p[1]);
  const isFirstLong = long(a, b) + long(c, d) >= long(b, c) + long(d, a);
  return isFirstLong !== isTurned ? [a, b, c, d] : [b, c, d, a];
}
