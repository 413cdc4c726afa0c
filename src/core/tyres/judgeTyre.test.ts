import { describe, expect, it } from 'vitest';
import { said } from '../../../tests/builders/said';
import type { TreadDepth } from '../measure';
import { asThirds, distanceLeft, judgeTyre, shareLeft, type TyreFlag, tyreSummary, wearPattern } from '.';

const mm = (low: number, high = low): TreadDepth => ({ lowMm: low, highMm: high });
const judged = (depth: number, more: { ageMonths?: number; flags?: TyreFlag[] } = {}, limit = 1.6) =>
  judgeTyre({ thirds: { centre: mm(depth) }, ...more }, limit);

describe('thirds that were not all measured', () => {
  it('are judged by what was', () => {
    expect(asThirds({})).toBeUndefined();
    expect(asThirds({ whole: mm(5) })).toEqual({ centre: mm(5) });
    expect(asThirds({ whole: mm(5), centre: mm(4) })).toEqual({ centre: mm(4) });
    expect(asThirds({ outer: mm(3) })).toEqual({ centre: mm(3), outer: mm(3) });
    expect(asThirds({ inner: mm(2) })).toEqual({ centre: mm(2), inner: mm(2) });
    expect(asThirds({ outer: mm(3), inner: mm(2) })).toEqual({ centre: mm(3), outer: mm(3), inner: mm(2) });
    expect(asThirds({ whole: mm(6), outer: mm(3), inner: mm(2) })).toEqual({
      centre: mm(6),
      outer: mm(3),
      inner: mm(2),
    });
  });
});

describe('where a tyre is worn', () => {
  it.each([
    // 1.5 mm between neighbours is where it begins to mean something; just less does not.
    [5, 3.5, 5, 'centre'],
    [5, 3.6, 5, 'even'],
    [3.5, 5, 3.5, 'both-edges'],
    [3.6, 5, 3.6, 'even'],
    [3.5, 5, 5, 'outer-edge'],
    [5, 5, 3.5, 'inner-edge'],
    [3.6, 5, 5, 'even'],
    [5, 5, 3.6, 'even'],
    // An edge counts against the far one too.
    [3, 4, 4.5, 'outer-edge'],
    [4.5, 4, 3, 'inner-edge'],
    // A slope across it is no wear in the centre: the far edge alone stands above it.
    [3, 4.5, 6, 'outer-edge'],
    [6, 4.5, 3, 'inner-edge'],
    // One edge alone low is no pair of edges.
    [3, 5, 4.5, 'outer-edge'],
    [4.5, 5, 3, 'inner-edge'],
  ] as const)('%s, %s, %s mm: %s', (o, c, i, pattern) => {
    expect(wearPattern({ outer: mm(o), centre: mm(c), inner: mm(i) })).toBe(pattern);
  });

  it('is even where it was measured once', () => {
    expect(wearPattern({ centre: mm(2) })).toBe('even');
  });
});

