import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { said } from '../../../tests/builders/said';
import { mmFrom32nds, type TreadDepth } from '../measure';
import {
  ageMonths,
  dateCodeProblemMessage,
  distanceLeft,
  HIGHEST_LOAD_INDEX,
  judgeTyre,
  LOWEST_LOAD_INDEX,
  limitOf,
  loadOf,
  mismatches,
  pairsToMatch,
  parseDateCode,
  parseTyreSize,
  shareLeft,
  speedOf,
  tyreSizeProblemMessage,
  tyreSummary,
  wearPattern,
} from '.';

const depth = (mm: number, high = mm): TreadDepth => ({ lowMm: mm, highMm: high });
const now = new Date('2026-03-14T00:00:00Z');

describe('tyre sizes', () => {
  // Diameters worked by hand: rim × 25.4 + 2 × width × aspect ÷ 100.
  it.each([
    ['225/45R17 94W', 225, 45, 17, 634.3, 670, 270],
    ['225 45 17', 225, 45, 17, 634.3, undefined, undefined],
    ['225/45 ZR 17 (94Y)', 225, 45, 17, 634.3, 670, 300],
    ['P205/55R16 91H', 205, 55, 16, 631.9, 615, 210],
    ['LT265/70R17 121/118S', 265, 70, 17, 802.8, 1450, 180],
    ['195/65 R15 91T XL', 195, 65, 15, 634.5, 615, 190],
    ['215/75R16C 113/111R', 215, 75, 16, 728.9, 1150, 170],
    ['315/80R22.5 156/150L', 315, 80, 22.5, 1075.5, 4000, 120],
    ['31x10.50R15', 267, undefined, 15, 787.4, undefined, undefined],
    ['11R22.5', 279, undefined, 22.5, undefined, undefined, undefined],
  ])('%s', (text, widthMm, aspect, rimIn, diameterMm, loadKg, speedKmh) => {
    const reading = parseTyreSize(text);
    expect(reading).toMatchObject({ ok: true });
    if (!reading.ok) return;
    const { size } = reading;
    expect([size.widthMm, size.aspect, size.rimIn, size.diameterMm, size.loadKg, size.speedKmh]).toEqual([
      widthMm,
      aspect,
      rimIn,
      diameterMm,
      loadKg,
      speedKmh,
    ]);
    expect(size.construction).toBe('radial');
  });

  it('keeps the load in a pair of twins apart', () => {
    expect(parseTyreSize('315/80R22.5 156/150L')).toMatchObject({
      size: { loadIndex: 156, twinLoadIndex: 150, loadKg: 4000, twinLoadKg: 3350 },
    });
  });

  it.each([
    ['', 'empty'],
    ['big ones', 'not-a-size'],
    ['225/45', 'not-a-size'],
    ['225/45R99', 'no-such-rim'],
    ['225/45R17 999W', 'no-such-load'],
    ['225/45R17 20W', 'no-such-load'],
    ['225/45R17 94X', 'no-such-speed'],
  ])('asks again for “%s”, saying which figure', (text, problem) => {
    const reading = parseTyreSize(text);
    expect(reading.ok ? 'read' : reading.problem).toBe(problem);
    if (!reading.ok) expect(tyreSizeProblemMessage(reading.problem).length).toBeGreaterThan(20);
  });

  it('never throws, whatever is typed', () => {
    fc.assert(fc.property(fc.string(), (text) => typeof parseTyreSize(text).ok === 'boolean'));
  });
});

describe('the tables moulded figures refer to', () => {
  it('rise, and round the series they are made from to within 2 %', () => {
    for (let index = LOWEST_LOAD_INDEX; index <= HIGHEST_LOAD_INDEX; index++) {
      const kg = loadOf(index) as number;
      expect(Math.abs(kg / (45 * 10 ** (index / 80)) - 1), String(index)).toBeLessThan(0.02);
      if (index > LOWEST_LOAD_INDEX) expect(kg).toBeGreaterThan(loadOf(index - 1) as number);
    }
    expect(loadOf(HIGHEST_LOAD_INDEX + 1)).toBeUndefined();
    // Rows everyone knows: ETRTO as commonly reprinted; from memory.
    expect([91, 94, 100, 120, 150].map(loadOf)).toEqual([615, 670, 800, 1400, 3350]);
    expect(['T', 'H', 'V', 'W', 'Y', 'l'].map(speedOf)).toEqual([190, 210, 240, 270, 300, 120]);
  });
});

describe('week and year of make (49 CFR 574.5)', () => {
  it.each([
    ['2319', { week: 23, year: 2019 }],
    ['DOT XY12 ABCD 0126', { week: 1, year: 2026 }],
    ['53 20', { week: 53, year: 2020 }],
  ])('%s', (text, made) => expect(parseDateCode(text, now)).toEqual({ ok: true, made }));

  it.each([
    ['5419', 'no-such-week'],
    ['0019', 'no-such-week'],
    ['4026', 'in-the-future'],
    ['238', 'three-figures'],
    ['XYZ', 'not-a-code'],
  ])('asks again for %s', (text, problem) => {
    const reading = parseDateCode(text, now);
    expect(reading.ok ? 'read' : reading.problem).toBe(problem);
    if (!reading.ok) expect(dateCodeProblemMessage(reading.problem)).toMatch(/week|figures|code/);
  });

  it('tells the age', () => {
    expect(ageMonths({ week: 1, year: 2020 }, now)).toBe(74);
    expect(ageMonths({ week: 10, year: 2026 }, now)).toBe(0);
  });
});

