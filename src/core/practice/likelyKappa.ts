/** Upper 95 % point of chi-square with one degree of freedom (NIST/SEMATECH e-Handbook of Statistical Methods, table 1.3.6.7.4). */
const CHI_SQUARE = 3.841459;
const GOLDEN = (Math.sqrt(5) - 1) / 2;
/** Steps of each search: by then it has come nearer than a thousandth. */
const [COARSE, FINE, HALVINGS] = [16, 12, 13];

/** Counts of yes and no, rows by one person and columns by the other, yes first. */
export type YesNoTable = readonly [readonly [number, number], readonly [number, number]];

type Counts = readonly [both: number, onlyOne: number, onlyOther: number, neither: number];

/**
 * The interval Cohen's kappa of a table of yes and no lies in 95 times in 100, by the profile likelihood (Venzon and Moolgavkar, Applied Statistics 37, 1988,
 * 87 to 94). A large-sample standard error is nothing where two people agree on everything, and too small where they have no find in common; few parts are the
 * rule here, and there this one stays honest. Kappa must be defined: see `agreementOf`.
 */
export function likelyKappa(
  [[both, onlyOne], [onlyOther, neither]]: YesNoTable,
  kappa: number,
): { low: number; high: number } {
  const counts: Counts = [both, onlyOne, onlyOther, neither];
  const n = counts.reduce((sum, each) => sum + each, 0);
  const best = likelihood(counts, [both / n, onlyOne / n, onlyOther / n, neither / n]);
  const isLikely = (at: number) => 2 * (best - profile(counts, at)) <= CHI_SQUARE;
  return { low: edge(kappa, -1, isLikely), high: edge(kappa, 1, isLikely) };
}

/** The last place towards an end that is still likely. */
function edge(from: number, end: number, isLikely: (at: number) => boolean): number {
  if (isLikely(end)) return end;
  let [inside, outside] = [from, end];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (inside + outside) / 2;
    if (isLikely(middle)) inside = middle;
    else outside = middle;
  }
  return inside;
}

/** The best likelihood any shares of yes can have with this kappa. */
function profile(counts: Counts, kappa: number): number {
  const at = (one: number) => overOther(counts, kappa, one);
  let [most, best] = [Number.NEGATIVE_INFINITY, 0.5];
  for (let i = 1; i < COARSE; i += 1) {
    const here = at(i / COARSE);
    if (here > most) [most, best] = [here, i / COARSE];
  }
  return Math.max(most, highest(at, best - 1 / COARSE, best + 1 / COARSE));
}

/**
 * The same with the share of yes of the one given. Every cell is linear in the share of the other then, so that the likelihood has one hill: its top is where
 * the slope turns.
 */
function overOther(counts: Counts, kappa: number, one: number): number {
  const at0 = cellsOf(kappa, one, 0);
  const slopes = cellsOf(kappa, one, 1).map((end, i) => end - (at0[i] as number));
  let [from, to] = [0, 1];
  for (const [i, start] of at0.entries()) {
    const slope = slopes[i] as number;
    if (slope > 0) from = Math.max(from, -start / slope);
    else if (slope < 0) to = Math.min(to, -start / slope);
    else if (start < 0) return Number.NEGATIVE_INFINITY;
  }
  if (from > to) return Number.NEGATIVE_INFINITY;
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (from + to) / 2;
    let rise = 0;
    for (let cell = 0; cell < 4; cell += 1) {
      const slope = slopes[cell] as number;
      rise += ((counts[cell] as number) * slope) / ((at0[cell] as number) + slope * middle);
    }
    if (rise > 0) from = middle;
    else to = middle;
  }
  // A cell nobody said anything of may be nothing: then the top is at an end.
  return Math.max(...[from, to].map((other) => likelihood(counts, cellsOf(kappa, one, other))));
}

/** The shares of the four cells, from kappa and how often each of the two says yes. */
function cellsOf(kappa: number, one: number, other: number): Counts {
  const chance = one * other + (1 - one) * (1 - other);
  const same = kappa + (1 - kappa) * chance;
  const yes = (same + one + other - 1) / 2;
  return [yes, one - yes, other - yes, 1 - one - other + yes];
}

/** The highest value of a function with one hill (golden section; Kiefer, Proceedings of the American Mathematical Society 4, 1953). */
function highest(of: (x: number) => number, from: number, to: number): number {
  let [low, high] = [from, to];
  let [a, b] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)];
  let [atA, atB] = [of(a), of(b)];
  for (let i = 0; i < FINE; i += 1)
    if (atA >= atB) {
      [high, b, atB] = [b, a, atA];
      a = high - GOLDEN * (high - low);
      atA = of(a);
    } else {
      [low, a, atA] = [a, b, atB];
      b = low + GOLDEN * (high - low);
      atB = of(b);
    }
  return Math.max(atA, atB);
}

function likelihood(counts: Counts, cells: Counts): number {
  let sum = 0;
  for (const [i, count] of counts.entries()) {
    if (count === 0) continue;
    const cell = cells[i] as number;
    if (cell <= 0) return Number.NEGATIVE_INFINITY;
    sum += count * Math.log(cell);
  }
  return sum;
}
