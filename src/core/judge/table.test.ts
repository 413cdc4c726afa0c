import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { styleOf } from '../car';
import { type Fact, replay } from '../walk';
import { countWalk } from './countWalk';
import { houseTable } from './houseTable';
import { bandAt, type Expectation, gridOf } from './table';
import { tableIssueWords } from './tableIssues';
import { readTable, tableAsJson, tableCells } from './tableText';

const parse = (text: string) => {
  const { data, meta } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: 'greedy' });
  return { fields: meta.fields ?? [], records: data };
};
const csvOf = (rows: readonly Expectation[]) => {
  const { fields, data } = tableCells({ rows: [...rows] });
  return Papa.unparse({ fields: [...fields], data: data.map((row) => [...row]) });
};
const says = (rows: readonly object[]) => {
  const read = readTable(JSON.stringify({ rows }), parse);
  return read.ok ? [] : read.says;
};
const [first, ...others] = houseTable.rows as [Expectation, ...Expectation[]];

describe('the table of what is usual', () => {
  it('comes back from CSV and JSON as it went, marked as the house’s', () => {
    expect(readTable(csvOf(houseTable.rows), parse)).toEqual({ ok: true, table: houseTable });
    expect(readTable(tableAsJson(houseTable), parse)).toEqual({ ok: true, table: houseTable });
    expect(houseTable.rows.every(({ setBy }) => setBy === 'house')).toBe(true);
  });

  it('may have other bands, in any order of rows', () => {
    const two = houseTable.rows
      .filter(({ ageFrom, milesFrom }) => (ageFrom === 0 || ageFrom === 13) && milesFrom === 0)
      .map(({ milesTo: _, ageTo: _to, ...row }) => (row.ageFrom === 0 ? { ...row, ageTo: 12 } : row));
    const read = readTable(JSON.stringify(two.toReversed()), parse);
    expect(read.ok && gridOf(read.table.rows)).toMatchObject({
      ok: true,
      grid: { ages: [{ from: 0, to: 12 }, { from: 13 }] },
    });
  });

  it('that is wrong is refused in words that say what to change', () => {
    expect(says([])[0]).toContain('The table is empty');
    expect(readTable('', parse)).toMatchObject({
      ok: false,
      says: [expect.stringContaining('The table is empty')],
    });
    expect(says([{ ...first, ageFrom: -1 }, ...others])[0]).toBe(
      'Row 1: The age a band begins with cannot be less than 0.',
    );
    expect(says([{ ...first, expected: -2 }, ...others])[0]).toContain('cannot be less than 0');
    expect(says([{ ...first, measure: 'smell' }, ...others])[0]).toContain('Which is counted is one of');
    expect(says([{ ...first, ageFrom: 3, ageTo: 1 }, ...others])[0]).toContain(
      'its age ends before it begins',
    );
    expect(says([first, ...houseTable.rows])[0]).toContain('say two things of the same cars');
    expect(says(others)[0]).toContain('There is no row for “Stone chips at the front” at 0 to 2 years');
    expect(says(houseTable.rows.map((row) => (row.ageFrom === 0 ? { ...row, ageTo: 4 } : row)))[0]).toContain(
      'cover the same cars',
    );
    expect(says(houseTable.rows.map((row) => (row.ageFrom === 0 ? { ...row, ageTo: 1 } : row)))[0]).toContain(
      'lies between',
    );
    expect(
      says(houseTable.rows.map((row) => (row.ageTo === undefined ? { ...row, ageTo: 30 } : row)))[0],
    ).toContain('must have no end');
    expect(
      says(houseTable.rows.map((row) => (row.ageFrom === 0 ? { ...row, ageFrom: 1 } : row)))[0],
    ).toContain('must begin with 0');
    expect(readTable('{"rows": [', parse)).toMatchObject({
      ok: false,
      says: [expect.stringContaining('breaks off')],
    });
    expect(readTable('colour,size\r\nred,2', parse)).toMatchObject({
      ok: false,
      says: [expect.stringContaining('counted')],
    });
    expect(readTable(csvOf(houseTable.rows).replace('house', 'nobody'), parse)).toMatchObject({ ok: false });
    expect(tableIssueWords({ code: 'empty' })).toContain('Export');
  });

  it('never throws, whatever it is given', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
        const read = readTable(text, parse);
        return read.ok || read.says.length > 0;
      }),
    );
  });

  it('has a band for every car of no less than 0', () => {
    const read = gridOf(houseTable.rows);
    const ages = read.ok ? read.grid.ages : [];
    expect([0, 2, 3, 12, 13, 60].map((age) => bandAt(ages, age))).toEqual([0, 0, 1, 3, 4, 4]);
    expect(bandAt(ages, -1)).toBeUndefined();
    expect(bandAt(ages, Number.NaN)).toBeUndefined();
  });
});

