import { type Random, range } from '../../random';
import type { Mark } from './kinds';
import type { Layers } from './layers';
import { noise, rugged } from './noise';

type Of<K extends Mark['kind']> = Extract<Mark, { kind: K }>;

/** A furrow from one place to another, wavering a little and fading at its ends. */
function furrow(
  layers: Layers,
  from: readonly [number, number],
  to: readonly [number, number],
  widthMm: number,
  depthUm: number,
  waver: number,
  seed: number,
): void {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  const ux = (to[0] - from[0]) / length;
  const uy = (to[1] - from[1]) / length;
  const middle = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2] as const;
  const reachX = (Math.abs(to[0] - from[0]) + widthMm) / 2 + waver;
  const reachY = (Math.abs(to[1] - from[1]) + widthMm) / 2 + waver;
  layers.each(middle, reachX, reachY, (index, x, y) => {
    const along = (x - from[0]) * ux + (y - from[1]) * uy;
    if (along < 0 || along > length) return;
    const sway = waver * (noise(along / 17, seed, seed) + 0.4 * noise(along / 4, seed, seed + 5) - 0.7);
    const off = Math.abs(-(x - from[0]) * uy + (y - from[1]) * ux - sway);
    const ends = Math.min(1, along / 7, (length - along) / 7);
    const half = (widthMm / 2) * (0.45 + 0.55 * ends) * (0.75 + 0.5 * noise(along / 3, seed, seed + 9));
    if (off > half) return;
    const pressure = (0.55 + 0.6 * noise(along / 9, seed, seed + 3)) * (0.25 + 0.75 * ends);
    layers.remove(index, depthUm * pressure * (1 - (off / half) ** 2.2 * 0.8));
  });
}

export function scratch(
  layers: Layers,
  { lengthMm, widthMm, depthUm, angleDeg }: Of<'scratch'>,
  seed: number,
): void {
  const a = (angleDeg * Math.PI) / 180;
  const [dx, dy] = [(Math.cos(a) * lengthMm) / 2, (Math.sin(a) * lengthMm) / 2];
  furrow(layers, [-dx, -dy], [dx, dy], widthMm, depthUm, lengthMm * 0.018, seed);
  // A fainter companion beside it, as a stone or a buckle leaves.
  furrow(
    layers,
    [-dx * 0.5, -dy * 0.5 + 2.4],
    [dx * 0.82, dy * 0.82 + 2.1],
    widthMm * 0.4,
    depthUm * 0.35,
    lengthMm * 0.018,
    seed,
  );
}

export function chips(
  layers: Layers,
  { count, largestMm, spreadMm, depthUm }: Of<'chips'>,
  random: Random,
): void {
  const made: { x: number; y: number; r: number }[] = [];
  for (let tries = 0; made.length < count && tries < 600; tries++) {
    const first = made.length === 0;
    const r = (largestMm / 2) * (first ? 1 : range(random, 0.28, 0.85) ** 1.3);
    const around = random() * Math.PI * 2;
    const far = first ? spreadMm * 0.08 : Math.sqrt(random()) * (spreadMm / 2 - r);
    const at = { x: Math.cos(around) * far, y: Math.sin(around) * far * 0.8, r };
    if (made.every((other) => Math.hypot(other.x - at.x, other.y - at.y) > (other.r + r) * 1.6))
      made.push(at);
  }
  made.forEach((at, n) => {
    chip(layers, at, depthUm * (n === 0 ? 1 : range(random, 0.5, 1)), n * 31 + 7);
  });
}

/** A flake of paint gone: ragged outline, each layer a little less far than the one above. */
function chip(layers: Layers, at: { x: number; y: number; r: number }, depthUm: number, seed: number): void {
  layers.each([at.x, at.y], at.r * 1.02, at.r * 1.02, (index, x, y) => {
    const [dx, dy] = [x - at.x, y - at.y];
    const around = Math.atan2(dy, dx);
    const rag =
      0.7 +
      0.3 * noise(Math.cos(around) * 1.6 + 9, Math.sin(around) * 1.6 + 9, seed) -
      0.12 * noise(dx * 3, dy * 3, seed + 2);
    const r = Math.hypot(dx, dy) / (at.r * rag);
    if (r > 1) return;
    const inner = rugged(dx * 1.2 + 40, dy * 1.2 + 40, seed + 4) * 0.3;
    layers.remove(index, r > 0.88 ? 44 : depthUm * Math.min(1, (0.88 - r) * 3.2 + 0.42 + inner));
  });
}

