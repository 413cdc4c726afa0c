/** A smooth height over a stretch of the car, kept as a table: what panels are pressed from. Millimetres. */
export interface Curve {
  at(x: number): number;
  slope(x: number): number;
}

const STEP = 2;

type Pair = readonly [number, number];

/**
 * A curve through a polyline, rounded as sheet metal is: straight pieces blurred over about `softnessMm`.
 * Beyond its ends it goes on level.
 */
export function pressed(points: readonly Pair[], softnessMm: number): Curve {
  const first = points[0] as Pair;
  const last = points[points.length - 1] as Pair;
  const from = first[0] - 400;
  const count = Math.ceil((last[0] + 400 - from) / STEP) + 1;
  let table = Float64Array.from({ length: count }, (_, i) => straight(points, from + i * STEP));
  // Three box blurs in a row are close to a Gaussian.
  const reach = Math.max(1, Math.round(softnessMm / STEP));
  for (let pass = 0; pass < 3; pass++) table = boxBlur(table, reach);
  const at = (x: number) => {
    const place = Math.min(count - 1.001, Math.max(0, (x - from) / STEP));
    const i = Math.floor(place);
    const t = place - i;
    return (table[i] as number) * (1 - t) + (table[i + 1] as number) * t;
  };
  return { at, slope: (x) => (at(x + 6) - at(x - 6)) / 12 };
}

function straight(points: readonly Pair[], x: number): number {
  for (let i = 1; i < points.length; i++) {
    const [x0, y0] = points[i - 1] as Pair;
    const [x1, y1] = points[i] as Pair;
    if (x <= x1) return y0 + ((y1 - y0) * Math.max(0, x - x0)) / (x1 - x0 || 1);
  }
  return (points[points.length - 1] as Pair)[1];
}

function boxBlur(table: Float64Array, reach: number): Float64Array<ArrayBuffer> {
  const out = new Float64Array(table.length);
  const end = table.length - 1;
  const get = (i: number) => table[Math.min(end, Math.max(0, i))] as number;
  let sum = 0;
  for (let i = -reach; i <= reach; i++) sum += get(i);
  for (let i = 0; i < table.length; i++) {
    out[i] = sum / (2 * reach + 1);
    sum += get(i + reach + 1) - get(i - reach);
  }
  return out;
}

export const smoothstep = (from: number, to: number, x: number) => {
  const t = Math.min(1, Math.max(0, (x - from) / (to - from)));
  return t * t * (3 - 2 * t);
};

/** The greater of two, with the edge between them rounded over `k`. */
export const smoothMax = (a: number, b: number, k: number) => {
  const h = Math.max(k - Math.abs(a - b), 0) / k;
  return Math.max(a, b) + h * h * k * 0.25;
};

export const smoothMin = (a: number, b: number, k: number) => -smoothMax(-a, -b, k);
