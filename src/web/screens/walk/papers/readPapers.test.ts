import { describe, expect, it } from 'vitest';
import { type PapersKey, type PapersTyped, readPapers } from './readPapers';

const keys: PapersKey[] = [
  'keepers',
  'keys',
  'keysTried',
  'stamps',
  'certificateUntil',
  'firstUse',
  'recalls',
  'registrationSays',
  'certificateSays',
  'keepersSays',
  'every',
  'months',
  'beltEvery',
  'beltMonths',
];
const typed = (values: Partial<PapersTyped>) =>
  ({ ...Object.fromEntries(keys.map((key) => [key, ''])), ...values }) as PapersTyped;
const read = (values: Partial<PapersTyped>, noted = {}, busy?: PapersKey, untyped: PapersKey[] = []) =>
  readPapers(typed(values), noted, {
    today: '2026-03-14',
    isMonthFirst: false,
    isBusy: (key) => key === busy,
    isTyped: (key) => !untyped.includes(key),
  });

describe('what is typed of the papers', () => {
  it('tells what is new, and nothing of what stands', () => {
    expect(read({ keepers: '2', keys: '2' }, { keys: 2 })).toEqual({ errors: {}, changed: { keepers: 2 } });
    expect(read({})).toEqual({ errors: {}, changed: {} });
  });

  it('takes back what was emptied', () => {
    expect(read({}, { keepers: 2, recalls: 'one open' }).changed).toEqual({ keepers: null, recalls: null });
  });

  it('takes nothing back that somebody else noted meanwhile', () => {
    expect(read({ keepers: '2' }, { keys: 2, stamps: 5 }, undefined, ['keys', 'stamps']).changed).toEqual({
      keepers: 2,
    });
  });

  it('saves the others where one cannot be read, and leaves that one as it stands', () => {
    const { errors, changed } = read({ keepers: '0', recalls: 'none open' }, { keepers: 3 });
    expect(errors.keepers).toMatch(/1 to 99/);
    expect(changed).toEqual({ recalls: 'none open' });
  });

  it('wants both halves of an interval, once nobody is typing the other', () => {
    expect(read({ every: '12000' }, {}, 'months')).toEqual({ errors: {}, changed: {} });
    expect(read({ every: '12000' }).errors.months).toBe('Give both, or neither.');
    expect(read({ every: '12,000', months: '12' }).changed).toEqual({
      interval: { distance: 12_000, months: 12 },
    });
  });

  it('keeps an interval that stands while one of its fields is wrong', () => {
    const interval = { distance: 12_000, months: 12 };
    expect(read({ every: '12', months: '12' }, { interval }).changed).toEqual({});
  });
});
