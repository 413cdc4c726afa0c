import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryLog } from '../../../tests/builders/arbitraryEntries';
import { testCar } from '../../../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { bodyStyle } from '../car';
import { planRoute, usualRoute } from '../route';
import type { Fact } from '../walk';
import { composeReport } from './composeReport';
import { reportDocumentSchema } from './reportDocument';
import { EmptyWalkError, type ReportInputs } from './reportInputs';

const inputsOf = (entries: ReportInputs['entries']): ReportInputs => ({
  id: idOf(0xd0c),
  revision: 1,
  frozenAt: '2026-03-14T11:00:00.000Z',
  signedBy: 'Nell Harrick',
  yard: { name: 'Yard', place: '', phone: '' },
  car: testCar,
  walk: WALK,
  entries,
  photos: new Map(),
});
const reportOf = (...facts: Fact[]) => composeReport(inputsOf(entriesOf([begun, ...facts])));

describe('the frozen report', () => {
  it('is the same for the same log, and fits its published shape', () => {
    fc.assert(
      fc.property(arbitraryLog, (log) => {
        const begins = log.some((entry) => entry.kind === 'undone' && entry.body.entry === idOf(1));
        fc.pre(!begins);
        const report = composeReport(inputsOf(log));
        expect(composeReport(inputsOf(log.toReversed()))).toEqual(report);
        expect(reportDocumentSchema.parse(JSON.parse(JSON.stringify(report)))).toEqual(report);
        expect(report.findings.length + report.dismissed.length).toBe(
          new Set([...report.findings, ...report.dismissed].map((f) => f.number)).size,
        );
      }),
      { numRuns: 60 },
    );
  });

  it('refuses a walk that never began', () => {
    expect(() => composeReport(inputsOf([]))).toThrow(EmptyWalkError);
  });

  it('lists what was not looked at, and what could not be seen and why', () => {
    const report = reportOf(
      { kind: 'part-cleared', body: { part: 'roof' } },
      { kind: 'part-not-seen', body: { part: 'sill-l', why: 'wet' } },
    );
    const total = planRoute(bodyStyle('hatch-5'), usualRoute).length;
    expect(report.notLookedAt).toHaveLength(total - 2);
    expect(report.notLookedAt).toContain('Nearside wing (left)');
    expect(report.notSeen).toEqual([{ name: 'Nearside sill (left)', why: 'wet' }]);
    expect(report.readingsMissing).toContain('Odometer');
    expect(report.summary[0]).toBe(
      `1 of ${total} parts on the route were looked at; 1 could not be seen, ${total - 2} were not.`,
    );
  });

  it('tells findings by how far off they are noticed, and what is promised', () => {
    const report = reportOf(
      noted(1),
      noted(2, 'roof'),
      {
        kind: 'finding-amended',
        body: {
          finding: idOf(0xf001),
          changes: {
            lengthMm: 42,
            notice: 'across-the-bay',
            cures: [{ cure: 'dent-removal', sure: 'should' }],
            decision: { is: 'promised', owner: 'Tomas Vey', by: '2026-12-03' },
          },
        },
      },
      {
        kind: 'finding-amended',
        body: { finding: idOf(0xf002), changes: { lengthMm: 8, cures: [{ cure: 'polish', sure: 'may' }] } },
      },
    );
    expect(report.findings[0]).toMatchObject({
      line: 'Dent, 42 mm across',
      action: 'Paintless dent removal',
      promised: true,
      decision: 'Will be put right before collection, by 3 December 2026',
      partName: 'nearside front door (left)',
    });
    // A cure alone is advice; who sees to a promise is the yard's own matter.
    expect(report.findings[1]).toMatchObject({ action: '', promised: false, advice: 'may polish out' });
    expect(JSON.stringify(report)).not.toContain('Tomas');
    expect(report.summary).toContain('2 findings: 1 noticed from across the bay, 1 seen only up close.');
    expect(report.summary).toContain(
      'From where 1 of them is noticed was worked out from kind, size and paint, not walked.',
    );
    expect(report.findings.map(({ noticeSource }) => noticeSource)).toEqual(['said', 'estimated']);
    expect(report.summary).toContain('1 of them will be put right before collection.');
  });

  it('keeps a dismissed suspicion out of the findings and says what it was', () => {
    const report = reportOf(noted(1, 'roof', { suspected: true }), {
      kind: 'finding-dismissed',
      body: { finding: idOf(0xf001), why: 'water' },
    });
    expect(report.findings).toHaveLength(0);
    expect(report.dismissed).toMatchObject([{ number: 1, why: 'water' }]);
  });

  it('names nobody but the signer', () => {
    expect(JSON.stringify(reportOf(noted(1)))).not.toContain(CAR);
    expect(Object.keys(reportOf())).not.toContain('people');
  });

  it('numbers photos whole car first, then in walking order, the place before the thing', () => {
    const photo = (digit: string, role: 'what' | 'where' | 'whole-car', more: object = {}): Fact => ({
      kind: 'photo-attached',
      body: { photo: digit.repeat(64), role, ...more },
    });
    const report = reportOf(
      noted(1, 'roof'),
      noted(2, 'bonnet'),
      photo('1', 'what', { finding: idOf(0xf001) }),
      photo('2', 'what', { finding: idOf(0xf002) }),
      photo('3', 'where', { finding: idOf(0xf002) }),
      photo('4', 'whole-car'),
    );
    expect(report.photos.map((p) => p.sha256[0])).toEqual(['4', '3', '2', '1']);
    expect(report.findings.map((f) => f.photos)).toEqual([[4], [2, 3]]);
  });

  it('carries a caution where a finding calls for one', () => {
    const bulge: Fact = {
      kind: 'finding-noted',
      body: {
        finding: idOf(0xf001),
        part: 'tyre-fl',
        spot: { u: 0.5, v: 0.1 },
        kind: 'tyre-bulge',
        suspected: false,
        details: {},
      },
    };
    expect(reportOf(bulge).cautions[0]).toContain('Do not drive');
  });
});
