import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryLog } from '../../../tests/builders/arbitraryEntries';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import type { Entry, Fact } from '../walk';
import { canonicalForm, fingerprintWords } from './canonicalForm';
import { compareReports } from './compareReports';
import { composeReport } from './composeReport';
import { hasChanges } from './hasChanges';
import type { ReportDocument } from './reportDocument';

const reportOf = (entries: readonly Entry[], revision: number) =>
  composeReport({
    id: idOf(0xd00 + revision),
    revision,
    frozenAt: '2026-03-14T11:00:00.000Z',
    signedBy: 'Nell Harrick',
    yard: { name: 'Yard', place: '', phone: '' },
    car: testCar,
    walk: WALK,
    entries,
    photos: new Map(),
  });
const finding = (n: number) => idOf(0xf000 + n);
const first: Fact[] = [begun, noted(1), noted(2, 'roof'), noted(3, 'bonnet', { suspected: true })];
const later: Fact[] = [
  ...first,
  {
    kind: 'finding-amended',
    body: {
      finding: finding(1),
      changes: { lengthMm: 40, cures: [{ cure: 'polish' }], decision: { is: 'promised' } },
    },
  },
  { kind: 'finding-dismissed', body: { finding: finding(2), why: 'a reflection' } },
  { kind: 'finding-amended', body: { finding: finding(3), changes: { suspected: false } } },
  noted(4, 'sill-l'),
  { kind: 'part-cleared', body: { part: 'door-rr' } },
  { kind: 'odometer-read', body: { value: 48_213, unit: 'mi' } },
  { kind: 'smell-noted', body: { noticed: [] } },
];

describe('two revisions of a report', () => {
  it('differ in what was added, changed and withdrawn since', () => {
    const changes = compareReports(reportOf(entriesOf(first), 1), reportOf(entriesOf(later), 2));
    expect(changes.since).toBe(1);
    expect(changes.added).toEqual([4]);
    expect(changes.changed.map(({ number }) => number)).toEqual([1, 3]);
    expect(changes.changed[0]?.says[0]).toBe('was “Dent”, is “Dent, 40 mm across”');
    expect(changes.changed[0]?.says).toContain('promised: Machine polish');
    expect(changes.changed[1]?.says).toEqual(['confirmed']);
    expect(changes.withdrawn).toEqual([{ number: 2, line: 'roof: Dent', why: 'a reflection' }]);
    expect(changes.others[0]).toMatch(/^Looked at since: .*offside rear door \(right\)/);
    expect(changes.others.join(' ')).toContain('Odometer: was not read, is 48,213 miles');
    expect(changes.others).toContain('What comes with it: added.');
  });

  it('tell what was put right, with its photos from before and after, and not as withdrawn', () => {
    const photo = (sha: string, role: 'what' | 'after'): Fact => ({
      kind: 'photo-attached',
      body: { photo: sha.repeat(64), role, finding: finding(1) },
    });
    const mended: Fact[] = [
      ...first,
      photo('a', 'what'),
      { kind: 'put-right', body: { finding: finding(1), says: 'dent pressed out' } },
      photo('b', 'after'),
    ];
    const [before, after] = [reportOf(entriesOf(first), 1), reportOf(entriesOf(mended), 2)];
    const changes = compareReports(before, after);
    const [told] = after.putRight ?? [];
    expect(told).toMatchObject({ number: 1, says: 'dent pressed out', line: 'Dent' });
    const roleOf = (n: number) => after.photos.find(({ number }) => number === n)?.role;
    expect(told?.before.map(roleOf)).toEqual(['what']);
    expect(told?.after.map(roleOf)).toEqual(['after']);
    expect(changes.putRight).toEqual([
      { number: 1, line: `${told?.partName}: Dent`, says: 'dent pressed out' },
    ]);
    expect(changes.withdrawn).toEqual([]);
    expect(after.findings.map(({ number }) => number)).not.toContain(1);
    // Said once: the revision after it has nothing new to tell of it.
    expect(compareReports(after, reportOf(entriesOf(mended), 3)).putRight).toEqual([]);
  });

  it('have no difference when nothing was said in between', () => {
    fc.assert(
      fc.property(arbitraryLog, (log) => {
        fc.pre(!log.some((entry) => entry.kind === 'undone' && entry.body.entry === idOf(1)));
        expect(hasChanges(compareReports(reportOf(log, 1), reportOf(log, 2)))).toBe(false);
      }),
      { numRuns: 30 },
    );
  });

  it('account for every finding: kept, added or withdrawn, none twice', () => {
    fc.assert(
      fc.property(arbitraryLog, fc.integer({ min: 1, max: 44 }), (log, cut) => {
        fc.pre(!log.some((entry) => entry.kind === 'undone' && entry.body.entry === idOf(1)));
        const [before, after] = [reportOf(log.slice(0, Math.min(cut, log.length)), 1), reportOf(log, 2)];
        const { added, withdrawn, putRight } = compareReports(before, after);
        const kept = before.findings
          .map(({ number }) => number)
          .filter((number) => ![...withdrawn, ...putRight].some((gone) => gone.number === number));
        expect([...kept, ...added].toSorted((a, b) => a - b)).toEqual(
          after.findings.map(({ number }) => number).toSorted((a, b) => a - b),
        );
      }),
      { numRuns: 60 },
    );
  });
});

describe('the canonical form', () => {
  // RFC 8785, sections 3.2.2 and 3.2.3: the RFC's own examples, from memory.
  it('writes the examples of RFC 8785 as the RFC does', () => {
    const asReport = (value: unknown) => value as ReportDocument;
    const literals = JSON.parse(
      '{"numbers":[333333333.33333329,1E30,4.50,2e-3,0.000000000000000000000000001],"string":"\\u20ac$\\u000F\\u000aA\'\\u0042\\u0022\\u005c\\\\\\"\\/","literals":[null,true,false]}',
    );
    expect(canonicalForm(asReport(literals))).toBe(
      '{"literals":[null,true,false],"numbers":[333333333.3333333,1e+30,4.5,0.002,1e-27],"string":"€$\\u000f\\nA\'B\\"\\\\\\\\\\"/"}',
    );
    const names = {
      '\u20ac': 'Euro Sign',
      '\r': 'Carriage Return',
      '\ufb33': 'Hebrew Letter Dalet With Dagesh',
      '1': 'One',
      '\ud83d\ude00': 'Emoji: Grinning Face',
      '\u0080': 'Control',
      '\u00f6': 'Latin Small Letter O With Diaeresis',
    };
    const order = [...canonicalForm(asReport(names)).matchAll(/:"([^"]+)"/g)].map(([, value]) => value);
    expect(order).toEqual([
      'Carriage Return',
      'One',
      'Control',
      'Latin Small Letter O With Diaeresis',
      'Euro Sign',
      'Emoji: Grinning Face',
      'Hebrew Letter Dalet With Dagesh',
    ]);
  });

  it('does not depend on the order in which fields were written', () => {
    const report = reportOf(entriesOf(later), 2);
    const turned = Object.fromEntries(Object.entries(report).toReversed()) as unknown as ReportDocument;
    expect(canonicalForm(turned)).toBe(canonicalForm(report));
  });

  it('is read out in groups of four', () => {
    expect(fingerprintWords('0123456789ab')).toBe('0123 4567 89ab');
  });
});
