import { describe, expect, it } from 'vitest';
import { Retries } from './retries';

function at() {
  const clock = { now: 0 };
  return { clock, retries: new Retries(() => clock.now) };
}

describe('what failed', () => {
  it('waits for itself, longer each time, and holds nothing else', () => {
    const { clock, retries } = at();
    retries.failed('a', 'no signal');
    expect(retries.isDue('a')).toBe(false);
    expect(retries.isDue('b')).toBe(true);
    expect(retries.next(['a'])).toBe(500);
    expect(retries.next(['a', 'b'])).toBe(0);
    expect(retries.next([])).toBeUndefined();
    clock.now = 500;
    expect(retries.isDue('a')).toBe(true);
    retries.succeeded('b');
    retries.failed('a', 'no signal');
    expect(retries.next(['a'])).toBe(1000);
    expect(retries.of('a')).toMatchObject({ tries: 2, why: 'no signal' });
    expect(retries.of('b')).toEqual({ tries: 0, why: undefined });
  });

  it('eight times in a row is the way itself: everything waits, and one that gets through ends it', () => {
    const { clock, retries } = at();
    for (const key of 'abcdefg') retries.failed(key, undefined);
    expect(retries.isDue('h')).toBe(true);
    retries.failed('h', 'gone');
    expect(retries.isDue('i')).toBe(false);
    expect([retries.isStalled, retries.why]).toEqual([true, 'gone']);
    clock.now = retries.next(['i']) ?? 0;
    expect(clock.now).toBeGreaterThan(0);
    expect(retries.isDue('i')).toBe(true);
    retries.succeeded('i');
    expect(retries.isStalled).toBe(false);
  });

  it('waits no longer than two seconds while others get through', () => {
    const { clock, retries } = at();
    retries.succeeded('b');
    for (let i = 0; i < 7; i++) retries.failed('a', undefined);
    expect(retries.next(['a'])).toBe(2000);
    clock.now = 20_000;
    retries.failed('a', undefined);
    expect(retries.next(['a'])).toBe(10_000);
  });

  it('may be tried at once when the signal is back, and is not forgotten', () => {
    const { retries } = at();
    for (let i = 0; i < 8; i++) retries.failed('a', undefined);
    expect(retries.next(['a'])).toBe(10_000);
    retries.reset();
    expect(retries.isDue('a')).toBe(true);
    expect(retries.of('a').tries).toBe(8);
  });
});
