import { type Random, range } from '../../random';
import type { Mark } from './kinds';
import type { Layers } from './layers';
import { noise, rugged } from './noise';

type Of<K extends Mark['kind']> = Extract<Mark, { kind: K }>;
type Rgb = readonly [number, number, number];

const oval = (x: number, y: number, widthMm: number, heightMm: number) =>
  Math.hypot((x * 2) / widthMm, (y * 2) / heightMm);

/** Blisters under the paint, burst where they are highest. */
export function rust(layers: Layers, { widthMm, heightMm }: Of<'rust'>, random: Random): void {
  for (let i = 0; i < (widthMm * heightMm) / 70; i++) {
    const around = random() * Math.PI * 2;
    const far = Math.sqrt(random()) * 0.86;
    const at = [(Math.cos(around) * far * widthMm) / 2, (Math.sin(around) * far * heightMm) / 2] as const;
    const size = range(random, 1.2, 6.5) * (1.15 - far);
    layers.each(at, size, size, (index, x, y) => {
      const r = Math.hypot(x - at[0], y - at[1]) / size;
      if (r < 1) layers.bend(index, size * 0.085 * (1 - r * r) ** 1.5, true);
    });
  }
  layers.each([0, 0], widthMm / 2, heightMm / 2, (index, x, y) => {
    const r = oval(x, y, widthMm, heightMm);
    const burst = rugged(x / 11, y / 11, 51, 5) - 0.28 * r;
    const tone = rugged(x / 2, y / 2, 53, 4);
    const colour: Rgb = [70 + 66 * tone, 42 + 36 * tone, 26 + 18 * tone];
    if (r < 1 && burst > 0.43) {
      layers.remove(index, 60);
      layers.lay(index, { colour, amount: 1, rough: 0.95, gloss: 0, heightMm: 0.25 * tone });
    } else if (r < 1 && burst > 0.36) layers.lay(index, { colour, amount: 0.45, rough: 0.8, gloss: 0.4 });
  });
  // It has run down in the wet.
  layers.each([0, -heightMm * 0.8], widthMm / 2, heightMm * 0.5, (index, x, y) => {
    const streak = noise(x / 3.4, 0.5, 57) ** 3 * (1 - Math.abs(y + heightMm * 0.4) / heightMm);
    if (streak > 0.05)
      layers.lay(index, {
        colour: [120, 72, 38],
        amount: Math.min(0.28, streak * 0.5),
        rough: 0.6,
        gloss: 0.8,
      });
  });
}

/** Fine mist of paint that fell where it should not: rough to the hand, dull to the eye. */
export function overspray(
  layers: Layers,
  { widthMm, heightMm }: Of<'overspray'>,
  random: Random,
  paint: Rgb,
): void {
  const pale = paint.map((v) => Math.min(255, v * 0.8 + 62)) as unknown as Rgb;
  for (let i = 0; i < widthMm * heightMm * 0.55; i++) {
    const x = (random() + random() - 1) * (widthMm / 2);
    const y = range(random, -heightMm / 2, heightMm / 2);
    if (random() < Math.abs(x) / widthMm) continue;
    const size = range(random, 0.1, 0.36);
    layers.each([x, y], size, size, (index, px, py) => {
      const r = Math.hypot(px - x, py - y) / size;
      if (r < 1)
        layers.lay(index, {
          colour: pale,
          amount: 0.85,
          rough: 0.9,
          gloss: 0.15,
          heightMm: 0.07 * (1 - r * r),
        });
    });
  }
  layers.each([0, 0], widthMm / 2, heightMm / 2, (index, x, y) => {
    const r = oval(x, y, widthMm, heightMm);
    if (r < 1) layers.scour(index, 0.75 * (1 - r * r));
  });
}

/** The edge left by masking: a step in the coat, straight as tape, with a dull side. */
export function tapeLine(layers: Layers, { lengthMm, stepUm }: Of<'tape-line'>): void {
  layers.each([0, 0], lengthMm / 2, 34, (index, x, y) => {
    const fade = Math.min(1, (lengthMm / 2 - Math.abs(x)) / 14);
    const jag = 0.22 * (noise(x / 1.3, 1, 3) - 0.5);
    const side = y + jag;
    if (side > 0 && side < 30) {
      layers.bend(index, (stepUm / 1000) * fade * Math.min(1, side / 0.35) * (1 - side / 30), false);
      layers.bend(index, 0.016 * fade * (rugged(x / 1.6, y / 1.6, 61) - 0.5), false);
      layers.scour(index, 0.22 * fade * (1 - side / 30));
    }
    if (Math.abs(side) < 0.5)
      layers.lay(index, { colour: [70, 74, 76], amount: 0.5 * fade, rough: 0.7, gloss: 0.5 });
  });
}

