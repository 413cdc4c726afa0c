import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { said } from '../../../tests/builders/said';
import { judgeScreen as judged, type ScreenDamage, ukScreenRule, usualScreen, zoneOf } from '.';

// As it is told in English.
const judgeScreen = (...given: Parameters<typeof judged>) => said(judged(...given));

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

describe('the swept outline', () => {
  // Shares of the plan: sides and bottom at 5 %, wipers at 30 and 70 % of the width that reach 82 % of the height.
  const isSwept = (x: number, y: number): boolean =>
    x >= 70 && x <= 1330 && y >= 40 && [420, 980].some((pivot) => Math.hypot(x - pivot, y) <= 656 || y <= 40);

  it('holds what two wipers sweep, as asking each wiper says, but for the chords of its top', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1400 }), fc.integer({ min: 0, max: 800 }), (x, y) => {
        const around = [0, 1, 2, 3, 4, 5, 6, 7].map((i) =>
          isSwept(x + 12 * Math.cos((i * Math.PI) / 4), y + 12 * Math.sin((i * Math.PI) / 4)),
        );
        // Near the outline the chords of the approximation decide; elsewhere both must agree.
        if (new Set(around).size > 1) return;
        expect(zoneOf([x, y], 0, right) !== 'outside').toBe(isSwept(x, y));
      }),
      { numRuns: 2000 },
    );
  });

  it('is met by a damage whose rim touches a side, the bottom or a corner', () => {
    expect(zoneOf([60, 400], 10, left)).toBe('swept');
    expect(zoneOf([60, 400], 9.5, left)).toBe('outside');
    expect(zoneOf([1340, 400], 10, right)).toBe('swept');
    expect(zoneOf([1340, 400], 9.5, right)).toBe('outside');
    expect(zoneOf([700, 20], 20, left)).toBe('swept');
    expect(zoneOf([700, 20], 19.5, left)).toBe('outside');
    // 30 and 40 from the corner: 50 away.
    expect(zoneOf([40, 0], 50, left)).toBe('swept');
    expect(zoneOf([40, 0], 49.5, left)).toBe('outside');
    expect(zoneOf([1360, 0], 50, right)).toBe('swept');
    expect(zoneOf([1360, 0], 49.5, right)).toBe('outside');
  });

  it('reaches as high as the wipers above their pivots, and has the band 370 mm off the middle', () => {
    for (const x of [420, 980]) {
      expect(zoneOf([x, 640], 0, left)).not.toBe('outside');
      expect(zoneOf([x, 665], 0, left)).toBe('outside');
    }
    // Between the arcs the sweep dips: √(656² − 280²) = 593.
    expect(zoneOf([700, 585], 0, left)).toBe('swept');
    expect(zoneOf([700, 605], 0, left)).toBe('outside');
    expect(right.band).toEqual({ middle: 330, width: 290 });
    expect(left.band).toEqual({ middle: 1070, width: 290 });
    expect(left).toMatchObject({ width: 1400, height: 800 });
  });

  it('has its band to the millimetre', () => {
    expect(zoneOf([475, 400], 0, right)).toBe('driver-band');
    expect(zoneOf([476, 400], 0, right)).toBe('swept');
    expect(zoneOf([185, 400], 0, right)).toBe('driver-band');
    expect(zoneOf([184, 400], 0, right)).toBe('swept');
  });
});

