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

export function median(values: readonly number[]): number {
  const sorted = values.toSorted((a, b) => a - b);
  const at = sorted.length >> 1;
  return sorted.length % 2 === 1
    ? (sorted[at] as number)
    : ((sorted[at - 1] as number) + (sorted[at] as number)) / 2;
}

/**
 * The level of a car from its metal panels. A respray only adds: of the panels' medians the densest half is sought (the shorth, Andrews and
 * others 1972; from memory), leaning to the thinner one of two that are alike, so that a third of the panels and more may have been painted
 * again. Undefined with too few panels.
 */
export function paintLevel(panels: readonly PanelReadings[]): PaintLevel | undefined {
  const medians = panels
    .filter(({ um }) => um.length >= FEWEST_READINGS)
    .map(({ um }) => median(um))
    .sort((a, b) => a - b);
  if (medians.length < FEWEST_PANELS) return undefined;
  const half = Math.floor(medians.length / 2) + 1;
  let best = 0;
  // Compared as ratios: panels differ in proportion to their paint.
  const width = (from: number) => (medians[from + half - 1] as number) / (medians[from] as number);
  for (let from = 1; from + half <= medians.length; from++) if (width(from) < width(best) * 0.97) best = from;
  const core = medians.slice(best, best + half);
  const um = median(core);
  // Panels near the level, also outside the half, tell how much untouched ones differ.
  const near = medians.filter((value) => value < um * 1.2 && value > um * 0.8);
  const mad = median(near.map((value) => Math.abs(value - um)));
  return { um, spreadUm: Math.max(LEAST_SPREAD * um, MAD_TO_SIGMA * mad), panels: near.length };
}

/** Modified z-score: how many spreads a panel lies from the level. Limit 3.5 (Iglewicz and Hoaglin 1993). */
export const robustZ = (um: number, level: PaintLevel): number => (um - level.um) / level.spreadUm;
