import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { judgeScreen, type ScreenDamage, ukScreenRule, usualScreen, zoneOf } from '.';

const right = usualScreen(1400, 800, 'right');
const left = usualScreen(1400, 800, 'left');
const chip = (x: number, y: number, acrossMm: number): ScreenDamage => ({
  at: [x, y],
  acrossMm,
  kind: 'chip',
});

describe('the zones of a screen', () => {
  it('follow the steering side: who sits on the car’s right is on the left from outside', () => {
    expect(zoneOf([330, 400], 2, right)).toBe('driver-band');
    expect(zoneOf([330, 400], 2, left)).toBe('swept');
    expect(zoneOf([1070, 400], 2, left)).toBe('driver-band');
    expect(zoneOf([700, 790], 2, right)).toBe('outside');
    expect(zoneOf([10, 400], 2, right)).toBe('outside');
  });

  it('take a damage for the strictest zone it reaches into', () => {
    const edge = right.band.middle + right.band.width / 2;
    expect(zoneOf([edge + 4, 400], 5, right)).toBe('driver-band');
    expect(zoneOf([edge + 6, 400], 5, right)).toBe('swept');
  });

  it('mirror each other between left and right steering', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1400 }), fc.integer({ min: 0, max: 800 }), (x, y) => {
        expect(zoneOf([x, y], 3, right)).toBe(zoneOf([1400 - x, y], 3, left));
      }),
    );
  });
});

describe('what the rule says (MOT inspection manual, section 3.2)', () => {
  it.each([
    [chip(330, 400, 10), true],
    [chip(330, 400, 11), false],
    [chip(900, 400, 40), true],
    [chip(900, 400, 41), false],
    [chip(700, 790, 90), undefined],
  ])('%j', (damage, passes) => {
    // A damage of 90 mm at the very top reaches into the swept area; a small one does not.
    const small = passes === undefined ? { ...damage, acrossMm: 20 } : damage;
    expect(judgeScreen(small, right, ukScreenRule).passes).toBe(passes);
  });

  it('is stricter before the driver than anywhere else', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 80 }), (mm) => {
        const before = judgeScreen(chip(330, 400, mm), right, ukScreenRule).passes;
        const beside = judgeScreen(chip(900, 400, mm), right, ukScreenRule).passes;
        if (before) expect(beside).toBe(true);
      }),
    );
  });

  it('says what may be filled and what needs a new screen', () => {
    expect(judgeScreen(chip(900, 400, 12), right, ukScreenRule).repair).toBe('resin');
    expect(judgeScreen(chip(330, 400, 18), right, ukScreenRule).repair).toBe('new-screen');
    const crack = { at: [60, 300] as const, acrossMm: 100, kind: 'crack' as const };
    expect(judgeScreen(crack, right, ukScreenRule)).toMatchObject({
      zone: 'swept',
      passes: false,
      repair: 'new-screen',
    });
    expect(judgeScreen(chip(330, 400, 18), right, ukScreenRule).says).toBe(
      '18 mm in the band before the driver: over the 10 mm allowed there',
    );
  });
});

describe('a crack that was drawn', () => {
  const crack = (from: readonly [number, number], to: readonly [number, number]): ScreenDamage => ({
    at: from,
    to,
    acrossMm: Math.hypot(to[0] - from[0], to[1] - from[1]),
    kind: 'crack',
  });

  it('counts where it runs, not in a circle round its middle', () => {
    // 500 mm along the right of a right-hand-drive screen: it never comes near the driver's band on the left.
    expect(judgeScreen(crack([800, 300], [1300, 300]), right, ukScreenRule).zone).toBe('swept');
    expect(judgeScreen(crack([400, 300], [1300, 300]), right, ukScreenRule).zone).toBe('driver-band');
    expect(judgeScreen(crack([700, 780], [900, 790]), right, ukScreenRule).zone).toBe('outside');
  });

  it('is not filled when it runs to the edge', () => {
    expect(judgeScreen(crack([700, 300], [730, 300]), right, ukScreenRule).repair).toBe('resin');
    expect(judgeScreen(crack([1340, 300], [1370, 300]), right, ukScreenRule).repair).toBe('new-screen');
  });
});