describe('what is to be done with a damage, by the house table', () => {
  const at = (kind: ScreenDamage['kind'], acrossMm: number, x = 900, y = 400): ScreenDamage => ({
    at: [x, y],
    acrossMm,
    kind,
  });
  it.each<[string, ScreenDamage, string]>([
    ['a chip of 25 mm is filled', at('chip', 25), 'resin'],
    ['one of 26 mm that the rule lets pass is left', at('chip', 26), 'leave'],
    ['one over the rule needs a screen', at('chip', 41), 'new-screen'],
    ['a chip before the driver is filled up to 10 mm', at('chip', 10, 330), 'resin'],
    ['and no larger', at('chip', 11, 330), 'new-screen'],
    ['a chip at the very edge is filled', at('chip', 10, 700, 790), 'resin'],
    ['a large one where the rule is silent is left', at('chip', 26, 700, 795), 'leave'],
    ['a crack of 40 mm well inside is filled', at('crack', 40), 'resin'],
    ['one of 50 mm is filled where the rule is silent', at('crack', 50, 700, 700), 'resin'],
    ['a longer one there is not', at('crack', 51, 700, 700), 'new-screen'],
    ['a crack over 50 mm is not', at('crack', 51), 'new-screen'],
    ['one that comes within 60 mm of the edge is not', at('crack', 40, 900, 79), 'new-screen'],
    ['one just 60 mm off is', at('crack', 40, 900, 80), 'resin'],
    ['nor near the left', at('crack', 40, 79), 'new-screen'],
    ['nor near the right', at('crack', 40, 1321), 'new-screen'],
    ['a scratch is never filled: it stays where it may', at('scratch', 12), 'leave'],
    ['and asks for a screen where it may not', at('scratch', 12, 330), 'new-screen'],
  ])('%s', (_name, damage, repair) => {
    expect(judgeScreen(damage, right, ukScreenRule).repair).toBe(repair);
  });

  it('follows the rule it is given, and says where the damage lies and what is allowed there', () => {
    const ours = { says: ukScreenRule.says, most: { 'driver-band': undefined, swept: 5, outside: 30 } };
    const verdicts = [at('chip', 4.6), at('chip', 6), at('chip', 8, 330), at('chip', 12, 700, 795)].map(
      (damage) => judgeScreen(damage, right, ours),
    );
    expect(verdicts.map(({ says }) => says)).toEqual([
      '5 mm in the swept area: within the 5 mm allowed there',
      '6 mm in the swept area: over the 5 mm allowed there',
      '8 mm in the band before the driver: the rule says nothing of it there',
      '12 mm outside the swept area: within the 30 mm allowed there',
    ]);
    expect(verdicts.map(({ passes }) => passes)).toEqual([true, false, undefined, true]);
    expect('passes' in (verdicts[2] as object)).toBe(false);
    expect(said(ukScreenRule.says)).toContain('10 mm in the 290 mm band');
  });
});

describe('a line that was drawn', () => {
  const line = (kind: ScreenDamage['kind'], from: [number, number], to: [number, number]): ScreenDamage => ({
    at: from,
    to,
    acrossMm: Math.hypot(to[0] - from[0], to[1] - from[1]),
    kind,
  });
  it('belongs to the strictest place it crosses, also in its middle alone', () => {
    // Both ends beside the band, 300 mm of it before the driver.
    expect(judgeScreen(line('scratch', [150, 400], [520, 400]), right, ukScreenRule).zone).toBe(
      'driver-band',
    );
    // Both ends outside, through the swept area and no band.
    expect(judgeScreen(line('scratch', [900, 10], [980, 780]), right, ukScreenRule).zone).toBe('swept');
    expect(judgeScreen(line('scratch', [5, 10], [5, 700]), right, ukScreenRule).zone).toBe('outside');
  });
  it('of no length is a spot', () => {
    expect(judgeScreen(line('scratch', [330, 400], [330, 400]), right, ukScreenRule).zone).toBe(
      'driver-band',
    );
  });
  it('has half a breadth of 2 mm', () => {
    expect(judgeScreen(line('scratch', [477, 300], [477, 500]), right, ukScreenRule).zone).toBe(
      'driver-band',
    );
    expect(judgeScreen(line('scratch', [478, 300], [478, 500]), right, ukScreenRule).zone).toBe('swept');
  });
  it('is held from filling by the end nearer to the edge', () => {
    for (const [from, to] of [
      [
        [900, 400],
        [900, 361],
      ],
      [
        [900, 361],
        [900, 400],
      ],
    ] as [[number, number], [number, number]][])
      expect(judgeScreen(line('crack', from, to), { ...right, height: 420 }, ukScreenRule).repair).toBe(
        'new-screen',
      );
    expect(
      judgeScreen(line('crack', [900, 361], [900, 330]), { ...right, height: 421 }, ukScreenRule).repair,
    ).toBe('resin');
  });
});
