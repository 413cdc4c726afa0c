import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, WALK } from '../../../tests/builders/entries';
import { said } from '../../../tests/builders/said';
import { styleOf } from '../car';
import type { ServiceEntry } from '../papers';
import { checkEntry, type Entry, type Fact, replay } from '../walk';
import { papersTable as tableFor } from '.';

// As it is told in English.
const papersTable = (...given: Parameters<typeof tableFor>) => said(tableFor(...given));

const today = '2026-03-14';
let n = 0;
const service = (day: string, distance: number): Fact => ({
  kind: 'service-noted',
  body: {
    service: idOf(0xa000 + ++n),
    entry: { day, distance, proof: 'stamp', works: ['oil'] } as ServiceEntry,
  },
});
const odometer = (value: number): Fact => ({ kind: 'odometer-read', body: { value, unit: 'mi' } });
const papers = (body: object): Fact => ({ kind: 'papers-noted', body }) as Fact;
const tableOf = (...facts: Fact[]) => papersTable(replay(WALK, entriesOf([begun, ...facts])), testCar, today);
const problemOf = (fact: Fact) => {
  const [entry] = entriesOf([fact]) as [Entry];
  const check = checkEntry(entry, {
    walk: WALK,
    now: new Date('2026-03-14T12:00:00Z'),
    style: styleOf({ bodyStyle: 'hatch-5' }),
  });
  return check.ok ? 'ok' : check.problem.message;
};

