/** A value read on a day; days count from anywhere. */
export interface ReadOn {
  day: number;
  value: number;
}

/** How a row of readings goes. */
export interface Slope {
  /** Median of the slopes of all pairs, for each day (Sen, Journal of the American Statistical Association 63, 1968). */
  perDay: number;
  /** How likely so steady a fall is where there is none, exact (Kendall, Rank Correlation Methods; Mann, Econometrica 13, 1945). */
  pFalls: number;
}

/** The slope of readings of different days; undefined for fewer than three. */
export function slopeOf(readings: readonly ReadOn[]): Slope | undefined {
  const inOrder = readings.toSorted((a, b) => a.day - b.day);
  if (inOrder.length < 3) return undefined;
  const slopes: number[] = [];
  let s = 0;
  for (let i = 0; i < inOrder.length; i += 1)
    for (let j = i + 1; j < inOrder.length; j += 1) {
      const [a, b] = [inOrder[i] as ReadOn, inOrder[j] as ReadOn];
      if (a.day === b.day) continue;
      slopes.push((b.value - a.value) / (b.day - a.day));
      s += Math.sign(b.value - a.value);
    }
  if (slopes.length === 0) return undefined;
  slopes.sort((a, b) => a - b);
  const middle = slopes.length >> 1;
  const perDay =
    slopes.length % 2 === 1
      ? (slopes[middle] as number)
      : ((slopes[middle - 1] as number) + (slopes[middle] as number)) / 2;
  return { perDay, pFalls: probabilityAtMost(s, inOrder.length) };
}

/** How likely Kendall's S of so many readings is at most so much by chance, from the number of orders with each number of inversions. Ties are taken as they come, which makes it larger, never smaller. */
export function probabilityAtMost(s: number, count: number): number {
  const pairs = (count * (count - 1)) / 2;
  // S = pairs - 2 × inversions: at most s is at least so many inversions.
  const least = Math.ceil((pairs - s) / 2);
  let orders = [1];
  for (let n = 2; n <= count; n += 1) {
    const next = new Array<number>(orders.length + n - 1).fill(0);
    for (const [i, ways] of orders.entries())
      for (let more = 0; more < n; more += 1) next[i + more] = (next[i + more] as number) + ways / n;
    orders = next;
  }
  return orders.slice(Math.max(least, 0)).reduce((sum, each) => sum + each, 0);
}
