import type { Mark } from './kinds';
import type { Layers } from './layers';
import { noise } from './noise';

type Of<K extends Mark['kind']> = Extract<Mark, { kind: K }>;

/** Falls from 1 in the middle to exactly 0 at 1, with no edge anywhere. */
const bowl = (r: number) => (r >= 1 ? 0 : (1 - r * r) ** 2.4);

export function dent(layers: Layers, { diameterMm, depthMm }: Of<'dent'>): void {
  const reach = diameterMm / 2;
  layers.each([0, 0], reach, reach, (index, x, y) => {
    const r = Math.hypot(x, y * 1.06) / reach;
    if (r < 1) layers.bend(index, -depthMm * bowl(r), true);
  });
}

export function crease(layers: Layers, { lengthMm, depthMm, angleDeg }: Of<'crease'>): void {
  const a = (angleDeg * Math.PI) / 180;
  const half = lengthMm / 2;
  const wide = lengthMm * 0.16;
  layers.each([0, 0], half, half, (index, x, y) => {
    const along = (x * Math.cos(a) + y * Math.sin(a)) / half;
    const off = (-x * Math.sin(a) + y * Math.cos(a)) / wide;
    if (Math.abs(along) >= 1 || Math.abs(off) >= 1) return;
    // A sharp fold on one side, a soft slope on the other.
    const across = off < 0 ? bowl(-off) : bowl(off) * 0.5 + 0.5 * Math.max(0, 1 - off * 4);
    layers.bend(index, -depthMm * bowl(Math.abs(along)) * across, true);
  });
}

export function ripple(layers: Layers, { widthMm, heightMm, depthMm }: Of<'ripple'>): void {
  layers.each([0, 0], widthMm / 2, heightMm / 2, (index, x, y) => {
    const r = Math.hypot((x * 2) / widthMm, (y * 2) / heightMm);
    if (r >= 1) return;
    const swell = Math.sin((x / widthMm) * Math.PI * 5 + 2 * noise(x / 60, y / 60, 5));
    layers.bend(index, depthMm * swell * bowl(r), true);
  });
}
