import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { coveredDeg, damagedMm, type RimArc } from '.';

const arcs = fc.array(
  fc.record({ fromDeg: fc.integer({ min: -400, max: 800 }), spanDeg: fc.integer({ min: 1, max: 360 }) }),
  { maxLength: 6 },
);
/** Degree by degree: whether its middle lies in any of the arcs. */
const counted = (list: readonly RimArc[]) =>
  Array.from({ length: 360 }, (_, deg) => deg + 0.5).filter((deg) =>
    list.some(({ fromDeg, spanDeg }) => (((deg - fromDeg) % 360) + 360) % 360 < spanDeg),
  ).length;

describe('the damage round a rim', () => {
  it('counts overlaps once, over the top too: as counting degree by degree does', () => {
    fc.assert(
      fc.property(arcs, (list) => {
        expect(coveredDeg(list)).toBe(counted(list));
      }),
    );
  });

  it('is a length along the rim', () => {
    // A fifth of a 17-inch rim, by hand: π · 431.8 · 0.2 = 271.3 mm.
    expect(damagedMm([{ fromDeg: 0, spanDeg: 72 }], 17)).toBeCloseTo(271.31, 2);
    expect(
      damagedMm(
        [
          { fromDeg: 350, spanDeg: 40 },
          { fromDeg: 10, spanDeg: 52 },
        ],
        17,
      ),
    ).toBeCloseTo(271.31, 2);
    expect(damagedMm([], 17)).toBe(0);
  });

  it('counts no arc that spans nothing, and no more than the whole rim', () => {
    expect(coveredDeg([{ fromDeg: 350, spanDeg: 0 }])).toBe(0);
    expect(coveredDeg([{ fromDeg: 10, spanDeg: -20 }])).toBe(0);
    expect(coveredDeg([{ fromDeg: 90, spanDeg: 360 }])).toBe(360);
    expect(coveredDeg([{ fromDeg: 90, spanDeg: 500 }])).toBe(360);
    expect(coveredDeg([{ fromDeg: 340, spanDeg: 20 }])).toBe(20);
  });
});
