/** Repeatable noise in 0..1 at a place on a plane, about one swell per unit. */
export function noise(x: number, y: number, seed: number): number {
  const [i, j] = [Math.floor(x), Math.floor(y)];
  const [u, v] = [fade(x - i), fade(y - j)];
  const top = corner(i, j, seed) * (1 - u) + corner(i + 1, j, seed) * u;
  const low = corner(i, j + 1, seed) * (1 - u) + corner(i + 1, j + 1, seed) * u;
  return top * (1 - v) + low * v;
}

/** Noise with finer noise on it, 0..1. */
export function rugged(x: number, y: number, seed: number, octaves = 4): number {
  let [sum, part, total] = [0, 1, 0];
  for (let i = 0; i < octaves; i++) {
    sum += part * noise(x * 2 ** i, y * 2 ** i, seed + i * 17);
    total += part;
    part /= 2;
  }
  return sum / total;
}

const fade = (t: number) => t * t * (3 - 2 * t);

function corner(i: number, j: number, seed: number): number {
  let h = Math.imul(i, 374_761_393) + Math.imul(j, 668_265_263) + Math.imul(seed, 974_634_541);
  h = Math.imul(h ^ (h >>> 13), 1_274_126_177);
  return ((h ^ (h >>> 16)) >>> 0) / 4_294_967_295;
}
