import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { bodyStyleIds, styleOf } from '../car';
import { askedOf } from './askedOf';
import { fitsCar } from './fitsCar';
import { houseSpots } from './houseSpots';
import { spotIssues, type WeakSpot, weakSpotSchema } from './spot';
import { readSpots, spotCells, spotsAsJson } from './spotText';
import { differenceOf, shareOf, typicalFindings, type WalkedCar } from './typical';

const parse = (text: string) => {
  const { data, meta } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: 'greedy' });
  return { fields: meta.fields ?? [], records: data };
};
const spot = (more: Partial<WeakSpot> = {}): WeakSpot => ({
  id: 'roof-rail-leak',
  title: 'Leak at the roof rail',
  look: 'damp headlining above the doors',
  how: 'feel',
  fine: 'no leak at the roof rails',
  kinds: ['stain'],
  on: ['headlining'],
  cars: {},
  setBy: 'yard',
  ...more,
});
const nim = {
  bodyStyle: 'hatch-3',
  make: 'Pellbrook',
  model: 'Nim',
  variant: '1.0',
  year: 2012,
  fuel: 'petrol',
} as const;

describe('which cars a weak spot is asked of', () => {
  it('is all that is said of them, names without regard to case', () => {
    const of = (cars: WeakSpot['cars']) => fitsCar(spot({ cars }), nim, 2026);
    expect(of({})).toBe(true);
    expect(of({ make: 'PELLBROOK', model: 'ni*' })).toBe(true);
    expect(of({ model: 'Nim 1.*' })).toBe(true);
    expect(of({ model: 'Ni' })).toBe(false);
    expect(of({ model: '*im' })).toBe(true);
    expect(of({ yearFrom: 2013 })).toBe(false);
    expect(of({ yearTo: 2012 })).toBe(true);
    expect(of({ ageFrom: 14, ageTo: 14 })).toBe(true);
    expect(of({ ageFrom: 15 })).toBe(false);
    expect(of({ fuels: ['diesel'] })).toBe(false);
    expect(of({ extras: ['tow-bar'] })).toBe(false);
    expect(of({ bodyStyles: ['estate', 'hatch-3'] })).toBe(true);
    expect(fitsCar(spot({ isOff: true }), nim, 2026)).toBe(false);
  });

  it('is asked at every part of its kind, in walking order', () => {
    const style = styleOf({ bodyStyle: 'hatch-3' });
    const asked = askedOf([spot({ on: ['headlamp'], id: 'dull' })], nim, style, 2026);
    expect(asked.map(({ part }) => part).toSorted()).toEqual(['headlamp-l', 'headlamp-r']);
    expect(asked[0]).toMatchObject({ spot: 'dull', fine: 'no leak at the roof rails' });
  });

  it('has a house list whose every spot is asked of some car, and contradicts nothing', () => {
    expect(spotIssues(houseSpots)).toEqual([]);
    const never = houseSpots.filter(
      (each) =>
        weakSpotSchema.safeParse(each).success === false ||
        !bodyStyleIds.some((id) => {
          const car = {
            ...nim,
            bodyStyle: id,
            year: 2010,
            fuel: each.cars.fuels?.[0] ?? ('petrol' as const),
          };
          return askedOf([each], car, styleOf({ bodyStyle: id }), 2026).length > 0;
        }),
    );
    expect(never.map(({ id }) => id)).toEqual([]);
  });
});

