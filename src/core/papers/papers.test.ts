import {
  differenceInCalendarDays,
  differenceInMonths,
  addDays as fnsAddDays,
  addMonths as fnsAddMonths,
} from 'date-fns';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { studyHistories } from '../../../bench/papers';
import { said } from '../../../tests/builders/said';
import { own } from '../told';
import {
  addDays,
  addMonths,
  certificateTold as certificate,
  compareNumbers as compared,
  type Day,
  dayOf,
  daysBetween,
  monthsBetween,
  type OdometerPoint,
  judgeOdometer as ofOdometer,
  judgeService as ofService,
  parseDay,
  parseService,
  rateOf,
  type ServiceEntry,
  slipsOf,
  theilSen,
} from '.';

// As it is told in English.
const certificateTold = (...given: Parameters<typeof certificate>) => said(certificate(...given));
const judgeOdometer = (...given: Parameters<typeof ofOdometer>) => said(ofOdometer(...given));
const judgeService = (...given: Parameters<typeof ofService>) => said(ofService(...given));
const compareNumbers = (...given: Parameters<typeof compared>) => said(compared(...given));

const today = '2026-03-14';
const anyDay = fc
  .date({ min: new Date('1960-01-01'), max: new Date('2090-12-31'), noInvalidDate: true })
  .map((date): Day => date.toISOString().slice(0, 10));
/** Midnight here, so that a library that thinks in local time sees the same day. */
const local = (day: Day) => new Date(`${day}T00:00:00`);
const dayFrom = (date: Date): Day =>
  `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}`;

describe('the calendar agrees with date-fns on 10,000 random pairs of days', () => {
  const runs = { numRuns: 10_000 };

  it('days between and days on', () => {
    fc.assert(
      fc.property(anyDay, anyDay, (a, b) => {
        expect(daysBetween(a, b)).toBe(differenceInCalendarDays(local(b), local(a)));
        expect(addDays(a, daysBetween(a, b))).toBe(b);
      }),
      runs,
    );
  });

  it('months on, the last of the month where there is no such day', () => {
    fc.assert(
      fc.property(anyDay, fc.integer({ min: -200, max: 200 }), (day, months) => {
        expect(addMonths(day, months)).toBe(dayFrom(fnsAddMonths(local(day), months)));
      }),
      runs,
    );
  });

  it('whole months between, but that a month ends only with its day', () => {
    fc.assert(
      fc.property(anyDay, anyDay, (a, b) => {
        const [from, to] = daysBetween(a, b) > 0 ? [a, b] : [b, a];
        const ours = monthsBetween(from, to);
        const theirs = differenceInMonths(local(to), local(from));
        expect(monthsBetween(to, from) + ours).toBe(0);
        // date-fns counts the last day of a shorter month, and 28 February always, as the month's end; people who read a stamp do not.
        const isMonthEnd = dayFrom(fnsAddDays(local(to), 1)).endsWith('-01') || /-02-2[89]$/.test(to);
        if (isMonthEnd) expect(Math.abs(ours - theirs)).toBeLessThanOrEqual(1);
        else expect(ours).toBe(theirs);
      }),
      runs,
    );
  });

  it('knows leap days, and that 31 February is none', () => {
    expect(dayOf(2024, 2, 29)).toBe('2024-02-29');
    expect(dayOf(2023, 2, 29)).toBeUndefined();
    expect(dayOf(2000, 2, 29)).toBe('2000-02-29');
    expect(dayOf(2100, 2, 29)).toBeUndefined();
    expect(dayOf(2023, 2, 31)).toBeUndefined();
  });
});

describe('dates as typed', () => {
  it.each([
    ['17/04/2023', '2023-04-17', false],
    ['17.4.23', '2023-04-17', false],
    ['04/2023', '2023-04-01', true],
    ['2023-04-17', '2023-04-17', false],
    ['Apr 2023', '2023-04-01', true],
    ['17 April 2023', '2023-04-17', false],
  ])('“%s”', (text, day, isMonthOnly) => {
    expect(parseDay(text, today)).toEqual({ ok: true, day, isMonthOnly });
  });

  it('month before day in the US', () => {
    expect(parseDay('04/17/2023', today, { monthFirst: true })).toMatchObject({ day: '2023-04-17' });
    expect(parseDay('04/17/2023', today)).toMatchObject({ problem: 'no-such-day' });
  });

  it.each([
    ['31/02/2023', 'no-such-day'],
    ['01/01/2030', 'in-the-future'],
    ['01/01/1920', 'too-early'],
    ['yesterday', 'not-a-date'],
  ])('“%s” is %s', (text, problem) => {
    expect(parseDay(text, today)).toEqual({ ok: false, problem });
  });

  it('a certificate may run ahead', () => {
    expect(parseDay('01/01/2030', today, { mayBeAhead: true })).toMatchObject({ ok: true });
    expect(certificateTold('2026-03-20', today)).toContain('6 days left');
    expect(certificateTold('2026-03-13', today)).toContain('1 day ago');
    expect(certificateTold(today, today)).toContain('today');
    expect(certificateTold('2036-03-14', today)).toContain('check the year');
  });
});

