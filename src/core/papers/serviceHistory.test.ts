import { describe, expect, it } from 'vitest';
import { said } from '../../../tests/builders/said';
import type { ServiceEntry } from './serviceEntrySchema';
import {
  type CarNow,
  certificateTold as certificate,
  serviceTold as entryTold,
  judgeService as ofService,
  type ServiceInterval,
} from './serviceHistory';

// As it is told in English.
const certificateTold = (...given: Parameters<typeof certificate>) => said(certificate(...given));
const serviceTold = (...given: Parameters<typeof entryTold>) => said(entryTold(...given));
const judgeService = (...given: Parameters<typeof ofService>) => said(ofService(...given));

const interval: ServiceInterval = { distance: 10_000, months: 12 };
const at = (
  day: string | undefined,
  distance: number | undefined,
  more: Partial<ServiceEntry> = {},
): ServiceEntry => ({
  ...(day && { day }),
  ...(distance !== undefined && { distance }),
  proof: 'stamp',
  works: ['oil'],
  ...more,
});
const now = (more: Partial<CarNow> = {}): CarNow => ({ today: '2026-03-14', unit: 'mi', ...more });
const judge = (entries: ServiceEntry[], car = now(), wanted = interval) => judgeService(entries, wanted, car);
/** The first stretch, from first use to the first entry, has tests of its own. */
const between = (entries: ServiceEntry[], car = now()) => judge(entries, car).spans.slice(1);
const spans = (entries: ServiceEntry[], car = now()) => between(entries, car).map(({ kind }) => kind);

describe('the stretch between two services', () => {
  const stretch = (months: number, distance: number) => {
    const end = `20${20 + Math.floor(months / 12)}-${String(1 + (months % 12)).padStart(2, '0')}-10`;
    return between([at('2020-01-10', 1000), at(end, 1000 + distance)], now({ today: end }))[0];
  };
  it.each([
    // Asked: 10,000 miles or 12 months. Kept with a month or a tenth more; early under half of both; missing from 1.75 times of either.
    [12, 10_000, 'kept'],
    [13, 9000, 'kept'],
    [14, 9000, 'late'],
    [10, 11_000, 'kept'],
    [10, 11_001, 'late'],
    [20, 9000, 'late'],
    [21, 9000, 'missing'],
    [10, 17_499, 'late'],
    [10, 17_500, 'missing'],
    [5, 4999, 'early'],
    [6, 4999, 'kept'],
    [5, 5000, 'kept'],
    [0, 0, 'kept'],
  ] as const)('of %i months and %i miles is %s', (months, distance, kind) => {
    expect(stretch(months, distance)?.kind).toBe(kind);
  });

  it('is told with both places, both lengths and what was asked', () => {
    expect(stretch(14, 9000)?.says).toBe(
      'Between 10 January 2020, 1,000 miles and 10 March 2021, 10,000 miles: 9,000 miles and 14 months, overdue (10,000 miles or 12 months).',
    );
    expect(stretch(12, 10_000)?.says).toContain('10,000 miles and 12 months, within the interval (');
    expect(stretch(5, 4000)?.says).toContain('earlier than asked');
    expect(stretch(30, 9000)?.says).toContain('a service or more is missing from the record');
  });

  it('is judged by what is known of it', () => {
    expect(
      spans([at('2020-01-10', undefined), at('2021-06-10', undefined)], now({ today: '2021-06-10' })),
    ).toEqual(['late', 'kept']);
    expect(spans([at(undefined, 1000), at(undefined, 13_000)])).toEqual(['late', 'unknown']);
    const [unknown] = between(
      [at(undefined, 1000), at('2021-06-10', undefined)],
      now({ today: '2021-06-10' }),
    );
    expect(unknown).toMatchObject({ kind: 'unknown', says: expect.stringContaining('no telling how far') });
    // A figure that went down is no distance driven.
    expect(
      between([at('2020-01-10', 9000), at('2020-11-10', 8000)], now({ today: '2020-11-10' }))[0]?.says,
    ).toContain('8,000 miles: 10 months, within');
  });

  it('that still runs is never early and never missing: it is kept or overdue', () => {
    expect(spans([at('2026-03-01', 50_000)], now({ odometer: 50_100 }))).toEqual(['kept']);
    expect(spans([at('2020-03-01', 50_000)], now({ odometer: 90_000 }))).toEqual(['late']);
    expect(between([at('2026-03-01', 50_000)], now({ odometer: 50_100 }))[0]?.says).toMatch(
      /^Since 1 March 2026, 50,000 miles: 100 miles and 0 months/,
    );
  });

  it('begins at the first use, and entries come in their order', () => {
    const story = judge(
      [at('2022-03-10', 21_000), at('2021-03-10', 10_000)],
      now({ firstUse: '2020-03-10', today: '2022-04-10', odometer: 21_500 }),
    );
    expect(story.entries.map(({ distance }) => distance)).toEqual([10_000, 21_000]);
    expect(story.spans.map(({ kind }) => kind)).toEqual(['kept', 'kept', 'kept']);
    expect(story.spans[0]?.says).toMatch(
      /^Between first use, 10 March 2020 and 10 March 2021, 10,000 miles: 10,000 miles and 12 months, within/,
    );
    // Without a day the distance orders; of one day too.
    expect(judge([at(undefined, 9000), at(undefined, 3000)]).entries.map(({ distance }) => distance)).toEqual(
      [3000, 9000],
    );
    expect(
      judge([at('2021-01-01', 9000), at('2021-01-01', 3000)]).entries.map(({ distance }) => distance),
    ).toEqual([3000, 9000]);
  });

  it('names the month alone where the record does', () => {
    const said = between(
      [at('2023-04-01', 31_200, { isMonthOnly: true }), at('2024-04-20', 41_000)],
      now({ today: '2024-05-01' }),
    )[0]?.says;
    expect(said).toMatch(/^Between April 2023, 31,200 miles and 20 April 2024, 41,000 miles/);
  });
});

