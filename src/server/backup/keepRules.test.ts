import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KEPT, toKeep } from './keepRules';

const at = (text: string) => new Date(`${text}Z`);
const times = fc.array(
  fc.date({ min: at('2024-01-01T00:00'), max: at('2027-01-01T00:00'), noInvalidDate: true }),
  {
    maxLength: 120,
  },
);

describe('backups that are kept', () => {
  it('are one a day of the last seven, one a week of four, one a month of twelve', () => {
    // Every night at three for a year and a half, ending on Friday 27 November 2026.
    const nights = Array.from(
      { length: 550 },
      (_, i) => new Date(at('2026-11-27T03:00').getTime() - i * 86_400_000),
    );
    const kept = [...toKeep(nights)].map((time) => time.toISOString().slice(0, 10)).toSorted();
    expect(kept).toEqual([
      // The last of each month before.
      '2025-12-31',
      '2026-01-31',
      '2026-02-28',
      '2026-03-31',
      '2026-04-30',
      '2026-05-31',
      '2026-06-30',
      '2026-07-31',
      '2026-08-31',
      '2026-09-30',
      '2026-10-31',
      // Sundays: the last of each week before.
      '2026-11-08',
      '2026-11-15',
      // The last seven days, the third Sunday among them.
      '2026-11-21',
      '2026-11-22',
      '2026-11-23',
      '2026-11-24',
      '2026-11-25',
      '2026-11-26',
      '2026-11-27',
    ]);
  });

  it('always hold the newest, never more than the rule, and none that a later look would want back', () => {
    fc.assert(
      fc.property(times, (made) => {
        const kept = toKeep(made);
        expect(kept.size).toBeLessThanOrEqual(KEPT.days + KEPT.weeks + KEPT.months);
        if (made.length > 0) {
          const newest = Math.max(...made.map(Number));
          expect([...kept].some((time) => time.getTime() === newest)).toBe(true);
        }
        // Thinned out twice is thinned out once.
        expect(new Set([...toKeep([...kept])].map(Number))).toEqual(new Set([...kept].map(Number)));
      }),
    );
  });
});
