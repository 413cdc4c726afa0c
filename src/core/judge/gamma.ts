/** Numbers from 0 to under 1. */
export type Random = () => number;

/** Repeatable numbers from 0 to under 1 (mulberry32, in the public domain): the same seed gives the same ones. */
export function seededRandom(seed: number): Random {
  let a = seed | 0;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A Gamma distribution of something that is never less than 0; its mean is shape / rate. */
export interface Gamma {
  shape: number;
  rate: number;
}

/** What is believed of a rate with mean 1 before anything was counted; the larger the shape, the less it moves. */
export const aroundOne = (shape: number): Gamma => ({ shape, rate: shape });

/**
 * What is believed after `count` things were met where `exposure` of them were usual. The Gamma distribution is conjugate to counts
 * (Gelman et al., Bayesian Data Analysis, 3rd ed., section 2.6): shapes and counts add up, rates and exposures do.
 */
export const afterCounting = ({ shape, rate }: Gamma, count: number, exposure: number): Gamma => ({
  shape: shape + count,
  rate: rate + exposure,
});

/** A standard normal number, by the polar method (Marsaglia and Bray, SIAM Review 6, 1964). */
function drawNormal(random: Random): number {
  for (;;) {
    const x = 2 * random() - 1;
    const y = 2 * random() - 1;
    const square = x * x + y * y;
    if (square > 0 && square < 1) return x * Math.sqrt((-2 * Math.log(square)) / square);
  }
}

/** A number of that distribution (Marsaglia and Tsang, ACM TOMS 26, 2000). A shape without end gives the mean. */
export function drawGamma({ shape, rate }: Gamma, random: Random): number {
  if (!Number.isFinite(shape)) return 1;
  if (shape < 1) {
    const u = 1 - random();
    return drawGamma({ shape: shape + 1, rate }, random) * u ** (1 / shape);
  }
  const d = shape - 1 / 3;
  const c = 1 / Math.sqrt(9 * d);
  for (;;) {
    const x = drawNormal(random);
    const root = 1 + c * x;
    if (root <= 0) continue;
    const v = root * root * root;
    const u = 1 - random();
    // Nearly always enough, and without a logarithm.
    if (u < 1 - 0.0331 * x * x * x * x) return (d * v) / rate;
    if (Math.log(u) < 0.5 * x * x + d - d * v + d * Math.log(v)) return (d * v) / rate;
  }
}
