import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryLog } from '../../../../tests/builders/arbitraryEntries';
import { begun, noted, WALK } from '../../../../tests/builders/entries';
import { reportOf, reportOfLog } from '../../../../tests/builders/report';
import { type Fact, replay } from '../../walk';
import { walkSteps } from './walkSteps';

const cleared = (part: string): Fact => ({ kind: 'part-cleared', body: { part } });
const photos = new Map([['a'.repeat(64), { width: 1600, height: 1200 }]]);

describe('the walk as a reader is taken along it', () => {
  it('says clear parts of a side in one breath, and findings one by one, in the order walked', () => {
    const steps = walkSteps(
      reportOf([begun, cleared('bonnet'), noted(1, 'wing-fl'), cleared('door-fl'), cleared('door-rl')]),
    );
    const ofLeft = steps.filter(({ face }) => face === 'left');
    expect(ofLeft.map(({ says }) => says)).toEqual([
      expect.stringMatching(/^Nearside wing \(left\): /),
      'Clear: nearside front door (left), nearside rear door (left).',
    ]);
    expect(ofLeft[0]?.finding?.number).toBe(1);
  });

  it('tells of a part that nobody got to at no stop', () => {
    const report = reportOf([begun, cleared('bonnet')]);
    expect(report.parts.filter(({ status }) => status === 'not-looked-at').length).toBeGreaterThan(50);
    expect(walkSteps(report).map(({ part }) => part)).toEqual(['bonnet']);
  });

  it('of any walk: every finding once, parts in the order of the report, clear only what the report calls clear', () => {
    fc.assert(
      fc.property(
        arbitraryLog.filter((log) => replay(WALK, log).begun !== undefined),
        (log) => {
          const report = reportOfLog(log, { photos });
          const steps = walkSteps(report);
          const told = steps.flatMap(({ finding }) => finding ?? []);
          expect(told.map(({ number }) => number).sort()).toEqual(
            report.findings.map(({ number }) => number).sort(),
          );
          const order = report.parts.map(({ part }) => part);
          const places = steps.flatMap(({ part }) => (part ? order.indexOf(part) : []));
          expect(places).toEqual(places.toSorted((a, b) => a - b));
          const clear = report.parts.filter(
            ({ says }) => says === 'Clear' || says === 'Clear, in a sweep',
          ).length;
          const said = steps
            .filter(({ says, finding }) => !finding && says.startsWith('Clear: '))
            .reduce(
              (n, { part, face }) =>
                n + report.parts.filter((each) => each.part === part && each.face === face).length,
              0,
            );
          expect(said).toBeLessThanOrEqual(clear);
          expect(said > 0).toBe(clear > 0);
        },
      ),
      { numRuns: 60 },
    );
  });
});