describe('the yearly rate', () => {
  it('is the median of all slopes, as worked out pair by pair', () => {
    // By hand: (0,0) (1,10) (2,20) (3,90): slopes 10 10 30, 10 40, 70; sorted 10 10 10 30 40 70: 20.
    expect(
      theilSen([
        [0, 0],
        [1, 10],
        [2, 20],
        [3, 90],
      ]),
    ).toBe(20);
    expect(theilSen([[1, 5]])).toBeUndefined();
  });

  it('is not bent by one wrong figure, and found on any straight line', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 400 }), { minLength: 6, maxLength: 14 }),
        fc.integer({ min: 1, max: 90 }),
        (xs, slope) => {
          const line = [...new Set(xs)].map((x) => [x, slope * x] as const);
          if (line.length < 6) return;
          expect(theilSen(line)).toBeCloseTo(slope, 9);
          const bent = line.map(([x, y], i) => [x, i === 2 ? y + 1e6 : y] as const);
          expect(Math.abs((theilSen(bent) ?? 0) / slope - 1)).toBeLessThan(0.01);
        },
      ),
    );
  });
});

const points = (...list: readonly (readonly [Day, number])[]): OdometerPoint[] =>
  list.map(([day, value]) => ({ day, value, source: 'service' }));

describe('the odometer over time', () => {
  const good = points(
    ['2018-03-01', 12_000],
    ['2019-03-01', 24_500],
    ['2020-03-01', 35_800],
    ['2021-03-01', 48_200],
    ['2022-03-01', 60_100],
  );
  const changed = (at: number, value: number) =>
    good.map((point, i) => (i === at ? { ...point, value } : point));

  it('says nothing of a car that is in order, and tells its rate', () => {
    const story = judgeOdometer(good, 'km');
    expect(story.flags).toEqual([]);
    expect(story.perYear).toBeGreaterThan(11_500);
    expect(story.perYear).toBeLessThan(12_600);
    expect(rateOf(good.slice(0, 1))).toBeUndefined();
  });

  it('finds a figure in the other unit: a step of 1.609', () => {
    // 35,800 km are 22,245 miles (the mile of 1959).
    expect(judgeOdometer(changed(2, 22_245), 'km').flags).toMatchObject([
      { at: 2, fault: 'other-unit', perhaps: 35_800 },
    ]);
  });

  it('finds two figures swapped and tells what would fit', () => {
    expect(judgeOdometer(changed(2, 53_800), 'km').flags).toMatchObject([
      { at: 2, fault: 'digit-slip', perhaps: 35_800 },
    ]);
    expect(slipsOf(35_800)).toContain(53_800);
  });

  it('calls what goes down a red flag, at the end and for good', () => {
    const wound = good.map((point, i) => (i < 3 ? point : { ...point, value: point.value - 25_000 }));
    expect(judgeOdometer(wound, 'km').flags).toMatchObject([{ at: 3, fault: 'goes-down' }]);
    expect(judgeOdometer(changed(4, 31_000), 'km').flags).toMatchObject([{ at: 4, fault: 'goes-down' }]);
    expect(judgeOdometer(wound, 'km').flags[0]?.says).toContain('red flag');
  });

  it('asks about a stretch nobody drives', () => {
    expect(judgeOdometer(changed(4, 190_000), 'km').flags).toMatchObject([{ at: 4, fault: 'jump' }]);
  });

  it('does not mind rounded figures of one day', () => {
    const same = points(['2020-01-01', 31_200], ['2020-01-01', 31_173], ['2021-01-01', 40_000]);
    expect(judgeOdometer(same, 'mi').flags).toEqual([]);
  });
});

