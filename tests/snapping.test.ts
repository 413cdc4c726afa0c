import { describe, expect, it } from 'vitest';
import { refineCard, type Vec2 } from '#core/picture';
import { range, seeded } from '../demo/picture-maker/random';
import { pixelsOf, truthOf } from './builders/pictures';

/** Demo pictures with a card lying in them. */
const withCard = [
  'estate-door-rr-respray-sign-what',
  'hatch-bumper-front-scuff-2-what',
  'hatch-bumper-rear-scuff-what',
  'hatch-door-rr-ripple-what',
  'hatch-roof-swirls-what',
  'hatch-sill-l-paint-loss-what',
  'hatch-tailgate-scratch-what',
];

const meeting = ([a, b]: [Vec2, Vec2], [c, d]: [Vec2, Vec2]): Vec2 => {
  const [r, s] = [
    [b[0] - a[0], b[1] - a[1]],
    [d[0] - c[0], d[1] - c[1]],
  ] as [Vec2, Vec2];
  const t = ((c[0] - a[0]) * s[1] - (c[1] - a[1]) * s[0]) / (r[0] * s[1] - r[1] * s[0]);
  return [a[0] + t * r[0], a[1] + t * r[1]];
};

/** Where the sides of the card, made longer, meet: its corners are round. From the outline the scene gives; the long side first. */
function trueCorners(name: string): Vec2[] {
  const outline = truthOf(name).scale?.pixels as readonly Vec2[];
  const sides = outline
    .map((from, i): [Vec2, Vec2] => [from, outline[(i + 1) % outline.length] as Vec2])
    .map((side, i) => ({ side, i, long: Math.hypot(side[1][0] - side[0][0], side[1][1] - side[0][1]) }))
    .sort((a, b) => b.long - a.long)
    .slice(0, 4)
    .sort((a, b) => a.i - b.i);
  return sides.map(({ side }, i) => meeting(sides[(i + 3) % 4]?.side as [Vec2, Vec2], side));
}

const offs = (corners: readonly Vec2[], truth: readonly Vec2[]) =>
  corners.map(([x, y], i) => Math.hypot(x - (truth[i]?.[0] as number), y - (truth[i]?.[1] as number)));
const middle = (values: readonly number[]) =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] as number;

describe('a card whose corners a clumsy finger placed', () => {
  it('is found again in the demo pictures, wherever within six pixels the finger was', async () => {
    const [placedOff, foundOff]: [number[], number[]] = [[], []];
    for (const name of withCard) {
      const grey = await pixelsOf(name, 1);
      const truth = trueCorners(name);
      const random = seeded(name.length * 31);
      for (let round = 0; round < 12; round++) {
        const placed = truth.map(([x, y]): Vec2 => [x + range(random, -6, 6), y + range(random, -6, 6)]);
        placedOff.push(...offs(placed, truth));
        foundOff.push(...offs(refineCard(grey, placed, 12), truth));
      }
    }
    expect(middle(placedOff)).toBeGreaterThan(4);
    expect(middle(foundOff)).toBeLessThan(1);
    // A card has a thickness: where its side is seen, the edge found may be the lower one.
    expect(Math.max(...foundOff)).toBeLessThan(4);
  });

  it('stays as it was placed where there is no edge', () => {
    const flat = { width: 400, height: 300, data: new Float32Array(400 * 300).fill(120) };
    const corners: Vec2[] = [
      [50, 50],
      [250, 60],
      [245, 180],
      [45, 170],
    ];
    expect(refineCard(flat, corners, 12)).toEqual(
      corners.map(([x, y]) => [expect.closeTo(x, 6), expect.closeTo(y, 6)]),
    );
  });
});
