import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { minorUnits, moneyWords, readMoney } from './money';

describe('money', () => {
  it.each([
    [8500, 'GBP', 'uk', '£85'],
    [8550, 'GBP', 'uk', '£85.50'],
    [{ low: 8050, high: 9410 }, 'GBP', 'uk', '£80 to £95'],
    [{ low: 8050, high: 8050 }, 'GBP', 'uk', '£80.50'],
    [120_000, 'USD', 'us', '$1,200'],
    [1200, 'JPY', 'uk', 'JP¥1,200'],
  ] as const)('%o %s: %s %s', (amount, currency, vocabulary, says) => {
    expect(moneyWords(amount, currency, vocabulary)).toBe(says);
  });

  it('has the minor units of its currency (ISO 4217)', () => {
    expect(['GBP', 'EUR', 'USD', 'JPY', 'KWD'].map(minorUnits)).toEqual([100, 100, 100, 1, 1000]);
  });

  it.each([
    ['85', 8500],
    [' 85.5 ', 8550],
    ['85,50', 8550],
    ['0', 0],
    ['', undefined],
    ['£85', undefined],
    ['85.555', undefined],
    ['-3', undefined],
    ['1e3', undefined],
  ])('“%s” is %s', (typed, minor) => {
    expect(readMoney(typed, 'GBP')).toBe(minor);
  });

  it('what is said of a range is never less than its least or more than its most by a unit', () => {
    fc.assert(
      fc.property(fc.nat(1_000_000), fc.nat(1_000_000), (a, b) => {
        const [low, high] = [Math.min(a, b), Math.max(a, b) + 1];
        const [from = Number.NaN, to = Number.NaN] = moneyWords({ low, high }, 'GBP', 'uk')
          .split(' to ')
          .map((each) => Number(each.replace(/[£,]/g, '')) * 100);
        expect(from).toBeLessThanOrEqual(low);
        expect(to).toBeGreaterThanOrEqual(high);
        expect(low - from).toBeLessThan(100);
        expect(to - high).toBeLessThan(100);
      }),
    );
  });
});
