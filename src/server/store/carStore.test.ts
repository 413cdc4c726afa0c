import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { type Standing, standingOf } from '#core/api';
import { begun, CAR, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import {
  carDetails,
  freezeIn,
  NOW,
  nowIso,
  openTestStores,
  type TestStores,
  withWalk,
} from '../../../tests/builders/testStores';
import { detailsOf, pageSql } from './carStore';

let test: TestStores;
beforeEach(() => {
  test = openTestStores();
});
afterEach(() => test.close());

const add = (n: number, more: Partial<typeof carDetails> = {}, day = n) =>
  test.stores.cars.add(
    idOf(n),
    { ...carDetails, stockNumber: `S-${n}`, ...more },
    `2026-03-${String(day).padStart(2, '0')}T08:00:00.000Z`,
  );
const numbersOf = (search: string, limit = 50) =>
  test.stores.cars.list(search, undefined, limit).cars.map(({ car }) => car.stockNumber);

const SECOND = '018f0000-0000-7000-8000-0000000000ab';

describe('cars', () => {
  it('are kept as they were told, over a second start', () => {
    const car = add(1, { variant: 'Tessel “S”', extras: ['film', 'tow-bar'] });
    expect(test.reopen().cars.get(idOf(1))).toEqual(car);
    expect(detailsOf(car)).toEqual({
      ...carDetails,
      stockNumber: 'S-1',
      variant: 'Tessel “S”',
      extras: ['film', 'tow-bar'],
    });
  });

  it('are added once: a second time gives what is there', () => {
    const first = add(1);
    const again = test.stores.cars.add(idOf(1), { ...carDetails, stockNumber: 'other' }, nowIso);
    expect(again).toEqual(first);
  });

  it('are edited in place, and found by what they are now', () => {
    const first = add(1, { colour: 'Blue' });
    const edited = test.stores.cars.edit(idOf(1), { ...detailsOf(first), colour: 'Moss green' }, nowIso);
    expect(edited).toMatchObject({ colour: 'Moss green', createdAt: first.createdAt, updatedAt: nowIso });
    expect(numbersOf('moss')).toEqual(['S-1']);
    expect(numbersOf('blue')).toEqual([]);
    expect(test.stores.cars.edit(idOf(9), carDetails, nowIso)).toBeUndefined();
  });
});

describe('how far cars have come', () => {
  const of = (standing: Standing, search = '') =>
    test.stores.cars.list(search, undefined, 50, standing).cars.map(({ car }) => car.stockNumber);

  it('goes with their newest walk: not walked, being walked, reported, being walked anew', () => {
    withWalk(test.stores);
    add(2);
    const walked = test.stores.cars.get(CAR)?.stockNumber as string;
    expect([of('to-walk'), of('in-hand'), of('reported')]).toEqual([['S-2'], [walked], []]);
    freezeIn(test.stores);
    expect([of('to-walk'), of('in-hand'), of('reported')]).toEqual([['S-2'], [], [walked]]);
    expect(of('reported', 'no such car')).toEqual([]);
    const again = entriesOf([begun], SECOND, 70).map((entry) => ({ ...entry, at: nowIso }));
    test.stores.walks.append(SECOND, again, NOW);
    expect([of('in-hand'), of('reported')]).toEqual([[walked], []]);
  });

  it('is what the list says of each, whatever came in which order', () => {
    withWalk(test.stores);
    add(2);
    freezeIn(test.stores);
    for (const summary of test.stores.cars.list('', undefined, 50).cars)
      expect(of(standingOf(summary))).toContain(summary.car.stockNumber);
  });
});

describe('how cars are found', () => {
  /** What SQLite does to answer, a line a step. */
  const planOf = (sql: string, values: unknown[]) =>
    test.stores.db
      .prepare(`EXPLAIN QUERY PLAN ${sql}`)
      .all(...values)
      .map((row) => (row as { detail: string }).detail);

  it('goes by the index of words, never over the whole table', () => {
    const plan = planOf(pageSql({ isIndexed: true, short: 1 }), ['"fen" AND "104"', '9999', '', '%x%', 51]);
    expect(plan.filter((step) => /^SCAN/.test(step))).toEqual([
      expect.stringMatching(/^SCAN cars_words VIRTUAL TABLE INDEX/),
    ]);
    expect(plan).toContainEqual(expect.stringMatching(/^SEARCH cars USING INDEX cars_number/));
  });

  it('gives those that have stood longest first where that is asked for, page by page', () => {
    for (const n of [1, 2, 3]) add(n);
    const page = (cursor?: string) => test.stores.cars.list('', cursor, 2, undefined, 'oldest');
    const first = page();
    expect(first.cars.map(({ car }) => car.stockNumber)).toEqual(['S-1', 'S-2']);
    expect(page(first.next).cars.map(({ car }) => car.stockNumber)).toEqual(['S-3']);
    const plan = planOf(pageSql({ isIndexed: false, short: 0, isOldestFirst: true }), ['', '', 51]);
    expect(plan).toContainEqual(expect.stringMatching(/^SEARCH cars USING INDEX cars_newest/));
  });

  it('goes along an index of those that have come so far', () => {
    const plan = planOf(pageSql({ isIndexed: false, short: 0, isOfStanding: true }), [
      '9999',
      '',
      'reported',
      51,
    ]);
    expect(plan).toContainEqual(expect.stringMatching(/^SEARCH cars USING INDEX cars_by_standing/));
    expect(plan.filter((step) => /^SCAN|TEMP B-TREE(?! FOR LAST TERM)/.test(step))).toEqual([]);
  });

  it('goes along the newest where nothing is asked for, and stops when a page is full', () => {
    const plan = planOf(pageSql({ isIndexed: false, short: 0 }), ['9999', '', 51]);
    expect(plan).toContainEqual(expect.stringMatching(/^SEARCH cars USING INDEX cars_newest/));
    // Of those added in one moment alone the order is made.
    expect(plan.filter((step) => /^SCAN|TEMP B-TREE(?! FOR LAST TERM)/.test(step))).toEqual([]);
  });

  it('finds any run of letters and signs, short or long, and what was changed', () => {
    add(1, { make: 'Quillon', plate: 'ZQX 4417' });
    add(2, { make: 'Ostrel', model: 'Marl "X" 100%' });
    for (const [words, found] of [
      ['uillo', ['S-1']],
      ['zqx4417', ['S-1']],
      ['441 quil', ['S-1']],
      ['zq', ['S-1']],
      ['"x"', ['S-2']],
      ['100%', ['S-2']],
      ['os% marl', []],
      ['rel OR quillon', []],
      ['s-', ['S-2', 'S-1']],
    ] as const)
      expect([words, numbersOf(words)]).toEqual([words, found]);
  });
});

describe('the stock list', () => {
  it('is newest first, page by page, each car once', () => {
    for (let n = 1; n <= 7; n++) add(n);
    const seen: string[] = [];
    let cursor: string | undefined;
    let pages = 0;
    do {
      const page = test.stores.cars.list('', cursor, 3);
      seen.push(...page.cars.map(({ car }) => car.stockNumber));
      cursor = page.next;
      pages++;
    } while (cursor);
    expect(seen).toEqual(['S-7', 'S-6', 'S-5', 'S-4', 'S-3', 'S-2', 'S-1']);
    expect(pages).toBe(3);
  });

  it('pages through cars that came in the same moment', () => {
    for (let n = 1; n <= 5; n++) add(n, {}, 9);
    const first = test.stores.cars.list('', undefined, 2);
    const second = test.stores.cars.list('', first.next, 2);
    const third = test.stores.cars.list('', second.next, 2);
    const all = [first, second, third].flatMap(({ cars }) => cars.map(({ car }) => car.id));
    expect(new Set(all).size).toBe(5);
    expect(third.next).toBeUndefined();
  });

  it('refuses a page mark that nobody gave', () => {
    for (const mark of ['', 'x', Buffer.from('one').toString('base64url')])
      expect(() => test.stores.cars.list('', mark, 3)).toThrow(/page mark cannot be read/);
  });

  it('finds every word, in any order and case, the plate with and without its spaces', () => {
    add(1, { make: 'Fenlark', model: 'Tessel', plate: 'QX21 ABC', year: 2017 });
    add(2, { make: 'Ostrel', model: 'Marl', plate: 'ZZ11 XYZ', year: 2019 });
    expect(numbersOf('tessel FENLARK')).toEqual(['S-1']);
    expect(numbersOf('qx21abc')).toEqual(['S-1']);
    expect(numbersOf('qx21 abc 2017')).toEqual(['S-1']);
    expect(numbersOf('fenlark marl')).toEqual([]);
  });

  it('takes signs of its own language for signs', () => {
    add(1, { variant: '100 % electric_drive\\' });
    add(2, { variant: 'plain' });
    expect(numbersOf('%')).toEqual(['S-1']);
    expect(numbersOf('c_d')).toEqual(['S-1']);
    expect(numbersOf('\\')).toEqual(['S-1']);
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(numbersOf(text).length).toBeLessThanOrEqual(2);
      }),
    );
  });

  it('tells of each car its latest walk, and the last report frozen from it', () => {
    withWalk(test.stores, noted(1), { kind: 'part-cleared', body: { part: 'roof' } });
    freezeIn(test.stores);
    freezeIn(test.stores, 2);
    const [summary] = test.stores.cars.list('', undefined, 5).cars;
    expect(summary?.walk).toMatchObject({ id: WALK, findings: 1, visited: 2, revision: 2 });
    const later = idOf(0xbb);
    const entries = entriesOf([begun], later, 0x900).map((entry) => ({ ...entry, at: NOW.toISOString() }));
    test.stores.walks.append(later, entries, NOW);
    const [now] = test.stores.cars.list('', undefined, 5).cars;
    expect(now?.car.id).toBe(CAR);
    expect(now?.walk).toMatchObject({ id: later, findings: 0, visited: 0 });
    expect(now?.walk?.revision).toBeUndefined();
  });
});
