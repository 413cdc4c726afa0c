/**
 * Slope of a line through points by Theil (1950) and Sen (1968): the median of the slopes of all pairs, so that a wrong point or two do not
 * bend it. Units of y per unit of x; undefined with fewer than two different x.
 */
export function theilSen(points: readonly (readonly [x: number, y: number])[]): number | undefined {
  const slopes: number[] = [];
  for (const [i, [x1, y1]] of points.entries())
    for (const [x2, y2] of points.slice(i + 1)) if (x1 !== x2) slopes.push((y2 - y1) / (x2 - x1));
  if (slopes.length === 0) return undefined;
  slopes.sort((a, b) => a - b);
  const at = slopes.length >> 1;
  return slopes.length % 2 === 1 ? slopes[at] : ((slopes[at - 1] as number) + (slopes[at] as number)) / 2;
}