describe('how complete a history is', () => {
  const kept = [at('2024-03-10', 10_000), at('2025-03-10', 20_000)];
  const car = now({ today: '2025-09-10', odometer: 24_000, firstUse: '2023-03-10' });
  it('full: all proven, every interval kept', () => {
    const { completeness, says } = judge(kept, car);
    expect(completeness).toBe('full');
    expect(says.at(-1)).toBe(
      'Full history: every one of 2 entries is proven and every interval kept from first use on.',
    );
  });
  it('partial: told how many stretches ran over, and how many entries nothing proves', () => {
    const told = judge([...kept, at('2025-04-10', 20_500, { proof: 'said' })], car);
    expect(told.completeness).toBe('partial');
    expect(told.says.at(-1)).toBe('Partial history: 1 of 3 entries without proof.');
    const one = judge([at('2022-01-10', 1000), ...kept], { ...car, firstUse: '2022-01-01' });
    expect(one.says.at(-1)).toBe('Partial history: one stretch over the interval.');
    expect(one.says).toContain(one.spans[1]?.says);
    const two = judge([at('2019-01-10', 0), at('2022-01-10', 1000), ...kept], {
      ...car,
      firstUse: '2019-01-01',
    });
    expect(two.says.at(-1)).toBe('Partial history: 2 stretches over the interval.');
    const late = judge(kept, { ...car, today: '2026-09-10' });
    expect(late.says.at(-1)).toBe('Partial history: one stretch over the interval.');
  });
  it('never full where its beginning is not proven: two stamps late in its life are no history from the start', () => {
    // The figures of a car that was shown as "full": stamps at 121,000 and 131,500, odometer 139,200.
    const late = [at('2024-03-10', 121_000), at('2025-03-10', 131_500)];
    const story = judge(late, now({ today: '2025-12-10', odometer: 139_200 }));
    expect(story.completeness).toBe('partial');
    expect(story.spans[0]).toMatchObject({
      kind: 'missing',
      says: 'Between first use and 10 March 2024, 121,000 miles: 121,000 miles, a service or more is missing from the record (10,000 miles or 12 months).',
    });
    expect(story.says.at(-1)).toBe(
      'Partial history: one stretch over the interval, the day of first use was not entered, so its beginning is not proven.',
    );
    const { firstUse: _, ...unknown } = car;
    expect(judge(kept, unknown).completeness).toBe('partial');
    expect(judge([at(undefined, 5000), at('2025-03-10', undefined)], car).says.at(-1)).toContain(
      'one stretch of unknown length',
    );
  });
  it('never full where more was counted than entered, or a figure does not fit', () => {
    expect(judge(kept, { ...car, stamps: 2 }).completeness).toBe('full');
    expect(judge(kept, { ...car, stamps: 5 }).says.at(-1)).toBe(
      'Partial history: 3 more stamps counted in the book and not entered.',
    );
    expect(judge(kept, { ...car, doubtful: 1 }).says.at(-1)).toBe(
      'Partial history: 1 with a figure that does not fit the odometer.',
    );
    expect(judge([], now({ stamps: 9 }))).toMatchObject({
      completeness: 'partial',
      says: ['9 stamps counted in the book; none was entered one by one.'],
    });
  });
  it('none', () => {
    expect(judge([])).toEqual({
      entries: [],
      spans: [],
      completeness: 'none',
      says: ['There is no record of any service.'],
    });
  });
});

