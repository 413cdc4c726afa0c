/** Readings of one panel, micrometres. */
export interface PanelReadings {
  part: string;
  um: readonly number[];
}

/** The car's own level of paint, and how much its panels differ of themselves. Micrometres. */
export interface PaintLevel {
  um: number;
  /** Spread of untouched panels about it, as a standard deviation. */
  spreadUm: number;
  /** Standard deviation of one reading within a panel, as a share: gauge, hand and paint together. */
  noise: number;
  /** Panels it rests on. */
  panels: number;
}

/** Common practice: three readings make a spot (ASTM D7091), fewer say too little of a panel. */
export const FEWEST_READINGS = 3;
/** Fewer panels than this have no level of their own. */
const FEWEST_PANELS = 4;
/** Untouched panels of one car differ at least by so much of the level: gauge and works paint. Common practice. */
const LEAST_SPREAD = 0.04;
/** From the median absolute deviation to a standard deviation: 1 / 0.6745 (Iglewicz and Hoaglin 1993). */
const MAD_TO_SIGMA = 1 / 0.6745;

/** Fewer readings than this have their median for what is typical: one slip of three would drag the other measure along. */
const FEWEST_FOR_PAIRS = 5;
/** Standard error of what is typical of n readings against that of their mean, for a normal spread: √(π/3), of a median √(π/2). */
const PAIRS_COST = Math.sqrt(Math.PI / 3);
const MEDIAN_COST = Math.sqrt(Math.PI / 2);
/** What it costs, in half squares of the spread, to leave a panel out of the level where readings are coarse. House figures, from the study in docs. */
const LEFT_OUT = { over: 2, under: 4 };

/**
 * How far readings of one panel scatter, as a share of it: the middle one of the panels' standard deviations of logarithms, so that a repair
 * inside one panel tells nothing of the gauge. Corrected for what few readings leave out.
 */
function readingNoise(panels: readonly PanelReadings[]): number {
  const deviations = panels.map(({ um }) => {
    const logs = um.map(Math.log);
    const mean = logs.reduce((sum, value) => sum + value, 0) / logs.length;
    return Math.sqrt(logs.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (logs.length - 1));
  });
  // The median of standard deviations of five readings lies some 6 % under the true one.
  return median(deviations) * 1.06;
}

export function median(values: readonly number[]): number {
  const sorted = values.toSorted((a, b) => a - b);
  const at = sorted.length >> 1;
  return sorted.length % 2 === 1
    ? (sorted[at] as number)
    : ((sorted[at - 1] as number) + (sorted[at] as number)) / 2;
}

/**
 * What is typical of a panel's readings, micrometres: the median of the means of all pairs of them, each with itself too (Hodges and Lehmann 1963),
 * which no single slip moves and which wastes less of coarse readings than their median does; of fewer than five their median.
 */
export function typicalUm(um: readonly number[]): number {
  if (um.length < FEWEST_FOR_PAIRS) return median(um);
  return median(um.flatMap((a, i) => um.slice(i).map((b) => (a + b) / 2)));
}

/**
 * The level of a car from its metal panels. A respray only adds: of what is typical of the panels the densest half is sought (the shorth, Andrews and
 * others 1972; from memory), leaning to the thinner one of two that are alike, so that a third of the panels and more may have been painted
 * again. Undefined with too few panels.
 */
export function paintLevel(panels: readonly PanelReadings[]): PaintLevel | undefined {
  const read = panels.filter(({ um }) => um.length >= FEWEST_READINGS);
  if (read.length < FEWEST_PANELS) return undefined;
  const typical = read.map(({ um }) => typicalUm(um)).sort((a, b) => a - b);
  const noise = readingNoise(read);
  const readings = median(read.map(({ um }) => um.length));
  const cost = readings < FEWEST_FOR_PAIRS ? MEDIAN_COST : PAIRS_COST;
  const ofOne = (cost * noise) / Math.sqrt(readings);
  const half = Math.floor(typical.length / 2) + 1;
  let best = 0;
  // Compared as ratios: panels differ in proportion to their paint.
  const width = (from: number) => (typical[from + half - 1] as number) / (typical[from] as number);
  for (let from = 1; from + half <= typical.length; from++) if (width(from) < width(best) * 0.97) best = from;
  const densest = median(typical.slice(best, best + half));
  // With coarse readings the densest half lies anywhere among the untouched: all that belong to it tell the level together.
  const isCoarse = ofOne > LEAST_SPREAD;
  const untouched = Math.hypot(LEAST_SPREAD, ofOne);
  const um = isCoarse ? levelOfGroup(typical, untouched) : densest;
  // Panels near the level, also outside the half, tell how much untouched ones differ.
  const near = typical.filter((value) => value < um * 1.2 && value > um * 0.8);
  const mad = median(near.map((value) => Math.abs(value - um)));
  const least = (isCoarse ? untouched : LEAST_SPREAD) * um;
  return { um, spreadUm: Math.max(least, MAD_TO_SIGMA * mad), noise, panels: near.length };
}

/**
 * The mean, as a ratio, of those panels that are best explained as one group: of all runs of more than half of them the one that costs least, where a
 * panel inside costs the square of its distance and one left out a fixed price, dearer under the group, since a respray only adds.
 */
function levelOfGroup(typical: readonly number[], spread: number): number {
  const logs = typical.map(Math.log);
  const half = Math.floor(logs.length / 2) + 1;
  let best = { cost: Number.POSITIVE_INFINITY, mean: 0 };
  for (let from = 0; from + half <= logs.length; from++)
    for (let to = from + half; to <= logs.length; to++) {
      const group = logs.slice(from, to);
      const mean = group.reduce((sum, value) => sum + value, 0) / group.length;
      const apart = group.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (2 * spread ** 2);
      const cost = apart + LEFT_OUT.under * from + LEFT_OUT.over * (logs.length - to);
      if (cost < best.cost) best = { cost, mean };
    }
  return Math.exp(best.mean);
}

/** Modified z-score: how many spreads a panel lies from the level. Limit 3.5 (Iglewicz and Hoaglin 1993). */
export const robustZ = (um: number, level: PaintLevel): number => (um - level.um) / level.spreadUm;
