import { describe, expect, it } from 'vitest';
import { said } from '../../../tests/builders/said';
import { judgeOdometer as judged, type OdometerPoint, rateOf, slipsOf } from './odometerPoints';

// As it is told in English.
const judgeOdometer = (...given: Parameters<typeof judged>) => said(judged(...given));

const point = (day: string, value: number): OdometerPoint => ({ day, value, source: 'service' });
/** Each first of March from 2015 on. */
const yearly = (...values: number[]) => values.map((value, i) => point(`${2015 + i}-03-01`, value));
const flagsOf = (points: OdometerPoint[], unit: 'mi' | 'km' = 'mi') => judgeOdometer(points, unit).flags;

describe('the rate of a car', () => {
  it('is a distance a year, told from a quarter of a year on', () => {
    expect(rateOf(yearly(10_000, 20_000, 30_000))).toBeCloseTo(10_000, -2);
    expect(rateOf([point('2020-01-01', 1000), point('2020-03-25', 4000)])).toBeUndefined();
    expect(rateOf([point('2020-01-01', 1000), point('2020-04-10', 4000)])).toBeGreaterThan(9000);
    expect(rateOf([point('2020-01-01', 1000)])).toBeUndefined();
    expect(rateOf([])).toBeUndefined();
    expect(rateOf([point('2020-01-01', 9000), point('2021-01-01', 1000)])).toBe(0);
  });

  it('leaves out what is flagged, and stands by itself only where there is one', () => {
    const { perYear, points } = judgeOdometer(yearly(10_000, 20_000, 29_000, 93_000, 49_000, 60_000), 'mi');
    expect(perYear).toBeCloseTo(10_000, -3);
    expect(points).toHaveLength(6);
    expect('perYear' in judgeOdometer([point('2020-01-01', 1000)], 'mi')).toBe(false);
  });

  it('takes points in any order, and of one day the lower first', () => {
    const { points, flags } = judgeOdometer(
      [point('2021-01-01', 20_000), point('2020-01-01', 10_000), point('2021-01-01', 19_990)],
      'mi',
    );
    expect(points.map(({ value }) => value)).toEqual([10_000, 19_990, 20_000]);
    expect(flags).toEqual([]);
  });
});

describe('one figure that does not fit', () => {
  it('in the other unit is told with what it would be', () => {
    expect(flagsOf(yearly(10_000, 20_000, 30_000, 64_374, 50_000, 60_000))).toEqual([
      {
        at: 3,
        fault: 'other-unit',
        perhaps: 40_000,
        says: '64,374 miles on 1 March 2018 does not fit between 30,000 miles and 50,000 miles; written in km it would be 40,000 miles, which fits',
      },
    ]);
    const [km] = flagsOf(yearly(20_000, 40_000, 37_282, 80_000, 100_000), 'km');
    expect(km).toMatchObject({ at: 2, fault: 'other-unit', perhaps: 60_000 });
    expect(km?.says).toContain('written in miles it would be 60,000 km');
  });

  it('with two figures swapped comes before any other slip', () => {
    expect(flagsOf(yearly(10_000, 20_000, 29_100, 83_500, 48_000, 58_000))).toEqual([
      {
        at: 3,
        fault: 'digit-slip',
        perhaps: 38_500,
        says: '83,500 miles on 1 March 2018 does not fit between 29,100 miles and 48,000 miles; 38,500 miles would: a slip of a figure, perhaps',
      },
    ]);
  });

  it('with one figure wrong is a slip towards what the others foretell', () => {
    const [flag] = flagsOf(yearly(10_000, 20_000, 30_000, 400_007, 50_000, 60_000));
    expect(flag).toMatchObject({ at: 3, fault: 'digit-slip', perhaps: 40_000 });
  });

  it('that nothing explains is said to be a red flag if it is right', () => {
    const [flag] = flagsOf([
      point('2014-03-01', 50_000),
      point('2015-03-01', 50_005),
      point('2016-03-01', 61),
      point('2017-03-01', 50_010),
      point('2018-03-01', 50_020),
    ]);
    expect(flag).toMatchObject({ at: 2, fault: 'does-not-fit' });
    expect(flag?.says).toBe(
      '61 miles on 1 March 2016 does not fit between 50,005 miles and 50,010 miles. If it is right, the odometer went down: a red flag',
    );
    expect(flag && 'perhaps' in flag).toBe(false);
  });

  it('at the beginning is held against what follows', () => {
    const [flag] = flagsOf(yearly(91_000, 20_000, 30_000, 40_000));
    expect(flag).toMatchObject({ at: 0, fault: 'digit-slip', perhaps: 19_000 });
    expect(flag?.says).toContain('does not fit between 0 miles and 20,000 miles');
  });

  it('at the end is a red flag, with the slip that could explain it', () => {
    const [slip] = flagsOf(yearly(10_000, 20_000, 30_000, 4000));
    expect(slip).toMatchObject({ at: 3, fault: 'goes-down' });
    const [swapped] = flagsOf(yearly(30_000, 40_000, 50_000, 25_000));
    expect(swapped).toEqual({
      at: 3,
      fault: 'goes-down',
      perhaps: 55_000,
      says: '25,000 miles on 1 March 2018 is less than 50,000 miles on 1 March 2017: a red flag, unless it should read 55,000 miles. Look at the odometer again',
    });
    const [plain] = flagsOf(yearly(30_000, 40_000, 50_000, 7));
    expect(plain).toEqual({
      at: 3,
      fault: 'goes-down',
      says: '7 miles on 1 March 2018 is less than 50,000 miles on 1 March 2017: a red flag. Look at the odometer again',
    });
  });
});