describe('what a walk counts', () => {
  const style = styleOf({ bodyStyle: 'hatch-5' });
  const odometer: Fact = { kind: 'odometer-read', body: { value: 80_467, unit: 'km' } };
  const chips = (n: number, more: object): Fact =>
    ({
      kind: 'finding-noted',
      body: { ...noted(n, 'bonnet').body, kind: 'stone-chip', details: more },
    }) as Fact;
  const all: Fact[] = [...style.parts.keys()].map((part) => ({ kind: 'part-cleared', body: { part } }));
  const counted = (...facts: Fact[]) => {
    const read = countWalk(replay(WALK, entriesOf([begun, ...facts])), style, { year: 2017 });
    return read.ok ? read.walk : undefined;
  };

  it('is each thing as it was counted, at an age in whole years and a distance in miles', () => {
    const walk = counted(...all, odometer, chips(1, { count: 7 }), chips(2, {}), noted(3));
    // 80,467 km are 50,000 miles (one mile is 1.609344 km).
    expect(walk).toMatchObject({ age: 9, miles: 50_000 });
    expect(walk?.counted['front-chips']).toMatchObject({ count: 8, heavy: 0 });
    expect(walk?.counted['side-dings']).toMatchObject({ count: 1 });
    const bad = counted(...all, odometer, chips(1, { count: 7, severity: 'heavy' }), chips(2, {}));
    expect(bad?.counted['front-chips']).toMatchObject({ count: 8, heavy: 7 });
    expect(walk?.counted.rust).toMatchObject({ count: 0 });
  });

  it('turns no word into a figure: “a few” is not counted', () => {
    const walk = counted(...all, odometer, chips(1, { count: 7 }), chips(2, { amount: 'a-few' }));
    expect(walk?.counted['front-chips']).not.toHaveProperty('count');
  });

  it('leaves out suspicions and what was dismissed, and keeps what was mended since', () => {
    const dismissed: Fact = { kind: 'finding-dismissed', body: { finding: idOf(0xf002), why: 'dirt' } };
    const mended: Fact = { kind: 'put-right', body: { finding: idOf(0xf003), says: 'pressed out' } };
    const walk = counted(
      ...all,
      odometer,
      noted(1, 'door-fl', { suspected: true }),
      noted(2),
      noted(3),
      dismissed,
      mended,
    );
    expect(walk?.counted['side-dings']).toMatchObject({ count: 1 });
  });

  it('knows how much of a zone was looked at', () => {
    const walk = counted(odometer, { kind: 'part-cleared', body: { part: 'bonnet' } });
    expect(walk?.counted['front-chips']).toMatchObject({ looked: 1 });
  });

  it('is nothing without an odometer, and for a car of a later year', () => {
    expect(counted(...all)).toBeUndefined();
    const read = countWalk(replay(WALK, entriesOf([begun, odometer])), style, { year: 2031 });
    expect(read).toEqual({ ok: false, why: { code: 'year-ahead', year: 2031 } });
  });
});