export function touchIn(layers: Layers, { diameterMm }: Of<'touch-in'>, paint: Rgb): void {
  const off = paint.map((v) => v * 0.82 + 6) as unknown as Rgb;
  const reach = diameterMm / 2;
  layers.each([0, 0], reach, reach, (index, x, y) => {
    const r = Math.hypot(x, y) / reach + 0.34 * (noise(x / 2.4 + 5, y / 2.4 + 5, 12) - 0.5);
    if (r < 0.85)
      layers.lay(index, { colour: off, amount: 1, rough: 0.45, gloss: 0.8, heightMm: 0.18 * (1 - r) + 0.05 });
  });
}

/** A stone's bite in glass: a pit, a bright bruise, and legs that run out from it. */
export function glassChip(layers: Layers, { diameterMm, legs }: Of<'glass-chip'>, random: Random): void {
  const reach = diameterMm / 2;
  const rays = Array.from({ length: legs }, () => ({
    around: random() * Math.PI * 2,
    length: reach * range(random, 0.6, 1),
  }));
  (rays[0] as { length: number }).length = reach;
  layers.each([0, 0], reach, reach, (index, x, y) => {
    const r = Math.hypot(x, y);
    if (r > reach) return;
    const pit = r / (reach * 0.2);
    if (pit < 1) {
      layers.remove(index, 300 * (1 - pit * pit));
      return;
    }
    const bruise = r / (reach * 0.5) + 0.4 * (rugged(x / 0.8, y / 0.8, 7) - 0.5);
    if (bruise < 1)
      layers.lay(index, {
        colour: [214, 222, 224],
        amount: 0.75 * (1 - bruise) + 0.12,
        rough: 0.4,
        gloss: 0.9,
      });
    for (const { around, length } of rays) {
      const along = x * Math.cos(around) + y * Math.sin(around);
      const off = Math.abs(
        -x * Math.sin(around) + y * Math.cos(around) + 0.35 * (noise(along * 1.3, around, 4) - 0.5),
      );
      if (along > 0 && along < length && off < 0.11 + 0.08 * (1 - along / length))
        layers.lay(index, { colour: [226, 232, 234], amount: 0.9, rough: 0.3, gloss: 0.9 });
    }
  });
}

/** Plastic of a lamp gone milky and yellow, worst at its upper edge. */
export function haze(layers: Layers, { widthMm, heightMm }: Of<'haze'>): void {
  layers.each([0, 0], widthMm / 2, heightMm / 2, (index, x, y) => {
    // Nearly square: it follows the lamp, not a circle.
    const r = (((x * 2) / widthMm) ** 4 + ((y * 2) / heightMm) ** 4) ** 0.25;
    if (r >= 1) return;
    const amount = (1 - r ** 5) * (0.42 + 0.4 * rugged(x / 26, y / 16, 9)) * (0.72 + (0.5 * y) / heightMm);
    layers.lay(index, { colour: [196, 188, 152], amount, rough: 0.75, gloss: 0.35 });
    layers.scour(index, amount);
  });
}

/** Film over paint: its edge, the dirt that gathers there, and a lifted corner with air below. */
export function filmEdge(layers: Layers, { lengthMm, liftMm }: Of<'film-edge'>): void {
  layers.each([0, 0], lengthMm / 2, 60, (index, x, y) => {
    const lift = Math.exp(-(((x - lengthMm * 0.1) / 17) ** 2)) * Math.max(0, 1 - y / 34);
    const edge = y + 5 * Math.exp(-(((x - lengthMm * 0.1) / 15) ** 2));
    if (edge > 0)
      layers.bend(index, (0.16 + liftMm * lift) * Math.min(1, edge / 0.5), Math.abs(edge) < 6 || lift > 0.2);
    if (Math.abs(edge) < 0.7 + 0.6 * noise(x / 2, 1, 4))
      layers.lay(index, {
        colour: [58, 52, 44],
        amount: 0.8 * (0.55 + 0.45 * noise(x / 4, 2, 6)),
        rough: 0.9,
        gloss: 0.2,
      });
    if (edge > 0 && lift > 0.2)
      layers.lay(index, { colour: [188, 190, 186], amount: 0.26 * lift, rough: 0.5, gloss: 1 });
  });
}

const DUST: Rgb = [156, 146, 128];

