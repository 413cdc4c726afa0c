import { describe, expect, it } from 'vitest';
import { takesWords, timeLeftMs, timeLeftWords } from './timers';

const at = (text: string) => new Date(text).getTime();

describe('tests that need time', () => {
  it('count down, and then say that it is time to look', () => {
    const begun = '2026-03-14T10:00:00.000Z';
    expect(timeLeftMs(begun, 180, at('2026-03-14T10:00:55.000Z'))).toBe(125_000);
    expect(timeLeftWords(125_000, 180)).toBe('2:05');
    expect(timeLeftMs(begun, 180, at('2026-03-14T10:05:00.000Z'))).toBe(0);
    expect(timeLeftWords(0, 180)).toBe('look now');
  });

  it('that need the night ask in the morning, not before', () => {
    const begun = new Date(2026, 2, 14, 17, 40).toISOString();
    expect(timeLeftMs(begun, 'overnight', new Date(2026, 2, 14, 23).getTime())).toBeGreaterThan(0);
    expect(timeLeftMs(begun, 'overnight', new Date(2026, 2, 15, 7).getTime())).toBe(0);
    expect(timeLeftWords(1, 'overnight')).toBe('look in the morning');
  });

  it('say how long they take', () => {
    expect([20, 180, 'overnight' as const].map(takesWords)).toEqual(['20 s', '3 min', 'overnight']);
  });
});