describe('a service line', () => {
  const read = (line: string) => parseService(line, 'mi', today);
  const history = [
    '9.8k 05/2018 stamp main dealer minor service',
    '19,640 17/05/2019 stamp main dealer oil, oil filter, pollen filter',
    '31.2k 04/2020 invoice Harrow Lane Motors oil and filter, brake fluid',
    '2021-04-19 40112 electronic main dealer major service, plugs',
    'Jun 2022 51k stamp independent oil change',
    '63,980 mi 06/2023 invoice garage timing belt, water pump, coolant',
    '72.4k 07/2024 stamp specialist service',
  ];

  it('of a seven-line history is understood line by line, none in doubt', () => {
    const entries = history.map((line) => read(line));
    for (const [i, reading] of entries.entries())
      expect(reading, history[i]).toMatchObject({ ok: true, doubts: [] });
    expect(entries.flatMap((reading) => (reading.ok ? [reading.entry.distance] : []))).toEqual([
      9_800, 19_640, 31_200, 40_112, 51_000, 63_980, 72_400,
    ]);
    expect(entries[2]).toMatchObject({
      entry: {
        day: '2020-04-01',
        isMonthOnly: true,
        proof: 'invoice',
        who: 'Harrow Lane Motors',
        works: ['oil', 'brake fluid'],
      },
    });
    expect(entries[5]).toMatchObject({ entry: { works: ['belt', 'water pump', 'coolant'], who: 'garage' } });
  });

  it('as the handbook of the trade gives it', () => {
    expect(read('31.2k 04/2023 stamp main dealer oil, belt')).toEqual({
      ok: true,
      entry: {
        day: '2023-04-01',
        isMonthOnly: true,
        distance: 31_200,
        proof: 'stamp',
        who: 'main dealer',
        works: ['oil', 'belt'],
      },
      doubts: [],
    });
  });

  it('asks about what it does not understand, and keeps it', () => {
    const reading = read('40k 04/2021 stamp oil frobnicated');
    expect(reading).toMatchObject({ ok: true, entry: { note: 'frobnicated' } });
    if (reading.ok) expect(reading.doubts.join()).toContain('frobnicated');
    const small = read('31 04/2020 stamp oil');
    expect(small).toMatchObject({
      ok: true,
      entry: { note: '31' },
      doubts: expect.arrayContaining([expect.stringContaining('31k')]),
    });
    expect(small.ok && small.entry.distance).toBeUndefined();
  });

  it.each([
    ['17th Apr 2023 31k stamp oil', '2023-04-17', 31_000, false],
    ['1st May, 2022 20,500 invoice oil', '2022-05-01', 20_500, false],
    ['April 3rd, 2021 18k stamp oil', '2021-04-03', 18_000, false],
    ['Apr 23 31k stamp oil', '2023-04-01', 31_000, true],
    ["17 Apr '23 31k stamp oil", '2023-04-17', 31_000, false],
    ['04/23 31k stamp oil', '2023-04-01', 31_000, true],
    ['04/2023 67 500 stamp oil', '2023-04-01', 67_500, true],
    ['04/2023 67000m stamp oil', '2023-04-01', 67_000, true],
    ['brake fluid 2 yr 04/2023 31k stamp', '2023-04-01', 31_000, true],
    ['2 keys, 04/2023 31,200 stamp oil', '2023-04-01', 31_200, true],
  ] as const)('is read as people write it: %s', (line, day, distance, isMonthOnly) => {
    const reading = read(line);
    expect(reading).toMatchObject({ ok: true, entry: { day, distance } });
    expect(reading.ok && reading.entry.isMonthOnly === true).toBe(isMonthOnly);
  });

  it('says what it took a short year for, and takes no small number for a distance', () => {
    expect(read('Apr 23 31k stamp oil')).toMatchObject({ doubts: ['“Apr 23” is taken for Apr 2023.'] });
    expect(read("17 Apr '23 31k stamp oil")).toMatchObject({
      doubts: ["“17 Apr '23” is taken for 17 Apr 2023."],
    });
    const last = read('timing belt last done 47, 04/2023 stamp');
    expect(last.ok && last.entry.distance).toBeUndefined();
    expect(last).toMatchObject({ doubts: expect.arrayContaining(['Is “47” a distance? If so, type 47k.']) });
    // Asked once, as a distance, and not again as a word; "last done" is no name.
    expect(last.ok && last.doubts.filter((doubt) => doubt.includes('47'))).toHaveLength(1);
    expect(last.ok && last.entry.who).toBeUndefined();
    expect(read('oil 47').ok).toBe(false);
    expect(read('oil, filters 04/2023 31k stamp')).toMatchObject({
      entry: { works: ['oil', 'filters'] },
      doubts: [],
    });
  });

  it.each([
    ['', /distance or a date/],
    ['oil and filter', /neither a date nor a distance/],
    ['31/02/2020 20k oil', /no such day/],
    ['05/2031 20k oil', /has not come yet/],
    ['9,999,999 04/2020 oil', /not a distance/],
  ])('“%s” is told plainly', (line, says) => {
    const reading = read(line);
    expect(reading.ok).toBe(false);
    if (!reading.ok) expect(reading.says).toMatch(says);
  });

  it('turns the other unit into the car’s own', () => {
    // By hand: 50,000 km / 1.609344 = 31,069 miles.
    expect(read('50,000 km 04/2020 stamp oil')).toMatchObject({ entry: { distance: 31_069 } });
  });
});