describe('what becomes of a tyre', () => {
  const uk = limitOf('uk-eu-car', { position: 'fl' });

  it('is legal at the limit of the law used, and not below', () => {
    expect(judgeTyre({ thirds: { centre: depth(1.6) } }, uk).isLegal).toBe(true);
    expect(judgeTyre({ thirds: { centre: depth(1.5) } }, uk)).toMatchObject({
      isLegal: false,
      when: 'now',
      mayBeDriven: false,
    });
    // 3/32 in is legal on a car and not on the steered wheels of a heavy vehicle.
    const three = { thirds: { centre: depth(mmFrom32nds(3)) } };
    expect(judgeTyre(three, limitOf('us-car', { position: 'fl' })).isLegal).toBe(true);
    expect(judgeTyre(three, limitOf('us-heavy', { position: 'fl' })).isLegal).toBe(false);
    expect(judgeTyre(three, limitOf('us-heavy', { position: 'rl' })).isLegal).toBe(true);
    expect(judgeTyre(three, limitOf('own', { position: 'fl' }, 3)).isLegal).toBe(false);
    expect(said(judgeTyre(three, limitOf('us-heavy', { position: 'fl' }), '32nds').reasons)[0]).toBe(
      '3/32 in left, under the limit of 4/32 in',
    );
    expect(
      judgeTyre({ thirds: { centre: depth(mmFrom32nds(2)) } }, limitOf('us-car', { position: 'fl' })).isLegal,
    ).toBe(true);
  });

  it('is judged by the low end of a spoken range and by its lowest third', () => {
    expect(judgeTyre({ thirds: { centre: depth(2.8, 4) } }, uk).when).toBe('soon');
    expect(judgeTyre({ thirds: { outer: depth(1), centre: depth(5), inner: depth(5) } }, uk).isLegal).toBe(
      false,
    );
  });

  it('goes by age and harm too, each with its reason', () => {
    const good = { thirds: { centre: depth(6) } };
    expect(said(judgeTyre(good, uk))).toEqual({
      isLegal: true,
      when: 'later',
      mayBeDriven: true,
      reasons: [],
    });
    expect(said(judgeTyre({ ...good, ageMonths: 80 }, uk))).toMatchObject({
      when: 'soon',
      reasons: ['6 years old'],
    });
    expect(judgeTyre({ ...good, ageMonths: 130 }, uk).when).toBe('now');
    expect(judgeTyre({ ...good, flags: ['bulge'] }, uk)).toMatchObject({ when: 'now', mayBeDriven: false });
    expect(judgeTyre({ ...good, flags: ['run-flat', 'new'] }, uk).when).toBe('later');
  });

  it.each([
    [[5, 5, 5], 'even'],
    [[3, 5, 5], 'outer-edge'],
    [[5, 5, 3.4], 'inner-edge'],
    [[3, 5, 3.2], 'both-edges'],
    [[6, 4, 6], 'centre'],
    [[4, 5, 5.4], 'even'],
  ] as const)('with thirds of %j mm is worn %s', ([o, c, i], pattern) => {
    expect(wearPattern({ outer: depth(o), centre: depth(c), inner: depth(i) })).toBe(pattern);
  });

  it('has a share of its life left, from none to all', () => {
    expect(shareLeft(8, 8, 1.6)).toBe(1);
    expect(shareLeft(4.8, 8, 1.6)).toBeCloseTo(0.5);
    expect(shareLeft(1, 8, 1.6)).toBe(0);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 17, noNaN: true }), (mm) => {
        const share = shareLeft(mm, 8, 1.6);
        expect(share >= 0 && share <= 1).toBe(true);
      }),
    );
  });

  it('has a distance left at the rate it wore, as a range', () => {
    // 4 mm in 20,000 leaves 2.4 mm: 12,000.
    expect(distanceLeft(depth(4), 8, 1.6, 20_000)).toEqual({
      low: expect.closeTo(12_000),
      high: expect.closeTo(12_000),
    });
    const range = distanceLeft(depth(4, 5), 8, 1.6, 20_000);
    expect(range?.high).toBeGreaterThan(range?.low as number);
    expect(distanceLeft(depth(7.8), 8, 1.6, 500)).toBeUndefined();
  });

  it('is summed up in words', () => {
    const when = (...list: ('now' | 'soon' | 'later')[]) =>
      said(tyreSummary(list.map((each) => ({ when: each }))));
    expect(when('now', 'now', 'soon', 'soon')).toBe('Two to replace now, two within the year');
    expect(when('later', 'later', 'later', 'later')).toBe('All four in order');
    expect(when('soon', 'later')).toBe('One within the year');
    expect(when()).toBe('No tyre was read');
  });
});

describe('tyres that should be alike', () => {
  const tyre = (part: string, depthMm: number, brand = 'Ortal', size = '225/45R17') => ({
    part,
    depthMm,
    brand,
    size,
  });

  it('are compared by brand, size and depth', () => {
    expect(mismatches(tyre('a', 5), tyre('b', 6.9, 'ortal '))).toEqual([]);
    expect(mismatches(tyre('a', 5), tyre('b', 7.1, 'Venn', '225/50R17')).map(({ what }) => what)).toEqual([
      'brand',
      'size',
      'depth',
    ]);
  });

  it('are the pairs of an axle, twins with them, and all axles where all are driven', () => {
    const axles = [
      [tyre('fl', 5), tyre('fr', 5)],
      [tyre('rl', 5), tyre('rr', 5)],
    ];
    const names = (all: boolean) => pairsToMatch(axles, all).map(([a, b]) => `${a.part}-${b.part}`);
    expect(names(false)).toEqual(['fl-fr', 'rl-rr']);
    expect(names(true)).toEqual(['fl-fr', 'rl-rr', 'fl-rl']);
  });
});
