import type { BodyStyle, FaceId, Part, PartId } from '../car';
import { rimOf, type Stop, standsAt } from './planRoute';

/** Opening a bonnet, a boot or a door, or bending down, costs as much as this many steps. Common practice, rounded. */
const CHANGE_MM: Record<FaceId, number> = {
  front: 0,
  left: 0,
  rear: 0,
  right: 0,
  top: 1500,
  cabin: 6000,
  boot: 6000,
  engine: 9000,
  under: 6000,
};

/**
 * Where to go next from a part: the next stop of the route if it is still left; off the route, the part left that is fewest steps
 * away round the car, and of equally near ones the earlier on the route. Undefined when nothing is left.
 */
export function nearestLeft(
  style: BodyStyle,
  route: readonly Stop[],
  isLeft: (part: PartId) => boolean,
  from: PartId | undefined,
): Stop | undefined {
  const at = route.findIndex((stop) => stop.part === from);
  const next = route[at + 1];
  if (next && isLeft(next.part)) return next;
  const here = from === undefined ? undefined : style.parts.get(from);
  const left = route.filter((stop) => stop.part !== from && isLeft(stop.part));
  if (!here) return left[0];
  let best: { stop: Stop; steps: number } | undefined;
  for (const stop of left) {
    const steps = stepsBetween(style, here, style.parts.get(stop.part) as Part);
    if (!best || steps < best.steps - 1) best = { stop, steps };
  }
  return best?.stop;
}

/** Millimetres to walk between two parts, round the car, with what it costs to get at another place. */
function stepsBetween(style: BodyStyle, a: Part, b: Part): number {
  const rim = rimOf(style);
  const apart = Math.abs(standsAt(style, a) - standsAt(style, b)) % rim;
  const change = a.face === b.face || !b.face ? 0 : CHANGE_MM[b.face] + (a.face ? CHANGE_MM[a.face] : 0);
  return Math.min(apart, rim - apart) + change;
}
