import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { paintTones } from '../car';
import { type NoticeDistance, noticeDistances } from './choices';
import { estimateNotice, noticeOf } from './estimateNotice';
import { findingKindIds } from './findingKinds';

const rank = (kind: 'dent' | 'scratch', details: object, tone: (typeof paintTones)[number]) =>
  noticeDistances.indexOf(estimateNotice({ kind, details }, tone) as NoticeDistance);

describe('the estimated distance', () => {
  it.each([
    ['stone-chip', { lengthMm: 2 }, 'white', 'up-close'],
    ['stone-chip', { lengthMm: 3, count: 40 }, 'black', 'one-step-back'],
    ['scratch', { lengthMm: 300 }, 'black', 'across-the-bay'],
    ['scratch', { lengthMm: 60, nail: 'glides' }, 'silver', 'up-close'],
    ['dent', { lengthMm: 60 }, 'white', 'one-step-back'],
    ['dent', { lengthMm: 20 }, 'white', 'up-close'],
    ['rust', { lengthMm: 120, widthMm: 60 }, 'white', 'across-the-bay'],
    // Nothing was said of it: nothing is known.
    ['scuff', {}, 'mid', undefined],
    ['scuff', { count: 3, nail: 'catches' }, 'mid', undefined],
    // By how bad it is alone.
    ['scuff', { severity: 'slight' }, 'black', 'up-close'],
    ['scuff', { severity: 'plain' }, 'black', 'one-step-back'],
    ['scuff', { severity: 'heavy' }, 'black', 'across-the-bay'],
    ['scuff', { severity: 'heavy' }, 'silver', 'one-step-back'],
    // A size of 100 mm at a contrast of 0.7 is just seen across the bay; not when slight.
    ['scuff', { lengthMm: 100 }, 'mid', 'across-the-bay'],
    ['scuff', { lengthMm: 100, severity: 'slight' }, 'mid', 'one-step-back'],
    ['scuff', { lengthMm: 70, severity: 'heavy' }, 'mid', 'across-the-bay'],
  ] as const)('%s %o on %s is %s', (kind, details, tone, notice) => {
    expect(estimateNotice({ kind, details }, tone)).toBe(notice);
  });

  it('never comes nearer for a larger one, and dents show more on dark paint than on white', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 500 }),
        fc.integer({ min: 0, max: 500 }),
        fc.constantFrom(...paintTones),
        (mm, more, tone) => {
          expect(rank('dent', { lengthMm: mm + more }, tone)).toBeGreaterThanOrEqual(
            rank('dent', { lengthMm: mm }, tone),
          );
          expect(rank('dent', { lengthMm: mm }, 'black')).toBeGreaterThanOrEqual(
            rank('dent', { lengthMm: mm }, 'white'),
          );
        },
      ),
    );
  });

  it('has an answer for every kind and paint once something is known', () => {
    for (const kind of findingKindIds)
      for (const tone of paintTones)
        expect(noticeDistances).toContain(estimateNotice({ kind, details: { severity: 'plain' } }, tone));
  });

  it('stands back behind what was said or walked', () => {
    const said = { kind: 'dent', details: { notice: 'across-the-bay' } } as const;
    expect(noticeOf(said, 'white')).toEqual({ notice: 'across-the-bay', source: 'said' });
    expect(noticeOf({ ...said, isNoticeWalked: true }, 'white').source).toBe('step-back-lap');
    expect(noticeOf({ kind: 'dent', details: { lengthMm: 9 } }, 'white').source).toBe('estimated');
    expect(noticeOf({ kind: 'dent', details: {} }, 'white')).toEqual({});
  });
});
