import { describe, expect, it } from 'vitest';
import { cureName, cures } from './cures';
import type { Remedy } from './remedy';
import { curesSchema, decisionSchema } from './remedySchema';
import { adviceLine, decisionLine, isPromised, workLine } from './tellRemedy';

const two: Remedy = {
  cures: [
    { cure: 'touch-in', sure: 'should' },
    { cure: 'polish', sure: 'may' },
  ],
};

describe('what would mend it', () => {
  it('is advice, with how sure it is', () => {
    expect(adviceLine(two, 'uk')).toBe('should touch in, then may polish out');
    expect(adviceLine(two, 'us')).toBe('should touch up, then may polish out');
    expect(adviceLine({ cures: [{ cure: 'adjust' }] }, 'uk')).toBe('adjust');
    expect(adviceLine({}, 'uk')).toBe('');
  });

  it('is work, without how sure', () => {
    expect(workLine(two, 'uk')).toBe('Touch in, then machine polish');
    expect(workLine({}, 'uk')).toBe('');
  });

  it('never speaks of a promise, and keeps the two vocabularies apart', () => {
    for (const cure of cures)
      for (const sure of ['will', 'should', 'may', undefined] as const) {
        const us = adviceLine({ cures: [{ cure, ...(sure && { sure }) }] }, 'us');
        expect(us).not.toMatch(/touch in|lacquer|recolour|refurb|promise|before collection/i);
        expect(us.length).toBeGreaterThan(3);
      }
    expect(new Set(cures.map((cure) => cureName(cure, 'uk'))).size).toBe(cures.length);
  });

  it('is named once each, and at most four times', () => {
    const message = (raw: unknown) => curesSchema.safeParse(raw).error?.issues[0]?.message;
    expect(message([])).toBe('Name at least one cure.');
    expect(message([{ cure: 'polish' }, { cure: 'polish', sure: 'may' }])).toBe(
      'Name each cure of a fault once.',
    );
    expect(message(cures.slice(0, 5).map((cure) => ({ cure })))).toBe('At most 4 cures on one fault.');
    expect(message([{ cure: 'polish', sure: 'may' }])).toBeUndefined();
  });
});

describe('what was decided', () => {
  it.each([
    [undefined, ''],
    [{ is: 'promised' }, 'Will be put right before collection'],
    // Who sees to it is the yard's own matter.
    [
      { is: 'promised', owner: 'Tomas Vey', by: '2026-12-03' },
      'Will be put right before collection, by 3 December 2026',
    ],
    [{ is: 'buyer-chooses' }, 'The buyer may choose to have it put right'],
    [
      { is: 'buyer-chooses', price: { amount: 1200, currency: 'GBP' } },
      'The buyer may choose to have it put right, for £1,200',
    ],
    [{ is: 'house-decides' }, 'Whether it is put right is not decided'],
    [{ is: 'left' }, 'Left as it is'],
  ] as const)('%o: %s', (decision, says) => {
    expect(decisionLine({ decision }, 'uk')).toBe(says);
    expect(isPromised({ decision })).toBe(decision?.is === 'promised');
  });

  it('is refused with what to change', () => {
    const message = (raw: unknown) => decisionSchema.safeParse(raw).error?.issues[0]?.message;
    expect(message({ is: 'promised', by: '3 December' })).toBe('A date is written like 2026-12-03.');
    expect(message({ is: 'buyer-chooses', price: { amount: 12.5, currency: 'GBP' } })).toBe(
      'A price is in whole units.',
    );
    expect(message({ is: 'buyer-chooses', price: { amount: 12, currency: 'pounds' } })).toBe(
      'A currency has three letters, like GBP.',
    );
  });
});