describe('the last service and the next', () => {
  const says = (entry: ServiceEntry, car: CarNow, wanted = interval) =>
    judge([entry], car, wanted).says.filter((line) => !/^(Between|Since)/.test(line));
  it('are told by distance and time', () => {
    expect(says(at('2025-09-14', 40_000), now({ odometer: 44_000, perYear: 8000 })).slice(0, 2)).toEqual([
      'Last service: 14 September 2025, 40,000 miles, 4,000 miles ago and 6 months ago.',
      // 6,000 miles at 10,000 a year is 0.6 years, at 6,000 a whole one.
      'Next service due in 6,000 miles, at this car’s rate between 19 October 2026 and 14 March 2027, at the latest by 14 September 2026.',
    ]);
  });
  it('by what is known alone', () => {
    expect(says(at('2025-09-14', undefined), now()).slice(0, 2)).toEqual([
      'Last service: 14 September 2025, 6 months ago.',
      'Next service due at the latest by 14 September 2026.',
    ]);
    expect(says(at(undefined, 40_000), now({ odometer: 44_000 })).slice(0, 2)).toEqual([
      'Last service: 40,000 miles, 4,000 miles ago.',
      'Next service due in 6,000 miles.',
    ]);
    expect(says(at(undefined, 40_000), now())[0]).toBe('Last service: 40,000 miles.');
    // Above what the car shows now: a red flag of its own, and no distance.
    expect(says(at('2025-09-14', 60_000), now({ odometer: 44_000, perYear: 8000 })).slice(0, 2)).toEqual([
      'Last service: 14 September 2025, 60,000 miles, 6 months ago.',
      'Next service due at the latest by 14 September 2026.',
    ]);
  });
  it('that is over is due now', () => {
    expect(says(at('2025-09-14', 40_000), now({ odometer: 50_000 }))[1]).toBe(
      'The next service is due now: 0 miles over.',
    );
    expect(says(at('2025-09-14', 40_000), now({ odometer: 50_900 }))[1]).toBe(
      'The next service is due now: 900 miles over.',
    );
    expect(says(at('2025-03-14', 40_000), now({ odometer: 41_000 }))[1]).toBe(
      'The next service was due by 14 March 2026.',
    );
    expect(says(at('2025-03-15', 40_000), now({ odometer: 41_000 }))[1]).toContain(
      'at the latest by 15 March 2026',
    );
  });
  it('speaks the unit of the car', () => {
    expect(says(at('2025-09-14', 40_000), now({ unit: 'km', odometer: 44_000 }))[0]).toContain(
      '40,000 km, 4,000 km ago',
    );
  });
});

