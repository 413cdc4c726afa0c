import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { composeReport } from '#core/report';
import type { Fact } from '#core/walk';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { archiveTables } from './tables';

const reportOf = (...facts: Fact[]) =>
  composeReport({
    id: idOf(0xd0c),
    revision: 1,
    frozenAt: '2026-03-14T11:00:00.000Z',
    signedBy: 'Nell Harrick',
    yard: { name: 'Yard', place: '', phone: '' },
    car: testCar,
    walk: WALK,
    entries: entriesOf([begun, ...facts]),
    photos: new Map(),
  });
const note = '=SUM(A1:A9), "quoted";\r\nsecond line';
const full = reportOf(
  noted(1),
  { kind: 'finding-amended', body: { finding: idOf(0xf001), changes: { note } } },
  { kind: 'tread-read', body: { part: 'tyre-fl', depth: { lowMm: 4, highMm: 4 }, unit: 'mm' } },
  { kind: 'paint-read', body: { part: 'roof', um: [110, 112, 114], source: 'gauge' } },
  { kind: 'functions-tried', body: { functions: ['horn'], state: 'faulty', says: 'dead, "quite"' } },
  { kind: 'functions-tried', body: { functions: ['audio'], state: 'works' } },
);
// Read back by another program than the one that wrote them.
const read = (name: string) => {
  const text = archiveTables(full, []).find(([file]) => file === name)?.[1] ?? '';
  const parsed = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
  expect(parsed.errors).toEqual([]);
  return parsed.data;
};

describe('the tables of an archive', () => {
  it('say what the report says, item by item, read by another program (RFC 4180)', () => {
    expect(read('findings.csv').map(({ number }) => Number(number))).toEqual(
      full.findings.map((finding) => finding.number),
    );
    expect(read('findings.csv')[0]).toMatchObject({ finding: 'Dent', note: `'${note}` });
    expect(read('tyres.csv').map(({ tyre, why }) => [tyre, why])).toEqual(
      full.tyres?.rows.map(({ name, says }) => [name, says]),
    );
    const roof = read('paint.csv').find(({ panel }) => panel === 'Roof');
    expect(roof?.['readings µm']).toBe('110 112 114');
    expect(read('paint.csv')).toHaveLength(full.paint?.rows.length ?? 0);
    const functions = read('functions.csv');
    expect(functions.find(({ state }) => state === 'faulty')).toEqual({
      function: 'Horn',
      state: 'faulty',
      says: 'dead, "quite"',
    });
    const { faulty = [], works = [], notTried = [], left = [], notFitted = [] } = full.functions ?? {};
    expect(functions).toHaveLength(
      faulty.length +
        works.flatMap(({ names }) => names).length +
        notTried.length +
        left.length +
        notFitted.length,
    );
  });

  it('are left out where nothing was read', () => {
    expect(archiveTables(reportOf(noted(1)), []).map(([name]) => name)).toEqual(['findings.csv']);
  });

  it('keep any note in its cell, whatever line ends and formulas it holds', () => {
    const sign = fc.constantFrom(
      '\n',
      '\r',
      '\r\n',
      '=',
      '+',
      '-',
      '@',
      '"',
      ',',
      ';',
      'a',
      ' ',
      '\t',
      '\u2028',
    );
    fc.assert(
      fc.property(
        fc.array(sign, { minLength: 1, maxLength: 12 }).map((signs) => `x${signs.join('')}x`),
        (note) => {
          const report = reportOf(noted(1), {
            kind: 'finding-amended',
            body: { finding: idOf(0xf001), changes: { note } },
          });
          const text = archiveTables(report, []).find(([file]) => file === 'findings.csv')?.[1] ?? '';
          const { data } = Papa.parse<string[]>(text, { skipEmptyLines: true });
          expect(data).toHaveLength(2);
          // Also a reader that takes every line end for a row, unless it stands in quotes.
          const outside = text.replace(/"(?:[^"]|"")*"/g, '""');
          expect(outside.split(/\r\n/).filter(Boolean)).toHaveLength(2);
          expect(outside.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
        },
      ),
      { numRuns: 1000 },
    );
  });
});