export function scuff(
  layers: Layers,
  { lengthMm, heightMm, depthUm, angleDeg }: Of<'scuff'>,
  random: Random,
): void {
  const a = (angleDeg * Math.PI) / 180;
  const [ux, uy] = [Math.cos(a), Math.sin(a)];
  const strokes = Math.round(heightMm * 3.4);
  for (let i = 0; i < strokes; i++) {
    const bundle = (random() + random() + random()) / 1.5 - 1;
    const off = (bundle * heightMm) / 2;
    const length = lengthMm * range(random, 0.12, 0.8) * (1 - 0.6 * bundle * bundle);
    const start = range(random, -lengthMm / 2, lengthMm / 2 - length);
    const from = [start * ux - off * uy, start * uy + off * ux] as const;
    const to = [
      (start + length) * ux - off * uy + range(random, -2, 2),
      (start + length) * uy + off * ux + range(random, -2, 2),
    ] as const;
    furrow(layers, from, to, range(random, 0.25, 1.5), depthUm * range(random, 0.15, 1) ** 1.6, 1.2, i + 11);
  }
  layers.each([0, 0], lengthMm / 2, heightMm / 2 + Math.abs(uy) * lengthMm, (index, x, y) => {
    const along = (x * ux + y * uy) / (lengthMm / 2);
    const off = (-x * uy + y * ux) / (heightMm / 2);
    const r = along * along + off * off;
    if (r < 1) layers.scour(index, (1 - r) * rugged(along * 4, off * 30, 8) * 0.9);
  });
}

export function wear(layers: Layers, { widthMm, heightMm, depthUm }: Of<'wear'>): void {
  layers.each([0, 0], widthMm / 2, heightMm / 2, (index, x, y) => {
    const r = Math.hypot((x * 2) / widthMm, (y * 2) / heightMm);
    const edge = 0.84 + 0.3 * (rugged(x / 9, y / 9, 3) - 0.5);
    if (r < edge) layers.remove(index, depthUm * Math.min(1, ((edge - r) / edge) * 2.6 + 0.1));
  });
}

/** The coat has let go: a map-like edge, dull base inside, a milky rim where it is about to go. */
export function peel(layers: Layers, { widthMm, heightMm }: Of<'peel'>): void {
  layers.each([0, 0], widthMm / 2, heightMm / 2, (index, x, y) => {
    const r = Math.hypot((x * 2) / widthMm, (y * 2) / heightMm);
    if (r >= 1) return;
    const edge = r + 0.75 * (rugged(x / 22, y / 22, 21, 5) - 0.5);
    if (edge < 0.6) layers.remove(index, 43 + 6 * noise(x / 5, y / 5, 6));
    else if (edge < 0.72)
      layers.lay(index, {
        colour: [206, 208, 206],
        amount: 0.55 * (1 - (edge - 0.6) / 0.12),
        rough: 0.7,
        gloss: 0.4,
        heightMm: 0.12,
      });
  });
}

export function etching(layers: Layers, { widthMm, heightMm }: Of<'etching'>): void {
  layers.each([0, 0], widthMm / 2, heightMm / 2, (index, x, y) => {
    const r = Math.hypot((x * 2) / widthMm, (y * 2) / heightMm);
    if (r >= 1) return;
    const edge = r + 0.5 * (rugged(x / 7, y / 7, 33) - 0.5);
    if (edge >= 0.8) return;
    // A ring bitten deepest at its rim, swollen paint inside.
    const rim = Math.exp(-(((edge - 0.68) / 0.09) ** 2));
    layers.remove(index, 6 + 26 * rim);
    layers.bend(index, 0.02 * (rugged(x / 2.4, y / 2.4, 4) - 0.5), false);
    layers.scour(index, 0.5 + 0.4 * rim);
  });
}

export function swirls(layers: Layers, { diameterMm }: Of<'swirls'>, random: Random): void {
  const reach = diameterMm / 2;
  for (let i = 0; i < 520; i++) {
    const r = range(random, 12, reach * 1.1);
    const [cx, cy] = [range(random, -reach * 0.5, reach * 0.5), range(random, -reach * 0.5, reach * 0.5)];
    const start = random() * Math.PI * 2;
    const sweep = range(random, 0.3, 1.5);
    const steps = Math.ceil((sweep * r) / (layers.mmPerPixel * 0.8));
    const deep = range(random, 5, 24);
    for (let s = 0; s < steps; s++) {
      const a = start + (sweep * s) / steps;
      const at = [cx + Math.cos(a) * r, cy + Math.sin(a) * r] as const;
      if (Math.hypot(...at) > reach) continue;
      layers.each(at, 0, 0, (index) => layers.remove(index, deep));
    }
  }
}
