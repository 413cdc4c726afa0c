import { describe, expect, it } from 'vitest';
import { begun, entriesOf } from '../../../tests/builders/entries';
import { LogCache } from './logCache';

const log = { entries: entriesOf([begun]), rows: 1, damaged: 0 };

describe('the log cache', () => {
  it('forgets the walk that was longest unused', () => {
    const cache = new LogCache(2);
    cache.set('a', log);
    cache.set('b', log);
    cache.get('a');
    cache.set('c', log);
    expect(cache.get('a')).toBe(log);
    expect(cache.get('b')).toBeUndefined();
    expect(cache.get('c')).toBe(log);
  });

  it('knows nothing of a walk it was never told', () => {
    expect(new LogCache().get('x')).toBeUndefined();
  });
});
