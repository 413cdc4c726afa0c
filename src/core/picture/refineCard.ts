import type { Vec2 } from './homography';

/** A picture in grey, row by row. */
interface GreyPicture {
  width: number;
  height: number;
  data: Uint8Array | Uint8ClampedArray | Float32Array;
}

/** Places along a side where its edge is looked for. */
const STATIONS = 41;
/** A card's corners are round (ISO/IEC 7810: 3.18 mm of 53.98), and fingers miss: the ends of a side are left out. */
const END_SHARE = 0.15;
/** Places further from the side's line than this, pixels, are of something else. */
const OFF_LINE = 1.5;
/** Fewer places than this do not make an edge. */
const FEWEST = 12;
/** A step fainter than this, grey levels, is no edge. */
const FAINT = 8;

interface Line {
  /** A place on it, and its unit normal. */
  at: Vec2;
  normal: Vec2;
}

/**
 * Moves the four corners of a card onto the card: along each side the strongest edge within `reach` pixels is looked for, a straight
 * line put through it, and neighbouring lines brought to their meeting. So corners that are round, covered or off by a finger come
 * right, and a side without an edge stays as it was placed. Corners in turn round the card, pixels of `grey`, pixel middles at halves.
 */
export function refineCard(grey: GreyPicture, corners: readonly Vec2[], reach: number): readonly Vec2[] {
  if (corners.length !== 4) return corners;
  const lines = corners.map((from, i) => {
    const to = corners[(i + 1) % 4] as Vec2;
    return edgeNear(grey, from, to, reach) ?? lineThrough(from, to);
  });
  return corners.map((corner, i) => {
    const met = meet(lines[(i + 3) % 4] as Line, lines[i] as Line);
    // A meeting far away is of lines that hardly cross: better the finger than that.
    return met && Math.hypot(met[0] - corner[0], met[1] - corner[1]) <= 2 * reach ? met : corner;
  });
}

function lineThrough(from: Vec2, to: Vec2): Line {
  const long = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  return { at: from, normal: [-(to[1] - from[1]) / long, (to[0] - from[0]) / long] };
}

/** The edge near the line between two places; undefined when there is none. */
function edgeNear(grey: GreyPicture, from: Vec2, to: Vec2, reach: number): Line | undefined {
  const { normal } = lineThrough(from, to);
  const found: { at: Vec2; rises: boolean }[] = [];
  for (let n = 0; n < STATIONS; n++) {
    const share = END_SHARE + ((1 - 2 * END_SHARE) * n) / (STATIONS - 1);
    const at: Vec2 = [from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])];
    const edge = strongestStep(grey, at, normal, reach);
    if (edge)
      found.push({
        at: [at[0] + edge.away * normal[0], at[1] + edge.away * normal[1]],
        rises: edge.step > 0,
      });
  }
  // The card is lighter than what it lies on, or darker, all along: steps the other way are of something else.
  const rising = found.filter(({ rises }) => rises);
  const falling = found.filter(({ rises }) => !rises);
  return robustLine((rising.length >= falling.length ? rising : falling).map(({ at }) => at));
}

/** Where along the normal the brightness changes most, smoothed over three pixels, to a part of a pixel. */
function strongestStep(
  grey: GreyPicture,
  at: Vec2,
  normal: Vec2,
  reach: number,
): { away: number; step: number } | undefined {
  const value = (away: number) => bilinear(grey, at[0] + away * normal[0], at[1] + away * normal[1]);
  const range = Math.ceil(reach);
  const steps = Array.from({ length: 2 * range + 1 }, (_, k) => {
    const away = k - range;
    return (value(away + 0.5) + value(away + 1.5) - value(away - 0.5) - value(away - 1.5)) / 2;
  });
  let best = -1;
  for (let k = 1; k < steps.length - 1; k++)
    if (best < 0 || Math.abs(steps[k] as number) > Math.abs(steps[best] as number)) best = k;
  const step = steps[best] as number;
  if (!(Math.abs(step) >= FAINT)) return undefined;
  const [before, here, after] = [steps[best - 1], step, steps[best + 1]].map((s) =>
    Math.abs(s as number),
  ) as [number, number, number];
  // The top of a parabola through the three.
  const bend = before - 2 * here + after;
  const part = bend < 0 ? (before - after) / (2 * bend) : 0;
  return { away: best - range + Math.max(-0.5, Math.min(0.5, part)), step };
}

function bilinear({ width, height, data }: GreyPicture, x: number, y: number): number {
  const px = Math.min(width - 1.001, Math.max(0, x - 0.5));
  const py = Math.min(height - 1.001, Math.max(0, y - 0.5));
  const [i, j] = [Math.floor(px), Math.floor(py)];
  const [u, v] = [px - i, py - j];
  const k = j * width + i;
  const [a, b, c, d] = [data[k], data[k + 1], data[k + width], data[k + width + 1]] as [
    number,
    number,
    number,
    number,
  ];
  return (a * (1 - u) + b * u) * (1 - v) + (c * (1 - u) + d * u) * v;
}

/** The line most places agree on: of all pairs the one with most places near it, then the best through those. */
function robustLine(places: readonly Vec2[]): Line | undefined {
  let most: readonly Vec2[] = [];
  for (let i = 0; i < places.length; i++)
    for (let j = i + 3; j < places.length; j++) {
      const line = lineThrough(places[i] as Vec2, places[j] as Vec2);
      const near = places.filter((place) => Math.abs(distance(line, place)) <= OFF_LINE);
      if (near.length > most.length) most = near;
    }
  return most.length >= FEWEST ? bestLine(most) : undefined;
}

const distance = ({ at, normal }: Line, [x, y]: Vec2): number =>
  (x - at[0]) * normal[0] + (y - at[1]) * normal[1];

/** Least squares of the distances across the line: along the greater axis of the scatter. */
function bestLine(places: readonly Vec2[]): Line {
  const n = places.length;
  const mx = places.reduce((sum, [x]) => sum + x, 0) / n;
  const my = places.reduce((sum, [, y]) => sum + y, 0) / n;
  let [xx, xy, yy] = [0, 0, 0];
  for (const [x, y] of places) {
    xx += (x - mx) ** 2;
    xy += (x - mx) * (y - my);
    yy += (y - my) ** 2;
  }
  const along = Math.atan2(2 * xy, xx - yy) / 2;
  return { at: [mx, my], normal: [-Math.sin(along), Math.cos(along)] };
}

function meet(a: Line, b: Line): Vec2 | undefined {
  const cross = a.normal[0] * b.normal[1] - a.normal[1] * b.normal[0];
  if (Math.abs(cross) < 0.1) return undefined;
  const [ca, cb] = [
    a.at[0] * a.normal[0] + a.at[1] * a.normal[1],
    b.at[0] * b.normal[0] + b.at[1] * b.normal[1],
  ];
  return [(ca * b.normal[1] - cb * a.normal[1]) / cross, (a.normal[0] * cb - b.normal[0] * ca) / cross];
}
