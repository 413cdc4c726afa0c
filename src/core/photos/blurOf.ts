import type { Grey } from './differenceHash';

/** How far edges are smeared, pixels (standard deviation of the blur), along the four directions an edge can face. */
export interface Blur {
  /** Of the directions with edges enough, the sharpest one: the picture's focus. Undefined where nothing has an edge. */
  sharpest?: number;
  /** The most smeared one: much more than the sharpest means that the camera moved. */
  softest?: number;
  /** How many places were judged by. */
  edges: number;
}

/** A rectangle of a picture, pixels. */
export interface Region {
  left: number;
  top: number;
  width: number;
  height: number;
}

/** Share of the longer side that is looked at round a spot. */
const ROUND_SPOT = 0.3;

/** The square round a spot (shares of width and height) that matters for it, kept on the picture. */
export function regionAround(grey: Grey, spot: { x: number; y: number }): Region {
  const side = Math.round(ROUND_SPOT * Math.max(grey.width, grey.height));
  const [width, height] = [Math.min(side, grey.width), Math.min(side, grey.height)];
  const within = (at: number, most: number) => Math.max(0, Math.min(most, Math.round(at)));
  return {
    left: within(spot.x * grey.width - width / 2, grey.width - width),
    top: within(spot.y * grey.height - height / 2, grey.height - height),
    width,
    height,
  };
}

/** Widths of the two smoothings whose slopes are compared, pixels. */
const FINE = 1;
const COARSE = 2;
/** Steeper than this after the coarse smoothing is an edge, grey levels a pixel: noise stays far below. */
const EDGE = 2.2;
/** A place with less difference between its neighbours, grey levels over two pixels, is not looked into. */
const HINT = 6;
/** At most so many places are looked into, spread evenly. */
const MOST_PLACES = 6_000;
/** Fewer edges than this, of one direction, say nothing. */
const ENOUGH = 25;
/** The sharp edges of a picture are in focus, others may lie before or behind. */
const SHARP_SHARE = 0.25;
/** No edge is judged to be smeared by more. */
const MOST = 8;
/** Neighbours that the smoothings reach. */
const FINE_REACH = 3;
const COARSE_REACH = 5;
/** Left out all round: reach, and a step along the slope. */
const RIM = COARSE_REACH + 2;

/** Offsets and weights that give the smoothed slope at a place. */
interface SlopeKernel {
  offsets: Int32Array;
  across: Float64Array;
  down: Float64Array;
}

/**
 * Blur of a picture by how much its edges flatten when it is smoothed again: a step smeared by σ has, after smoothing by s, a slope in
 * proportion to 1/√(σ² + s²), so that two smoothings give σ whatever the contrast (after Zhuo and Sim, Pattern Recognition 44, 2011;
 * from memory). Unlike the variance of the Laplacian it asks only places that have an edge: a plain panel with a fine grain is not
 * taken for sharp, nor a plain one without for soft. The smoothed slopes are worked out only at such places, which makes it quick.
 */
export function blurOf(grey: Grey, region?: Region): Blur {
  const { width, data } = grey;
  const { left, top, right, bottom } = inside(grey, region);
  const places = hints(data, width, left, top, right, bottom);
  const [fine, coarse] = [slopeKernel(FINE, FINE_REACH, width), slopeKernel(COARSE, COARSE_REACH, width)];
  const found: number[][] = [[], [], [], []];
  const way = { across: 0, down: 0 };
  let edges = 0;
  const every = Math.max(1, Math.ceil(places.length / MOST_PLACES));
  for (let n = 0; n < places.length; n += every) {
    const i = places[n] as number;
    const steep = slopeAt(data, i, coarse, way);
    if (steep < EDGE * EDGE) continue;
    const facing = facingOf(way.across, way.down);
    const step = facing === 0 ? 1 : facing === 1 ? width + 1 : facing === 2 ? width : width - 1;
    // Only where the slope is steepest along the way it faces.
    if (slopeAt(data, i + step, coarse) >= steep || slopeAt(data, i - step, coarse) > steep) continue;
    found[facing]?.push(slopeAt(data, i, fine) / steep);
    edges++;
  }
  const smeared = found
    .filter((list) => list.length >= ENOUGH)
    .map((ratios) => {
      const ordered = Float32Array.from(ratios).sort();
      return smear(ordered[Math.ceil((1 - SHARP_SHARE) * ordered.length) - 1] as number);
    })
    .sort((a, b) => a - b);
  return {
    ...(smeared.length > 0 && { sharpest: smeared[0], softest: smeared.at(-1) }),
    edges,
  };
}