describe('figures that go down for good', () => {
  it('are a red flag at every place where they do', () => {
    const flags = flagsOf(yearly(60_000, 70_000, 20_000, 30_000, 10_000));
    expect(flags.map(({ at, fault }) => [at, fault])).toEqual([
      [2, 'goes-down'],
      [4, 'goes-down'],
    ]);
    expect(flags[0]?.says).toBe(
      '20,000 miles on 1 March 2017 is less than 70,000 miles on 1 March 2016: a red flag. Ask why before anything else',
    );
  });

  it('by no more than rounding are in order', () => {
    expect(flagsOf(yearly(31_200, 31_138, 40_000))).toEqual([]);
    expect(flagsOf(yearly(31_200, 31_137, 40_000, 50_000))).not.toEqual([]);
  });
});

describe('a stretch nobody drives', () => {
  it('is asked about, with its rate and the car’s own', () => {
    const flags = flagsOf([
      ...yearly(10_000, 20_000, 30_000),
      point('2017-06-01', 60_000),
      point('2018-06-01', 70_000),
    ]);
    expect(flags).toHaveLength(1);
    expect(flags[0]).toMatchObject({ at: 3, fault: 'jump' });
    expect(flags[0]?.says).toMatch(
      /^30,000 miles between 1 March 2017 and 1 June 2017, 119,\d{3} miles a year against (9,9\d\d|10,000|10,00\d) miles otherwise: read it again$/,
    );
  });

  it('is none below 15,000 km, at a rate of 80,000 km a year, or at four times the car’s own', () => {
    // 15,000 km are 9,321 miles.
    const within = (step: number) =>
      flagsOf([
        ...yearly(10_000, 20_000, 30_000),
        point('2017-03-11', 30_000 + step),
        point('2018-03-11', 45_000),
      ]);
    expect(within(9320)).toEqual([]);
    expect(within(9323)).toMatchObject([{ at: 3, fault: 'jump' }]);
    // 49,710 miles are 80,000 km.
    expect(flagsOf(yearly(10_000, 20_000, 30_000, 79_500))).toEqual([]);
    expect(flagsOf(yearly(10_000, 20_000, 30_000, 79_900))).toMatchObject([{ at: 3, fault: 'jump' }]);
    // A car of 30,000 miles a year may do 119,000 in one.
    expect(flagsOf(yearly(10_000, 40_000, 70_000, 189_000))).toEqual([]);
    expect(flagsOf(yearly(10_000, 40_000, 70_000, 191_000))).toMatchObject([{ at: 3, fault: 'jump' }]);
    // The same distances in kilometres are less far.
    expect(flagsOf(yearly(10_000, 20_000, 30_000, 79_900), 'km')).toEqual([]);
    expect(flagsOf(yearly(10_000, 20_000, 30_000, 111_000), 'km')).toMatchObject([{ at: 3, fault: 'jump' }]);
  });

  it('that is a step of 1.609 is a change of unit, once the car’s rate is known well', () => {
    // Driven on at 10,000 a year: 50,000 foretold, 80,467 written.
    const flags = flagsOf(yearly(10_000, 20_000, 30_000, 40_000, 80_467, 90_467));
    expect(flags).toEqual([
      {
        at: 4,
        fault: 'other-unit',
        perhaps: 50_000,
        says: 'from 1 March 2018 to 1 March 2019 the figure steps by about 1.609: 80,467 miles is 50,000 miles written in the other unit. Look which unit the odometer shows',
      },
    ]);
    // Too far off that factor, or from too few readings, it is none.
    expect(flagsOf(yearly(10_000, 20_000, 30_000, 40_000, 86_000, 96_000))).toEqual([]);
    expect(flagsOf(yearly(10_000, 20_000, 30_000, 64_374, 74_374))).toEqual([]);
  });

  it('says nothing where too little time has passed', () => {
    expect(flagsOf([point('2020-01-01', 1000), point('2020-01-20', 90_000)])).toEqual([]);
  });
});

describe('the slips of a figure', () => {
  it('are one changed, left out, put in, or two swapped, and never begin with nought', () => {
    const slips = new Set(slipsOf(123));
    for (const other of [223, 153, 129, 23, 13, 12, 1123, 1203, 1234, 213, 132])
      expect([other, slips.has(other)]).toEqual([other, true]);
    for (const other of [123, 321, 456, 1, 12_345]) expect([other, slips.has(other)]).toEqual([other, false]);
    expect(slipsOf(105).every((other) => String(other).length >= 2 && other !== 105)).toBe(true);
    expect(new Set(slipsOf(105)).has(15)).toBe(true);
    // 3 places × 9 others but a leading nought; 3 left out; figures put in at 4 places; 2 swaps. Those that coincide count once.
    expect(slips.size).toBe(slipsOf(123).length);
    expect(slips.size).toBe(26 + 3 + 36 + 2);
  });
});