describe('a service history', () => {
  const entry = (
    day: Day,
    distance: number,
    works: ServiceEntry['works'] = ['oil'],
    proof: ServiceEntry['proof'] = 'stamp',
  ): ServiceEntry => ({ day, distance, works, proof });
  const interval = { distance: 20_000, months: 12 };
  const now = { today, unit: 'km' as const, odometer: 52_000, perYear: 16_000, firstUse: '2023-02-01' };
  const kept = [entry('2024-01-20', 16_000), entry('2025-01-15', 32_000), entry('2026-01-10', 48_500)];

  it('kept and proven is full; what is due next is told as a range', () => {
    const story = judgeService(kept, interval, now);
    expect(story.completeness).toBe('full');
    expect(story.spans.every(({ kind }) => kind === 'kept')).toBe(true);
    expect(story.says[0]).toBe('Last service: 10 January 2026, 48,500 km, 3,500 km ago and 2 months ago.');
    // By hand: 16,500 km left; at 20,000 a year 301 days, at 12,000 a year 502.
    expect(story.says.join(' ')).toContain(
      'in 16,500 km, at this car’s rate between 9 January 2027 and 29 July 2027, at the latest by 10 January 2027',
    );
  });

  it('with a stretch missing, late or early is partial, and says where', () => {
    const missing = judgeService([kept[0], kept[2]] as ServiceEntry[], interval, now);
    expect(missing.completeness).toBe('partial');
    expect(missing.spans.map(({ kind }) => kind)).toEqual(['kept', 'missing', 'kept']);
    const late = judgeService([entry('2024-05-20', 19_000), ...kept.slice(1)], interval, now);
    expect(late.spans[0]).toMatchObject({ kind: 'late' });
    const early = judgeService([entry('2023-05-02', 4_000), ...kept], interval, now);
    expect(early.spans[0]).toMatchObject({ kind: 'early' });
    const said = judgeService(
      [...kept.slice(0, 2), { ...kept[2], proof: 'said' } as ServiceEntry],
      interval,
      now,
    );
    expect(said.says.at(-1)).toBe('Partial history: 1 of 3 entries without proof.');
  });

  it('none at all is none', () => {
    expect(judgeService([], interval, now)).toMatchObject({ completeness: 'none' });
  });

  it('tells of the belt, changed or not', () => {
    const belted = { ...interval, beltDistance: 120_000, beltMonths: 60 };
    expect(judgeService(kept, belted, now).says.join(' ')).toContain(
      'no change on record; due at 120,000 km or 1 February 2028',
    );
    const done = judgeService([...kept.slice(0, 2), entry('2026-01-10', 48_500, ['belt'])], belted, now);
    expect(done.says.join(' ')).toContain(
      'changed 10 January 2026, 48,500 km; due at 168,500 km or 10 January 2031',
    );
  });

  it('that ran over is due now', () => {
    expect(judgeService(kept, interval, { ...now, odometer: 70_000 }).says.join(' ')).toContain(
      'due now: 1,500 km over',
    );
  });
});

describe('numbers read at several places', () => {
  it('are compared character by character, spaces aside', () => {
    const plate = { where: own('Plate'), text: 'XZ9FT1A4 0HK000104' };
    expect(compareNumbers([plate, { where: own('Paper'), text: 'xz9ft1a40hk000104' }])).toEqual([]);
    const [easy] = compareNumbers([plate, { where: own('Glass'), text: 'XZ9FTIA40HK000104' }]);
    expect(easy).toMatchObject({ places: [6], says: expect.stringContaining('easily taken') });
    const [flag] = compareNumbers([plate, { where: own('Paper'), text: 'XZ9FT1A40HK000987' }]);
    expect(flag).toMatchObject({ places: [15, 16, 17], says: expect.stringContaining('red flag') });
    expect(compareNumbers([plate, { where: own('Paper'), text: 'XZ9' }])[0]?.says).toContain(
      '17 characters against 3',
    );
  });
});

describe('invented histories with a planted fault', () => {
  it('are all found, with at most two things said wrongly of 200 clean ones', () => {
    const { falseAlarms, rows } = studyHistories();
    for (const { fault, planted, found } of rows) expect(found, fault).toBe(planted);
    expect(rows.reduce((sum, { planted }) => sum + planted, 0)).toBe(60);
    expect(falseAlarms).toBeLessThanOrEqual(2);
  });
});