export function dust(layers: Layers, { widthMm, heightMm }: Of<'dust'>, random: Random): void {
  layers.each([0, 0], widthMm / 2, heightMm / 2, (index, x, y) => {
    const r = oval(x, y, widthMm, heightMm);
    if (r < 1)
      layers.lay(index, {
        colour: DUST,
        amount: 0.4 * (1 - r * r) * rugged(x / 14, y / 8, 15),
        rough: 0.95,
        gloss: 0.45,
      });
  });
  for (let i = 0; i < widthMm * heightMm * 0.05; i++) {
    const at = [
      range(random, -widthMm / 2, widthMm / 2),
      range(random, -heightMm / 2, heightMm / 2),
    ] as const;
    const size = range(random, 0.12, 0.55) ** 1.4;
    layers.each(at, size, size, (index, x, y) => {
      if (Math.hypot(x - at[0], y - at[1]) < size)
        layers.lay(index, { colour: [190, 180, 160], amount: 0.9, rough: 0.95, gloss: 0.1, heightMm: 0.05 });
    });
  }
}

export function drops(layers: Layers, { widthMm, heightMm }: Of<'drops'>, random: Random): void {
  for (let i = 0; i < widthMm * heightMm * 0.012; i++) {
    const size = range(random, 0.5, 1) ** 3 * 4.6 + 0.3;
    const at = [
      range(random, -widthMm / 2, widthMm / 2),
      range(random, -heightMm / 2, heightMm / 2),
    ] as const;
    bead(layers, at, size, size * range(random, 1, 1.3), random);
  }
}

/** Water: clear, so it shows by the light it bends and mirrors. */
function bead(layers: Layers, at: readonly [number, number], w: number, h: number, random: Random): void {
  const seed = Math.floor(random() * 900);
  layers.each(at, w, h, (index, x, y) => {
    const r = Math.hypot((x - at[0]) / w, (y - at[1]) / h) + 0.18 * (noise(x / 1.6, y / 1.6, seed) - 0.5);
    if (r >= 0.96) return;
    layers.bend(index, w * 0.42 * Math.sqrt(1 - r * r * 0.98) * (1 - r ** 6), true);
    layers.lay(index, { colour: [96, 108, 116], amount: 0.1, rough: 0.2, gloss: 1 });
  });
}

/** Dried water: a pale line that looks scratched until it is wiped. */
export function waterRun(layers: Layers, { lengthMm }: Of<'water-run'>): void {
  layers.each([0, 0], 16, lengthMm / 2, (index, x, y) => {
    const sway = 5 * (noise(y / 26, 1, 71) - 0.5) + 1.4 * (noise(y / 6, 2, 73) - 0.5);
    const off = Math.abs(x - sway);
    const wide = 1.4 + 1.6 * noise(y / 18, 3, 75);
    const edge = Math.exp(-(((off - wide) / 0.34) ** 2));
    const fade = Math.min(1, (lengthMm / 2 - Math.abs(y)) / 12);
    const amount = fade * (0.62 * edge * (0.4 + 0.6 * noise(y / 5, x, 77)) + (off < wide ? 0.12 : 0));
    if (amount > 0.02) layers.lay(index, { colour: [206, 206, 198], amount, rough: 0.8, gloss: 0.6 });
  });
}

export function residue(layers: Layers, { widthMm, heightMm }: Of<'residue'>): void {
  layers.each([0, 0], widthMm / 2, heightMm / 2, (index, x, y) => {
    const r = oval(x, y, widthMm, heightMm) + 0.5 * (rugged(x / 15, y / 15, 83) - 0.5);
    if (r >= 0.86) return;
    const smear = rugged(x / 20 + y / 60, y / 3, 87, 4);
    layers.lay(index, {
      colour: [222, 222, 216],
      amount: Math.max(0, smear - 0.28) * 1.1 * (1 - r * 0.7),
      rough: 0.9,
      gloss: 0.5,
      heightMm: 0.03,
    });
  });
}

export function mud(layers: Layers, { widthMm, heightMm }: Of<'mud'>, random: Random): void {
  for (let i = 0; i < 120; i++) {
    const around = random() * Math.PI * 2;
    const far = random() ** 0.7;
    const at = [(Math.cos(around) * far * widthMm) / 2, (Math.sin(around) * far * heightMm) / 2] as const;
    const size = range(random, 0.4, 1) ** 2 * 5 * (1.25 - far);
    const seed = Math.floor(random() * 900);
    layers.each(at, size, size * 1.3, (index, x, y) => {
      const r =
        Math.hypot(x - at[0], (y - at[1]) / 1.25) / size + 0.5 * (noise(x / 1.2, y / 1.2, seed) - 0.5);
      const tone = rugged(x, y, seed + 1);
      if (r < 0.85)
        layers.lay(index, {
          colour: [96 + 40 * tone, 80 + 36 * tone, 60 + 30 * tone],
          amount: 0.96,
          rough: 1,
          gloss: 0,
          heightMm: 0.5 * (0.85 - r),
        });
    });
  }
}
