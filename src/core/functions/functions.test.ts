import { describe, expect, it } from 'vitest';
import { bodyStyleIds } from '../car';
import { allFunctions, type FunctionCar, functionIds, functionName, functionsFor, searchFunctions } from '.';

const hatch: FunctionCar = { bodyStyle: 'hatch-5', fuel: 'petrol', extras: [], year: 2017 };
const idsOf = (car: FunctionCar) => {
  const { usual, possible } = functionsFor(car);
  return [...usual, ...possible].map(({ id }) => id);
};

describe('the catalogue of functions', () => {
  it('has about 120 items, each with a name of its own', () => {
    expect(allFunctions.length).toBeGreaterThanOrEqual(115);
    expect(new Set(functionIds).size).toBe(allFunctions.length);
    const names = functionIds.map((id) => functionName(id, 'uk'));
    expect(new Set(names).size).toBe(names.length);
  });

  // Common practice of the trade: what is tried when a car is shown (start, lamps, locks, windows, mirrors, seats, roof, climate, media, aids …).
  it.each([
    ['cold', 'warm', 'starter', 'idle', 'knocking', 'smoke', 'lamps light', 'go out'],
    ['locks', 'windows', 'mirrors adjust', 'fold', 'heated mirrors', 'heated front seats', 'seat, every way'],
    ['air-con', 'blower', 'heater', 'radio', 'phone', 'navigation', 'camera', 'sensors', 'cruise'],
    [
      'beam',
      'automatic lamps',
      'wipers',
      'washers',
      'horn',
      'sockets',
      'suspension does not sink',
      'every key',
    ],
    ['pulls straight', 'wheel stands straight', 'brakes smooth', 'no shake', 'gears', 'clutch', 'noise'],
  ])('holds %s, %s, %s and the rest of that line', (...items) => {
    const names = functionIds.map((id) => functionName(id, 'uk').toLowerCase());
    for (const item of items)
      expect(
        names.some((name) => name.includes(item)),
        item,
      ).toBe(true);
  });

  it('is cut to the car: body, fuel, extras, age', () => {
    const plain = idsOf(hatch);
    expect(plain).not.toContain('glow-lamp');
    expect(plain).not.toContain('soft-top-up');
    expect(plain).not.toContain('tow-electrics');
    expect(idsOf({ ...hatch, fuel: 'diesel' })).toContain('glow-lamp');
    expect(idsOf({ ...hatch, bodyStyle: 'convertible' })).toContain('soft-top-up');
    expect(idsOf({ ...hatch, extras: ['tow-bar'] })).toContain('tow-electrics');
    const electric = idsOf({ ...hatch, fuel: 'electric' });
    expect(electric).toEqual(
      expect.arrayContaining(['charge-slow', 'charge-fast', 'charge-cable', 'ready-lamp']),
    );
    expect(electric).not.toContain('exhaust-smoke');
    expect(idsOf({ ...hatch, year: 1996 })).not.toContain('reversing-camera');
    expect(idsOf({ ...hatch, bodyStyle: 'tractor', fuel: 'diesel' })).toEqual(
      expect.arrayContaining(['air-pressure', 'fifth-wheel-lock', 'tachograph']),
    );
  });

  it.each(bodyStyleIds)('asks for a sensible number at once on a %s', (bodyStyle) => {
    const { usual, possible } = functionsFor({ ...hatch, bodyStyle });
    expect(usual.length).toBeGreaterThan(45);
    expect(usual.length).toBeLessThan(75);
    expect(possible.length).toBeGreaterThan(15);
  });

  it('grows by typing, in the car’s words', () => {
    const { possible } = functionsFor(hatch);
    expect(searchFunctions('camera rev', possible, 'uk').map(({ id }) => id)).toEqual(['reversing-camera']);
    expect(searchFunctions('backup', possible, 'us').map(({ id }) => id)).toEqual(['reversing-camera']);
    expect(searchFunctions('  ', possible, 'uk')).toEqual([]);
  });
});