function inside({ width, height }: Grey, region?: Region) {
  const { left, top, width: w, height: h } = region ?? { left: 0, top: 0, width, height };
  return {
    left: Math.max(RIM, left),
    top: Math.max(RIM, top),
    right: Math.min(width - RIM, left + w),
    bottom: Math.min(height - RIM, top + h),
  };
}

/** Places where neighbours differ: every edge is among them, and some noise. */
function hints(
  data: Grey['data'],
  width: number,
  left: number,
  top: number,
  right: number,
  bottom: number,
): number[] {
  const places: number[] = [];
  for (let y = top; y < bottom; y++)
    for (let i = y * width + left, end = y * width + right; i < end; i++) {
      const across = (data[i + 1] as number) - (data[i - 1] as number);
      const down = (data[i + width] as number) - (data[i - width] as number);
      if (across > HINT || across < -HINT || down > HINT || down < -HINT) places.push(i);
    }
  return places;
}

/** Square of the smoothed slope; `parts` takes its share across and down. */
function slopeAt(
  data: Grey['data'],
  i: number,
  { offsets, across, down }: SlopeKernel,
  parts?: { across: number; down: number },
): number {
  let gx = 0;
  let gy = 0;
  for (let k = 0; k < offsets.length; k++) {
    const value = data[i + (offsets[k] as number)] as number;
    gx += value * (across[k] as number);
    gy += value * (down[k] as number);
  }
  if (parts) {
    parts.across = gx;
    parts.down = gy;
  }
  return gx * gx + gy * gy;
}

/** Slope of a Gaussian of width `sigma`, cut at `reach`, scaled so that a ramp of one level a pixel gives 1. */
function slopeKernel(sigma: number, reach: number, width: number): SlopeKernel {
  const side = 2 * reach + 1;
  const bell = Array.from({ length: side }, (_, k) => Math.exp(-((k - reach) ** 2) / (2 * sigma * sigma)));
  const whole = bell.reduce((sum, weight) => sum + weight, 0);
  const ramp = bell.reduce((sum, weight, k) => sum + weight * (k - reach) ** 2, 0);
  const kernel = {
    offsets: new Int32Array(side * side),
    across: new Float64Array(side * side),
    down: new Float64Array(side * side),
  };
  for (let y = 0, k = 0; y < side; y++)
    for (let x = 0; x < side; x++, k++) {
      const weight = (bell[x] as number) * (bell[y] as number);
      kernel.offsets[k] = (y - reach) * width + x - reach;
      kernel.across[k] = (weight * (x - reach)) / (whole * ramp);
      kernel.down[k] = (weight * (y - reach)) / (whole * ramp);
    }
  return kernel;
}

/** Which of four ways an edge faces: 0 sideways, 1 and 3 aslant, 2 up and down. */
function facingOf(gx: number, gy: number): 0 | 1 | 2 | 3 {
  const ax = Math.abs(gx);
  const ay = Math.abs(gy);
  if (ay < 0.4142 * ax) return 0;
  if (ax < 0.4142 * ay) return 2;
  return gx * gy > 0 ? 1 : 3;
}

/** The blur that lets the squared slope fall by so much between the two smoothings. */
function smear(ratio: number): number {
  if (ratio <= 1) return MOST;
  const variance = (COARSE ** 2 - ratio * FINE ** 2) / (ratio - 1);
  return variance <= 0 ? 0 : Math.min(MOST, Math.sqrt(variance));
}
