import { describe, expect, it } from 'vitest';
import { begun, idOf, noted } from '../../../../tests/builders/entries';
import { reportOf } from '../../../../tests/builders/report';
import type { Fact } from '../../walk';
import { firstLinesOf, mustKnow } from './mustKnow';
import { readerLines } from './readerLines';

const first = (about: Extract<Fact, { kind: 'told-first' }>['body']['about']): Fact => ({
  kind: 'told-first',
  body: { about },
});
const keys: Fact = { kind: 'papers-noted', body: { keys: 2, keysTried: 0, keepers: 2 } };
const lamp: Fact = { kind: 'lamps-noted', body: { on: ['airbag'] } };
const faulty: Fact = {
  kind: 'functions-tried',
  body: { functions: ['sunroof'], state: 'faulty', says: 'judders on the way back' },
};
const linesOf = (...facts: Fact[]) => mustKnow(reportOf([begun, ...facts]));

describe('what a buyer reads first', () => {
  it('is what the seller tells first, in the order given, then what the rules choose', () => {
    const lines = linesOf(
      noted(1),
      lamp,
      faulty,
      first({ of: 'words', says: 'It stood in a barn for three years' }),
      first({ of: 'function', function: 'sunroof' }),
      first({ of: 'finding', finding: idOf(0xf001) }),
    );
    expect(lines.map(({ says }) => says.split(/[:,]/)[0])).toEqual([
      '“It stood in a barn for three years”',
      expect.stringMatching(/^Glass roof/),
      expect.stringMatching(/^Dent/),
      'Warning lamps that stay on',
    ]);
    expect(lines.slice(0, 3).every(({ bySeller }) => bySeller)).toBe(true);
    expect(lines[1]).toMatchObject({ to: { area: 'works' }, says: expect.stringContaining('judders') });
    expect(lines[2]).toMatchObject({ to: { finding: 1 } });
    // Words of one's own lead nowhere: they stand in no other place.
    expect(lines[0]?.to).toBeUndefined();
  });

  it('has nothing that was taken back, dismissed or told twice', () => {
    const words = { of: 'words', says: 'Ask about the gearbox' } as const;
    const finding = { of: 'finding', finding: idOf(0xf001) } as const;
    expect(linesOf(first(words), first(words)).map(({ says }) => says)).toEqual(['“Ask about the gearbox”']);
    expect(linesOf(first(words), { kind: 'told-first-taken-back', body: { about: words } })).toEqual([]);
    expect(
      linesOf(noted(1), first(finding), {
        kind: 'finding-dismissed',
        body: { finding: idOf(0xf001), why: 'dirt' },
      }),
    ).toEqual([]);
  });

  it('keeps with a finding that a qualified person looks first, and tells it once', () => {
    const rust: Fact = {
      kind: 'finding-noted',
      body: {
        finding: idOf(0xf009),
        part: 'sill-l',
        spot: { u: 0.5, v: 0.5 },
        kind: 'rust',
        suspected: false,
        details: { hole: true },
      },
    };
    const told = linesOf(rust, first({ of: 'finding', finding: idOf(0xf009) }));
    expect(told).toHaveLength(1);
    expect(told[0]).toMatchObject({ bySeller: true, says: expect.stringContaining('qualified person') });
  });

  it('never begins with a trifle: keys that are still to be tried are asked in their chapter', () => {
    expect(linesOf(keys)).toEqual([]);
    expect(
      linesOf({ kind: 'papers-noted', body: { registration: 'missing' } }).map(({ says }) => says),
    ).toEqual(['Registration paper: missing']);
  });

  it('is five lines and the rest to open; what stops the drive is not folded away', () => {
    const says = (n: number): Fact => first({ of: 'words', says: `Line ${n}` });
    const bald: Fact = {
      kind: 'tread-read',
      body: { part: 'tyre-fl', depth: { lowMm: 1, highMm: 1 }, unit: 'mm' },
    };
    const { top, more, moreSays } = firstLinesOf(
      reportOf([begun, bald, lamp, ...[1, 2, 3, 4, 5, 6].map(says)]),
    );
    expect(top.map((line) => line.says)).toEqual([
      ...[1, 2, 3, 4, 5].map((n) => `“Line ${n}”`),
      expect.stringMatching(/^Not to be driven as it is/),
    ]);
    expect(more.map((line) => line.says)).toEqual(['“Line 6”', expect.stringMatching(/^Warning lamps/)]);
    expect(moreSays).toBe('2 more to know first');
  });

  it('stands on paper too, the words as they were said', () => {
    const report = reportOf([begun, first({ of: 'words', says: 'It was in a flood.' })]);
    expect(readerLines(report).must).toEqual(['“It was in a flood.”']);
  });
});