describe('the papers of a car', () => {
  it('come to a history, a rate and what is due, with the walk’s own odometer as the last figure', () => {
    const table = tableOf(
      service('2025-04-01', 38_000),
      service('2023-04-01', 20_000),
      service('2024-04-01', 29_000),
      odometer(46_500),
    );
    expect(table.services.map(({ entry }) => entry.distance)).toEqual([20_000, 29_000, 38_000]);
    expect(table.odometer.points).toHaveLength(4);
    expect(table.says[0]).toBe(
      'Last service: 1 April 2025, 38,000 miles, 8,500 miles ago and 11 months ago.',
    );
    expect(table.says.join(' ')).toContain('About 9,000 miles a year');
    expect(table.isUsualInterval).toBe(true);
    expect(table.asks.map(({ says }) => says)).toEqual([]);
  });

  it('ask where figures, keys and numbers do not agree', () => {
    const table = tableOf(
      odometer(48_213),
      odometer(48_312),
      service('2025-04-01', 55_000),
      papers({ keys: 2, keysTried: 1 }),
      { kind: 'number-read', body: { where: 'plate', text: 'XZ9FT1A40HK000104' } },
      { kind: 'number-read', body: { where: 'paper', text: 'XZ9FT1A40HK000987' } },
    );
    const asked = table.asks.map(({ says }) => says).join(' ');
    expect(asked).toContain('different odometer figures');
    expect(asked).toContain('less than 55,000 miles');
    expect(asked).toContain('1 of 2 keys not tried');
    expect(asked).toContain('identity plate and registration paper differ at places 15');
  });

  it('judge stretches by date where a figure does not fit', () => {
    const table = tableOf(
      papers({ interval: { distance: 10_000, months: 12 } }),
      service('2023-04-01', 20_000),
      service('2024-03-01', 82_900),
      service('2025-02-01', 38_000),
      service('2026-01-01', 47_000),
    );
    expect(table.asks.map(({ says }) => says).join()).toContain(
      'does not fit between 20,000 miles and 38,000 miles',
    );
    // From first use on, which nobody entered, nothing is known of 20,000 miles.
    expect(table.story.spans.map(({ kind }) => kind)).toEqual(['missing', 'kept', 'kept', 'kept', 'kept']);
    expect(table.says.join(' ')).toContain('1 with a figure that does not fit the odometer');
    expect(table.services.map(({ entry }) => entry.distance)).toEqual([20_000, 82_900, 38_000, 47_000]);
  });

  it('ask about an undated figure beyond the odometer, and never call it “0 miles ago”', () => {
    const undated: Fact = {
      kind: 'service-noted',
      body: {
        service: '00000000-0000-4000-8000-0000000000f1',
        entry: { distance: 145_000, proof: 'stamp', works: ['oil'] },
      },
    };
    const table = tableOf({ kind: 'odometer-read', body: { value: 139_200, unit: 'mi' } }, undated);
    expect(table.asks.map(({ says }) => says)).toEqual([
      'a service without a date at 145,000 miles lies beyond today’s odometer, 139,200 miles: one of the two is wrong',
    ]);
    expect(table.says.join(' ')).not.toContain('0 miles ago');
    expect(table.services).toHaveLength(1);
  });

  it('count stamps that nobody entered one by one', () => {
    const table = tableOf(papers({ stamps: 9 }));
    expect(table.says).toEqual(['9 stamps counted in the book; none was entered one by one.']);
  });

  it('forget what is taken back', () => {
    const first = service('2025-04-01', 38_000);
    const id = (first.body as { service: string }).service;
    const table = tableOf(
      first,
      { kind: 'service-removed', body: { service: id } },
      papers({ keys: 2 }),
      papers({ keys: null }),
    );
    expect(table.services).toEqual([]);
    expect(table.isEmpty).toBe(true);
  });

  it('hold to the interval entered for the car', () => {
    const table = tableOf(
      papers({ interval: { distance: 5_000, months: 6 } }),
      service('2025-04-01', 38_000),
      odometer(46_500),
    );
    expect(table.isUsualInterval).toBe(false);
    expect(table.says.join(' ')).toContain('The next service is due now: 3,500 miles over');
  });

  it('are refused in plain words where they cannot be', () => {
    expect(problemOf(papers({ keepers: 0 }))).toContain('at least one keeper');
    expect(problemOf(papers({ keys: 11 }))).toContain('At most 10 keys');
    expect(problemOf(papers({ certificateUntil: '2026-02-31' }))).toContain('A day must exist');
    expect(problemOf(papers({ certificateUntil: '2020-02-28' }))).toBe('ok');
    const nothing = { service: idOf(1), entry: { proof: 'stamp', works: [] } };
    expect(problemOf({ kind: 'service-noted', body: nothing } as Fact)).toContain('a date or a distance');
  });

  it('hold the odometer against certificates and the car’s other walks', () => {
    const figure = (n: number, day: string, value: number): Fact => ({
      kind: 'figure-noted',
      body: { figure: idOf(0xc00 + n), day, value, source: 'certificate' },
    });
    const facts = [
      service('2023-04-01', 20_000),
      figure(1, '2024-04-02', 29_000),
      figure(2, '2025-03-30', 38_100),
      odometer(37_000),
    ];
    const table = tableOf(...facts);
    expect(table.odometer.points.map(({ source }) => source)).toEqual([
      'service',
      'certificate',
      'certificate',
      'walk',
    ]);
    expect(table.asks.map(({ says }) => says).join(' ')).toContain('37,000');
    const removed = tableOf(...facts, { kind: 'figure-removed', body: { figure: idOf(0xc02) } });
    expect(removed.odometer.flags).toEqual([]);
    // A walk abroad in kilometres counts in the car's own unit; this walk's own figure is not taken twice.
    const others = [
      { walk: idOf(0xd1), day: '2025-06-01', value: 64_374, unit: 'km' as const },
      { walk: WALK, day: '2026-03-14', value: 37_000, unit: 'mi' as const },
    ];
    const state = replay(WALK, entriesOf([begun, ...facts]));
    const joined = papersTable(state, testCar, today, others);
    expect(
      joined.odometer.points.filter(({ source }) => source === 'walk').map(({ value }) => value),
    ).toEqual([40_000, 37_000]);
  });
});
