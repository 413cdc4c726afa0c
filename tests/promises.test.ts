import fc from 'fast-check';
import { expect, it } from 'vitest';
import { styleOf } from '#core/car';
import { faultsOf, propose } from '#core/cures';
import { toLookAtAgain } from '#core/mending';
import { jobsOf, modelFor, planWishSchema, usualPrices } from '#core/plan';
import { tasksOnSheet } from '#core/sheet';
import { cures, type Fact, isPromised, openPromises, replay } from '#core/walk';
import { arbitraryFacts } from './builders/arbitraryEntries';
import { testCar } from './builders/car';
import { begun, entriesOf, idOf, noted, WALK } from './builders/entries';
import { reportOfLog } from './builders/report';

const now = new Date('2026-03-14T11:00:00.000Z');
const style = styleOf(testCar);

const promised = (n: number, isPromise: boolean): Fact => ({
  kind: 'finding-amended',
  body: {
    finding: idOf(0xf000 + n),
    changes: { cures: [{ cure: 'polish' }], decision: { is: isPromise ? 'promised' : 'left' } },
  },
});
const about = fc.constantFrom(
  { of: 'part', part: 'tyre-fl' } as const,
  { of: 'part', part: 'roof' } as const,
  { of: 'function', function: 'horn' } as const,
  { of: 'item', item: 'spare-wheel' } as const,
  { of: 'papers' } as const,
  { of: 'smell' } as const,
  { of: 'side', side: 'left' } as const,
  { of: 'cabin' } as const,
  { of: 'car' } as const,
);
const fact = fc.oneof(
  fc.integer({ min: 1, max: 4 }).map((n) => noted(n, ['door-fl', 'bonnet', 'roof', 'wing-fl'][n - 1])),
  fc.tuple(fc.integer({ min: 1, max: 4 }), fc.boolean()).map(([n, is]) => promised(n, is)),
  fc
    .record({
      about,
      cure: fc.constantFrom(...cures),
      is: fc.constantFrom('promised', 'promised', 'promised', 'left', 'house-decides'),
    })
    .map(
      ({ about: of, cure, is }): Fact => ({
        kind: 'remedy-noted',
        body: { about: of, cures: [{ cure }], decision: { is: is as 'promised' } },
      }),
    ),
  fc
    .record({ about, found: fc.constantFrom('gone', 'better', 'still-there') })
    .map(
      ({ about: of, found }): Fact => ({ kind: 'mend-checked', body: { about: of, found: found as 'gone' } }),
    ),
  fc.integer({ min: 1, max: 4 }).map(
    (n): Fact => ({
      kind: 'mend-checked',
      body: { about: { of: 'finding', finding: idOf(0xf000 + n) }, found: 'gone' },
    }),
  ),
  fc
    .integer({ min: 1, max: 4 })
    .map(
      (n): Fact => ({ kind: 'finding-dismissed', body: { finding: idOf(0xf000 + n), why: 'a reflection' } }),
    ),
  arbitraryFacts['functions-tried'],
  arbitraryFacts['tread-read'],
  arbitraryFacts['item-counted'],
);

it('what was promised is the same in the report, the faults of plan, board and job sheets, the second walk and the list of cars', () => {
  let most = 0;
  fc.assert(
    fc.property(fc.array(fact, { maxLength: 30, size: 'max' }), (facts) => {
      const entries = entriesOf([begun, ...facts]);
      const state = replay(WALK, entries);
      const report = reportOfLog(entries);
      const faults = faultsOf(state, style, testCar, now);
      const owed = faults.filter(isPromised);
      const names = (ids: readonly string[]) => ids.toSorted();
      // Second walk: of what is not found gone, what was promised.
      const again = toLookAtAgain(state, style, testCar, new Set()).filter(
        (each) => isPromised(each) && each.checked?.found !== 'gone',
      );
      expect(names(again.map(({ id }) => id))).toEqual(names(owed.map(({ id }) => id)));
      expect(openPromises(state)).toHaveLength(owed.length);
      const printed = [
        ...report.findings.filter((each) => each.promised).map(({ number }) => number),
        ...(report.remedies ?? []).filter((each) => each.promised).map(({ what }) => what),
      ];
      expect(printed).toHaveLength(owed.length);
      expect(report.findings.filter((each) => each.promised).map(({ number }) => number)).toEqual(
        owed.flatMap(({ number }) => number ?? []),
      );
      // Plan and board: a row of the model for each that says what is done; the job sheet says that it is agreed.
      const proposed = propose(faults);
      const choice = jobsOf({ proposed, style, prices: usualPrices('GBP'), vocabulary: 'uk', typed: {} });
      const wish = planWishSchema.parse({ standard: 'safe-and-lawful' });
      const rows = new Set(modelFor(proposed, choice, wish).must.map(({ fault }) => fault));
      for (const each of owed) expect(rows.has(each.id) || each.lookFirst !== undefined, each.id).toBe(true);
      const sheet = tasksOnSheet(
        { state, style, car: testCar },
        owed.map(({ id }) => ({ id, says: id, minutes: 1, cautions: [], mends: [id] }) as never),
        () => undefined,
        now,
      );
      expect(sheet.flatMap(({ faults: on }) => on).every(({ agreed }) => agreed !== '')).toBe(true);
      expect(sheet.flatMap(({ faults: on }) => on)).toHaveLength(owed.length);
      most = Math.max(most, owed.length);
    }),
    { numRuns: 200 },
  );
  expect(most).toBeGreaterThan(3);
});
