export type Random = () => number;

/** Repeatable numbers in 0..1 (mulberry32): the same seed gives the same picture. */
export function seeded(seed: number): Random {
  let a = seed * 0x9e3779b9;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

export const range = (random: Random, from: number, to: number) => from + (to - from) * random();