describe('why a tyre is to be replaced', () => {
  it('is said of its depth: under the limit, or soon to be', () => {
    expect(said(judged(1.2).reasons)).toEqual(['1.2 mm left, under the limit of 1.6 mm']);
    expect(said(judged(2.9))).toEqual({
      isLegal: true,
      when: 'soon',
      mayBeDriven: true,
      because: 'tread',
      reasons: ['2.9 mm left: will need replacing soon'],
    });
    expect(said(judged(3))).toEqual({ isLegal: true, when: 'later', mayBeDriven: true, reasons: [] });
  });

  it('is said of its age, in whole years, over six and over ten', () => {
    expect(said(judged(6, { ageMonths: 72 }))).toMatchObject({ when: 'later', reasons: [] });
    expect(said(judged(6, { ageMonths: 73 }))).toMatchObject({ when: 'soon', reasons: ['6 years old'] });
    expect(said(judged(6, { ageMonths: 120 }))).toMatchObject({ when: 'soon', reasons: ['10 years old'] });
    expect(said(judged(6, { ageMonths: 121 }))).toMatchObject({
      when: 'now',
      mayBeDriven: true,
      reasons: ['10 years old: replace whatever the tread'],
    });
    expect(said(judged(6, { ageMonths: 0 }).reasons)).toEqual([]);
  });

  it.each<[TyreFlag, string, string | undefined, boolean]>([
    ['bulge', 'now', 'a bulge in its side', false],
    ['cord', 'now', 'cord can be seen', false],
    ['cut', 'soon', 'a cut', true],
    ['cracks', 'soon', 'cracks in the rubber', true],
    ['retread', 'later', 'a retread: look at its casing and join', true],
    ['repair', 'later', undefined, true],
    ['run-flat', 'later', undefined, true],
    ['new', 'later', undefined, true],
    ['odd', 'later', undefined, true],
  ])('is said of a flag: %s', (flag, when, reason, mayBeDriven) => {
    const verdict = judged(6, { flags: [flag] });
    expect(said(verdict)).toEqual({
      isLegal: true,
      when,
      mayBeDriven,
      ...(when !== 'later' && { because: 'damage' }),
      reasons: reason ? [reason] : [],
    });
  });

  it('is told from its limit however near it lies', () => {
    expect(said(judged(1.59).reasons)).toEqual(['1.59 mm left, under the limit of 1.6 mm']);
    expect(said(judged(1.5999).reasons)).toEqual(['1.5999 mm left, under the limit of 1.6 mm']);
    const us = judgeTyre({ thirds: { centre: mm(1.58) } }, 1.5875, '32nds');
    expect(said(us.reasons)).toEqual(['1.99/32 in left, under the limit of 2/32 in']);
  });

  it('says what decides: tread before damage before age', () => {
    const because = (depth: number, more = {}) => judged(depth, more).because;
    expect(because(1.2, { ageMonths: 130 })).toBe('tread');
    expect(because(5.5, { ageMonths: 80 })).toBe('age');
    expect(because(5.5, { ageMonths: 130, flags: ['bulge'] })).toBe('damage');
    expect(because(5.5, { ageMonths: 130 })).toBe('age');
    expect(because(2.5, { flags: ['cracks'] })).toBe('tread');
    expect(because(5.5)).toBeUndefined();
  });

  it('gives every reason, the gravest first', () => {
    const verdict = judgeTyre(
      {
        thirds: { outer: mm(1), centre: mm(5), inner: mm(5) },
        ageMonths: 80,
        flags: ['retread', 'cut', 'cracks', 'cord', 'bulge'],
      },
      1.6,
    );
    expect(said(verdict.reasons)).toEqual([
      '1 mm left, under the limit of 1.6 mm',
      'cord can be seen',
      'a bulge in its side',
      '6 years old',
      'worn on its outer edge: usually alignment',
      'cracks in the rubber',
      'a cut',
      'a retread: look at its casing and join',
    ]);
  });

  it('names the wear it sees', () => {
    const reasons = (o: number, c: number, i: number) =>
      said(judgeTyre({ thirds: { outer: mm(o), centre: mm(c), inner: mm(i) } }, 1.6).reasons);
    expect(reasons(6, 4, 6)).toEqual(['worn in the centre: usually ran too hard']);
    expect(reasons(4, 6, 4)).toEqual(['worn on both edges: usually ran too soft']);
    expect(reasons(6, 6, 4)).toEqual(['worn on its inner edge: usually alignment']);
  });
});

describe('what is left of a tyre', () => {
  it('is nothing where new is no more than the limit, whatever was read', () => {
    expect(shareLeft(8, 1.6, 1.6)).toBe(0);
    expect(shareLeft(8, 1, 1.6)).toBe(0);
  });

  it('is a distance only where something has worn, over a distance that was driven', () => {
    expect(distanceLeft(mm(7.5), 8, 1.6, 500)).toEqual({
      low: expect.closeTo(5900),
      high: expect.closeTo(5900),
    });
    expect(distanceLeft(mm(7.6), 8, 1.6, 500)).toBeUndefined();
    // The high end has hardly worn: no range can be told.
    expect(distanceLeft(mm(6, 7.8), 8, 1.6, 5000)).toBeUndefined();
    expect(distanceLeft(mm(4), 8, 1.6, 0)).toBeUndefined();
    expect(distanceLeft(mm(4), 8, 1.6, -10)).toBeUndefined();
    expect(distanceLeft(mm(1), 8, 1.6, 20_000)).toEqual({ low: 0, high: 0 });
  });
});

it('a summary tells now and soon apart, and nothing of neither', () => {
  const summary = (...list: ('now' | 'soon' | 'later')[]) =>
    said(tyreSummary(list.map((when) => ({ when }))));
  expect(summary('now', 'later')).toBe('One to replace now');
  expect(summary('soon', 'soon', 'soon')).toBe('Three within the year');
  expect(summary(...Array.from({ length: 12 }, () => 'later' as const))).toBe('All 12 in order');
});
