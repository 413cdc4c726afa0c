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

/** Widths of the two smoothings whose gradients are compared, pixels. */
const FINE = 1;
const COARSE = 2;
/** Steeper than this after the coarse smoothing is an edge, grey levels a pixel: noise stays far below. */
const EDGE = 2.2;
/** Fewer edges than this, of one direction, say nothing. */
const ENOUGH = 40;
/** The sharp edges of a picture are in focus, others may lie before or behind. */
const SHARP_SHARE = 0.25;
/** No edge is judged to be smeared by more. */
const MOST = 8;
/** Left out all round, where smoothing lacks neighbours. */
const RIM = 6;
/** Neighbours to either side that smoothing looks at: the bell is cut there, and the thresholds allow for it. */
const REACH = 3;

/**
 * Blur of a picture by how much its edges flatten when it is smoothed again: a step smeared by σ has, after smoothing by s, a slope in
 * proportion to 1/√(σ² + s²), so that two smoothings give σ whatever the contrast (after Zhuo and Sim, Pattern Recognition 44, 2011;
 * from memory). Unlike the variance of the Laplacian it asks only places that have an edge: a plain panel with a fine grain is not
 * taken for sharp, nor a plain one without for soft.
 */
export function blurOf(grey: Grey, region?: Region): Blur {
  const { width, height, data } = region ? cut(grey, region) : grey;
  const fine = smooth(new Float32Array(data), width, FINE);
  const coarse = smooth(fine, width, Math.sqrt(COARSE ** 2 - FINE ** 2));
  const found: number[][] = [[], [], [], []];
  const steepEnough = EDGE * EDGE * 4;
  for (let y = RIM; y < height - RIM; y++)
    for (let x = RIM, i = y * width + RIM; x < width - RIM; x++, i++) {
      const gx = (coarse[i + 1] as number) - (coarse[i - 1] as number);
      const gy = (coarse[i + width] as number) - (coarse[i - width] as number);
      const steep = gx * gx + gy * gy;
      if (steep < steepEnough) continue;
      const facing = facingOf(gx, gy);
      const step = facing === 0 ? 1 : facing === 1 ? width + 1 : facing === 2 ? width : width - 1;
      // Only where the slope is steepest along the way it faces.
      if (squared(coarse, i + step, width) >= steep || squared(coarse, i - step, width) > steep) continue;
      found[facing]?.push(squared(fine, i, width) / steep);
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
    edges: found.reduce((sum, list) => sum + list.length, 0),
  };
}

/** Square of the slope at a place, in units of two pixels. */
function squared(data: Float32Array, i: number, width: number): number {
  const gx = (data[i + 1] as number) - (data[i - 1] as number);
  const gy = (data[i + width] as number) - (data[i - width] as number);
  return gx * gx + gy * gy;
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

/** Smooths with a Gaussian. The rim within its reach is left as it comes: nothing is judged there. */
function smooth(data: Float32Array, width: number, sigma: number): Float32Array {
  const bell = Array.from({ length: REACH + 1 }, (_, k) => Math.exp((-k * k) / (2 * sigma * sigma)));
  const sum = bell.reduce((all, weight, k) => all + (k === 0 ? weight : 2 * weight), 0);
  const weights = bell.map((weight) => weight / sum);
  return pass(pass(data, 1, weights), width, weights);
}

/** One pass along neighbours `step` apart. Written out term by term: it runs over every pixel of every photo, on phones. */
function pass(data: Float32Array, step: number, weights: readonly number[]): Float32Array {
  const [w0 = 0, w1 = 0, w2 = 0, w3 = 0] = weights;
  const out = new Float32Array(data.length);
  const twice = 2 * step;
  const thrice = 3 * step;
  for (let i = thrice; i < data.length - thrice; i++)
    out[i] =
      w0 * (data[i] as number) +
      w1 * ((data[i - step] as number) + (data[i + step] as number)) +
      w2 * ((data[i - twice] as number) + (data[i + twice] as number)) +
      w3 * ((data[i - thrice] as number) + (data[i + thrice] as number));
  return out;
}

function cut(grey: Grey, { left, top, width, height }: Region): Grey {
  const data = new Float32Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      data[y * width + x] = grey.data[(top + y) * grey.width + left + x] as number;
  return { width, height, data };
}