describe('lists from outside', () => {
  it('come back from CSV and JSON as they went', () => {
    const list = {
      spots: [...houseSpots, spot({ cars: { make: 'Ostrel; & "Sons"', model: 'Kivo*', ageTo: 9 } })],
    };
    const csv = Papa.unparse({
      fields: [...spotCells(list).fields],
      data: spotCells(list).data.map((row) => [...row]),
    });
    expect(readSpots(csv, parse)).toEqual({ ok: true, list });
    expect(readSpots(spotsAsJson(list), parse)).toEqual({ ok: true, list });
  });

  it('that contradict themselves are refused in words', () => {
    const says = (...spots: WeakSpot[]) => {
      const read = readSpots(JSON.stringify({ spots }), parse);
      return read.ok ? [] : read.says;
    };
    expect(says(spot({ cars: { yearFrom: 2019, yearTo: 2012 } }))[0]).toContain(
      'first year lies after its last',
    );
    expect(says(spot({ cars: { ageFrom: 9, ageTo: 3 } }))[0]).toContain('greater age');
    expect(says(spot({ on: ['bedfloor'], cars: { bodyStyles: ['hatch-3'] } }))[0]).toContain(
      'none of its body styles',
    );
    expect(says(spot(), spot({ title: 'Other' }))[0]).toContain('same id');
    expect(says(spot(), spot({ id: 'again', fine: 'dry' }))[0]).toContain('asked twice');
    expect(says(spot({ cars: { ageFrom: -1 } }))[0]).toBe(
      'Line 1: The age it begins with cannot be less than 0.',
    );
  });

  it('that are none are refused in words, whatever is in them', () => {
    expect(readSpots('', parse)).toMatchObject({ ok: false });
    expect(readSpots('{"spots": 3', parse)).toMatchObject({ ok: false });
    expect(readSpots('name,colour\r\nbonnet,red', parse)).toMatchObject({
      says: [expect.stringContaining('id, title, look, how, fine, on are missing')],
    });
    fc.assert(
      fc.property(fc.string(), (text) => {
        const read = readSpots(text, parse);
        return read.ok || read.says.every((each) => each.length > 10);
      }),
    );
  });
});

describe('shares and their intervals', () => {
  it('agree with published ones', () => {
    // Newcombe, Statistics in Medicine 17 (1998) 857 to 872, table I, method 3: 81 of 263 is 0.2553 to 0.3662, 15 of 148 is 0.0624 to 0.1605, 0 of 20 is 0 to 0.1611.
    for (const [met, of, low, high] of [
      [81, 263, 0.2553, 0.3662],
      [15, 148, 0.0624, 0.1605],
      [0, 20, 0, 0.1611],
    ] as const) {
      const share = shareOf(met, of);
      expect(share.low).toBeCloseTo(low, 4);
      expect(share.high).toBeCloseTo(high, 4);
    }
    // The same, 873 to 890, table II, method 10: 56 of 70 less 48 of 80 is 0.0524 to 0.3339; 9 of 10 less 3 of 10 is 0.1705 to 0.8090.
    const apart = differenceOf(shareOf(56, 70), shareOf(48, 80));
    expect(apart.low).toBeCloseTo(0.0524, 4);
    expect(apart.high).toBeCloseTo(0.3339, 4);
    const few = differenceOf(shareOf(9, 10), shareOf(3, 10));
    expect(few.low).toBeCloseTo(0.1705, 4);
    expect(few.high).toBeCloseTo(0.809, 3);
  });
});

describe('what a yard’s findings show as typical', () => {
  const cars = (n: number, model: string, rusty: number): WalkedCar[] =>
    Array.from({ length: n }, (_, i) => ({
      walk: `${model} ${i}`,
      make: 'Pellbrook',
      model,
      bodyStyle: 'hatch-3',
      found: i < rusty ? ['arch rust'] : [],
    }));

  it('is nothing before twenty walks', () => {
    expect(typicalFindings([...cars(9, 'Nim', 9), ...cars(10, 'Dune', 0)])).toEqual([]);
  });

  it('is what a model has more often, with the rate of both', () => {
    const typical = typicalFindings([...cars(10, 'Nim', 8), ...cars(30, 'Dune', 3)]);
    expect(typical).toMatchObject([
      { model: 'Nim', part: 'arch', kind: 'rust', here: { met: 8, of: 10 }, others: { met: 3, of: 30 } },
    ]);
    expect(typical[0]?.more.low).toBeGreaterThan(0.1);
  });

  it('is nothing where it may well be chance', () => {
    expect(typicalFindings([...cars(5, 'Nim', 2), ...cars(30, 'Dune', 6)])).toEqual([]);
  });
});
