import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { odometerProblemMessage, parseOdometer, speakDistanceBothWays } from './distance';
import { parseSize, speakSize } from './size';
import { parseTread, speakTread } from './tread';
import {
  inchesFromMm,
  kmFromMiles,
  milesFromKm,
  mmFrom32nds,
  mmFromInches,
  thirtySecondsFromMm,
} from './units';

describe('units', () => {
  // NIST SP 811, appendix B: 1 inch = 25.4 mm and 1 mile = 1,609.344 m, both exact.
  it('are the international inch and mile', () => {
    expect(mmFromInches(1)).toBe(25.4);
    expect(kmFromMiles(1)).toBe(1.609344);
    // 2/32 in, the US limit for cars (49 CFR 570.9), is 1.5875 mm.
    expect(mmFrom32nds(2)).toBe(1.5875);
  });

  it('go there and back', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1e6, noNaN: true }), (value) => {
        expect(inchesFromMm(mmFromInches(value))).toBeCloseTo(value, 6);
        expect(milesFromKm(kmFromMiles(value))).toBeCloseTo(value, 6);
        expect(thirtySecondsFromMm(mmFrom32nds(value))).toBeCloseTo(value, 6);
      }),
    );
  });
});

describe('tread as people type it', () => {
  it.each([
    ['4', 4, 4],
    ['3.5', 3.5, 3.5],
    ['3,5 mm', 3.5, 3.5],
    ['4-5', 4, 5],
    ['5 to 4', 4, 5],
    ['5/32', 3.9688, 3.9688],
    ['5/32-6/32', 3.9688, 4.7625],
    ['0', 0, 0],
  ])('%s', (text, lowMm, highMm) => {
    const reading = parseTread(text, 'mm');
    expect(reading.ok && reading.depth).toEqual({ lowMm, highMm });
  });

  it('takes a bare number in the unit of the country', () => {
    const reading = parseTread('5', '32nds');
    expect(reading.ok && speakTread(reading.depth, reading.unit)).toBe('5/32 in');
  });

  it.each([
    ['', 'empty'],
    ['-2', 'negative'],
    ['deep', 'not-a-depth'],
    ['4mm/32', 'not-a-depth'],
    ['1.2.3', 'not-a-depth'],
    ['170', 'too-deep'],
  ])('asks again for “%s”', (text, problem) => {
    const reading = parseTread(text, 'mm');
    expect(reading.ok ? 'read' : reading.problem).toBe(problem);
  });
});

describe('sizes as people type them', () => {
  it.each([
    ['12', 'uk', 12],
    ['1.2 cm', 'uk', 12],
    ['1/2', 'us', 12.7],
    ['0.5"', 'uk', 12.7],
    ['12 mm', 'us', 12],
  ] as const)('%s (%s)', (text, vocabulary, mm) => {
    expect(parseSize(text, vocabulary)).toEqual({ ok: true, mm, isAbout: false });
  });

  it.each(['about 40', 'About 4 cm', '~40mm', 'approx. 40 mm', 'ca 40'])('“%s” was judged by eye', (text) => {
    expect(parseSize(text, 'uk')).toEqual({ ok: true, mm: 40, isAbout: true });
  });

  it.each(['0', '-3', 'big', '', '1/0', '9 m'])('refuses “%s”', (text) => {
    expect(parseSize(text, 'uk').ok).toBe(false);
  });

  it('speaks inches with millimetres beside them in the US', () => {
    expect(speakSize(12.7, 'us')).toBe('0.5 in (12.7 mm)');
  });
});

describe('odometer figures as people type them', () => {
  it.each([
    ['48213', 48_213, 'mi'],
    ['48,213', 48_213, 'mi'],
    ['48.213 km', 48_213, 'km'],
    ['31.2k', 31_200, 'mi'],
    ["1'204'332 km", 1_204_332, 'km'],
  ])('%s', (text, value, unit) => {
    expect(parseOdometer(text, 'mi')).toEqual({ ok: true, value, unit });
  });

  it('asks again for nonsense', () => {
    expect(parseOdometer('lots', 'mi').ok).toBe(false);
    expect(parseOdometer('99999999', 'mi')).toEqual({ ok: false, problem: 'too-far' });
    expect(odometerProblemMessage('too-far')).toContain('Check');
  });

  it('are told both ways', () => {
    expect(speakDistanceBothWays(100_000, 'km')).toBe('100,000 km (62,137 miles)');
  });
});
