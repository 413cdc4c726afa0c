import { describe, expect, it } from 'vitest';
import { leftAt, readTread } from './tread';

describe('tread of a picture', () => {
  it('reads at each third what was asked for', () => {
    expect(readTread({ outerMm: 4.6, centreMm: 4.4, innerMm: 2.2 })).toEqual({
      outer: 4.6,
      centre: 4.4,
      inner: 2.2,
    });
  });

  it('changes without steps across the tyre', () => {
    const depths = { outerMm: 5, centreMm: 3, innerMm: 2 };
    for (let share = -1; share < 1; share += 0.01)
      expect(Math.abs(leftAt(depths, share + 0.01) - leftAt(depths, share))).toBeLessThan(0.1);
  });
});
