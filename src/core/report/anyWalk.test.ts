import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryLog } from '../../../tests/builders/arbitraryEntries';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { reportOfLog } from '../../../tests/builders/report';
import { type Car, styleOf } from '../car';
import { type Entry, isStanding, replay, routeOf } from '../walk';
import { reportBlocks } from './blocks/reportBlocks';
import { compareReports } from './compareReports';
import { reportDocumentSchema } from './reportDocument';

const photos = new Map([['a'.repeat(64), { width: 1600, height: 1200 }]]);
const freeze = (log: readonly Entry[], car = testCar) => reportOfLog(log, { car, photos });

/** There is nothing to freeze where even the beginning was taken back. */
const begunLog = arbitraryLog.filter((log) => replay(WALK, log).begun !== undefined);

const american: Car = { ...testCar, country: 'US', steering: 'left' };

describe('whatever was said on a walk', () => {
  it('its report fits the published shape, and is the same however often it is frozen', () => {
    fc.assert(
      fc.property(begunLog, fc.constantFrom(testCar, american), (log, car) => {
        const report = freeze(log, car);
        expect(reportDocumentSchema.parse(report)).toEqual(report);
        expect(freeze(log.toReversed(), car)).toEqual(report);
        expect(JSON.parse(JSON.stringify(report))).toEqual(report);
      }),
      { numRuns: 40 },
    );
  });

  it('every part of the route is told of once, and every finding that stands', () => {
    fc.assert(
      fc.property(begunLog, (log) => {
        const state = replay(WALK, log);
        const report = freeze(log);
        const route = routeOf(state, styleOf({ bodyStyle: 'hatch-5' })).map(({ part }) => part);
        expect(report.parts.map(({ part }) => part)).toEqual(route);
        expect(report.findings.map(({ id }) => id)).toEqual(
          state.findings.filter(isStanding).map(({ id }) => id),
        );
        const told = report.findings.length + report.dismissed.length + (report.putRight?.length ?? 0);
        expect(told).toBe(state.findings.length);
      }),
      { numRuns: 60 },
    );
  });

  it('a part is called clear only where somebody looked and nothing stands', () => {
    fc.assert(
      fc.property(begunLog, (log) => {
        const state = replay(WALK, log);
        for (const { part, status, findings } of freeze(log).parts) {
          if (status !== 'clear') continue;
          expect(findings).toEqual([]);
          const isLookedAt =
            state.looks.get(part)?.status === 'clear' ||
            state.treads.has(part) ||
            state.findings.some((finding) => finding.part === part) ||
            (part === 'odometer' && state.odometer !== undefined) ||
            (part === 'smell' && state.kit.smells !== undefined);
          expect(isLookedAt, part).toBe(true);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('nobody but the signer is named, and no driver', () => {
    fc.assert(
      fc.property(begunLog, (log) => {
        const report = JSON.stringify({ ...freeze(log), signedBy: '' });
        expect(report).not.toContain('Nell Harrick');
        for (const { who } of log) expect(report).not.toContain(who);
      }),
      { numRuns: 40 },
    );
  });

  it('a report differs in nothing from itself, and its blocks hold no empty line', () => {
    fc.assert(
      fc.property(begunLog, (log) => {
        const report = freeze(log);
        const again = { ...report, id: idOf(0xd02), revision: 2 };
        const changes = compareReports(report, again);
        expect(JSON.stringify(changes)).not.toMatch(/"is":"(new|changed|gone)"/);
        for (const block of reportBlocks(report, 'a'.repeat(64)))
          if ('text' in block && typeof block.text === 'string') expect(block.text.trim()).not.toBe('');
      }),
      { numRuns: 30 },
    );
  });
});

describe('the head of a report', () => {
  it('tells the car without what the yard’s store keeps beside it', () => {
    const { car } = freeze(entriesOf([begun]), { ...testCar, identityAsRead: true });
    for (const field of ['id', 'createdAt', 'updatedAt', 'identityAsRead'])
      expect(car).not.toHaveProperty(field);
    expect(car.make).toBe(testCar.make);
  });

  it('counts the log it rests on, and when it was walked', () => {
    const entries = entriesOf([begun, noted(1), noted(2, 'roof')]);
    expect(freeze(entries)).toMatchObject({
      position: 3,
      walkedFrom: entries[0]?.at,
      walkedTo: entries[2]?.at,
    });
  });
});

describe('what must be heeded', () => {
  it('comes once, what is of this car before what is of every report', () => {
    const bent = (n: number, part: string) => {
      const fact = noted(n, part);
      return { ...fact, body: { ...fact.body, kind: 'wheel-bent' } } as never;
    };
    const plain = freeze(entriesOf([begun])).cautions;
    const warned = freeze(entriesOf([begun, bent(1, 'wheel-fl'), bent(2, 'wheel-fr')])).cautions;
    expect(warned.slice(-plain.length)).toEqual(plain);
    expect(new Set(warned).size).toBe(warned.length);
  });

  it('names a tyre in the words of the country', () => {
    const worn = entriesOf([
      begun,
      { kind: 'tread-read', body: { part: 'tyre-fl', depth: { lowMm: 1, highMm: 1 }, unit: 'mm' } },
    ]);
    expect(freeze(worn).cautions[0]).toMatch(/^A tyre under the limit/);
    expect(freeze(worn, american).cautions[0]).toMatch(/^A tire under the limit/);
  });
});