describe('the timing belt', () => {
  const belt = { ...interval, beltDistance: 60_000, beltMonths: 60 };
  const says = (entries: ServiceEntry[], car: CarNow, wanted: ServiceInterval = belt) =>
    judge(entries, car, wanted).says.find((line) => line.startsWith('Timing belt'));
  it('counts from its last change', () => {
    const entries = [
      at('2020-03-10', 30_000, { works: ['belt'] }),
      at('2023-03-10', 62_000, { works: ['oil', 'belt'] }),
      at('2024-03-10', 70_000),
    ];
    expect(says(entries, now({ odometer: 90_000 }))).toBe(
      'Timing belt: changed 10 March 2023, 62,000 miles; due at 122,000 miles or 10 March 2028.',
    );
    expect(says(entries, now({ odometer: 122_000 }))).toContain(
      'overdue since 122,000 miles or 10 March 2028',
    );
    expect(says(entries, now({ odometer: 121_999 }))).toContain('due at');
    expect(says(entries, now({ today: '2028-03-10', odometer: 90_000 }))).toContain('overdue since');
    expect(says(entries, now({ today: '2028-03-09', odometer: 90_000 }))).toContain('; due at');
  });
  it('from the first use where no change is on record', () => {
    const entries = [at('2024-03-10', 70_000)];
    expect(says(entries, now({ firstUse: '2017-05-01', odometer: 71_000 }))).toBe(
      'Timing belt: no change on record; overdue since 60,000 miles or 1 May 2022.',
    );
    expect(says(entries, now({ odometer: 50_000 }))).toBe(
      'Timing belt: no change on record; due at 60,000 miles.',
    );
  });
  it('by what the maker asks alone, and not at all where there is no belt', () => {
    const entries = [at('2023-03-10', 62_000, { works: ['belt'] })];
    expect(says(entries, now({ odometer: 90_000 }), { ...interval, beltMonths: 60 })).toBe(
      'Timing belt: changed 10 March 2023, 62,000 miles; due at 10 March 2028.',
    );
    expect(says(entries, now({ odometer: 90_000 }), { ...interval, beltDistance: 60_000 })).toBe(
      'Timing belt: changed 10 March 2023, 62,000 miles; due at 122,000 miles.',
    );
    expect(says(entries, now({ odometer: 90_000 }), interval)).toBeUndefined();
  });
});

describe('a certificate', () => {
  it('says how long it runs, or ran', () => {
    expect(certificateTold('2026-03-24', '2026-03-14')).toBe('10 days left, until 24 March 2026');
    expect(certificateTold('2026-03-15', '2026-03-14')).toBe('1 day left, until 15 March 2026');
    expect(certificateTold('2026-03-14', '2026-03-14')).toBe('runs out today');
    expect(certificateTold('2026-03-13', '2026-03-14')).toBe(
      'expired 13 March 2026, 1 day ago: not to be driven on the road where one is required',
    );
    expect(certificateTold('2026-03-04', '2026-03-14')).toContain('10 days ago');
    expect(certificateTold('2029-02-14', '2026-03-14')).not.toContain('check the year');
    expect(certificateTold('2029-04-14', '2026-03-14')).toContain('check the year');
  });
});

it('an entry is one line: where, what, who, how it is proven', () => {
  expect(
    serviceTold(
      at('2023-04-01', 31_200, {
        isMonthOnly: true,
        works: ['oil', 'belt'],
        who: 'Quay Motors',
        note: 'late',
      }),
      'mi',
    ),
  ).toBe('April 2023, 31,200 miles: oil, belt; Quay Motors; stamp; late');
  expect(serviceTold(at(undefined, 500, { works: [], proof: 'said' }), 'km')).toBe('500 km: said only');
});
