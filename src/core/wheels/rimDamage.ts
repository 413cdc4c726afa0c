import { MM_PER_INCH } from '../measure';

/** A stretch of a rim, degrees clockwise from the top as seen by who stands before the wheel. */
export interface RimArc {
  fromDeg: number;
  /** More than 0, at most 360. */
  spanDeg: number;
}

/** Degrees of a rim that any of the arcs covers, 0..360: where they overlap counts once. */
export function coveredDeg(arcs: readonly RimArc[]): number {
  const turn = (deg: number) => ((deg % 360) + 360) % 360;
  // An arc over the top is cut there.
  const pieces = arcs
    .filter(({ spanDeg }) => spanDeg > 0)
    .flatMap(({ fromDeg, spanDeg }): [number, number][] => {
      if (spanDeg >= 360) return [[0, 360]];
      const from = turn(fromDeg);
      const to = from + spanDeg;
      return to <= 360
        ? [[from, to]]
        : [
            [from, 360],
            [0, to - 360],
          ];
    })
    .sort((a, b) => a[0] - b[0]);
  let [sum, reached] = [0, 0];
  for (const [from, to] of pieces) {
    if (to <= reached) continue;
    sum += to - Math.max(from, reached);
    reached = to;
  }
  return sum;
}

/** Length of rim damaged, millimetres: π × rim diameter × share of the circle. */
export const damagedMm = (arcs: readonly RimArc[], rimIn: number): number =>
  (Math.PI * rimIn * MM_PER_INCH * coveredDeg(arcs)) / 360;
