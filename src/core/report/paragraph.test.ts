import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryLog } from '../../../tests/builders/arbitraryEntries';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import type { Entry, Fact } from '../walk';
import { composeReport } from './composeReport';

const paragraphOf = (entries: readonly Entry[], car = testCar) =>
  composeReport({
    id: idOf(0xd0c),
    revision: 1,
    frozenAt: '2026-03-14T11:00:00.000Z',
    signedBy: 'Nell Harrick',
    yard: { name: 'Yard', place: '', phone: '' },
    car,
    walk: WALK,
    entries,
    photos: new Map(),
  }).paragraph ?? '';
const changed = (n: number, changes: object): Fact =>
  ({ kind: 'finding-amended', body: { finding: idOf(0xf000 + n), changes } }) as Fact;
const facts: Fact[] = [
  begun,
  noted(1),
  noted(2, 'roof'),
  noted(3, 'bonnet', { suspected: true }),
  changed(1, { lengthMm: 46, notice: 'across-the-bay', action: 'dent-removal' }),
  changed(2, { notice: 'up-close' }),
  { kind: 'odometer-read', body: { value: 48_213, unit: 'mi' } },
  { kind: 'functions-tried', body: { functions: ['horn'], state: 'faulty', says: 'dead' } },
  { kind: 'lamps-noted', body: { on: ['airbag'] } },
  { kind: 'tread-read', body: { part: 'tyre-fl', depth: { lowMm: 1.2, highMm: 1.2 }, unit: 'mm' } },
];

describe('the car in one paragraph', () => {
  it('goes from the far view inwards to what nobody knows', () => {
    const says = paragraphOf(entriesOf(facts));
    expect(says).toMatch(/^Five-door hatch of 2017, 48,213 miles/);
    expect(says).toContain('Noticed from across the bay: dent, 46 mm across, nearside front door (left).');
    expect(says).toContain('1 more is seen only up close.');
    expect(says).toContain('Of the tyres 1 is to be replaced now.');
    expect(says).toContain('Not in order: horn. Warning on the dashboard: airbag.');
    expect(says).toContain('1 of the 3 findings is to be put right before collection.');
    expect(says).toMatch(/1 suspicion is still open\. \d+ parts could not be or were not looked at\.$/);
  });

  it('names three at most, then counts', () => {
    const many = entriesOf([
      begun,
      ...[1, 2, 3, 4, 5].flatMap((n) => [
        noted(n, ['bonnet', 'roof', 'door-fl', 'door-fr', 'tailgate'][n - 1]),
        changed(n, { notice: 'across-the-bay' }),
      ]),
    ]);
    expect(paragraphOf(many)).toMatch(/bay: dent, [^;]+; dent, [^;]+; dent, [^;]+; and 2 more\./);
  });

  it('speaks the car’s vocabulary', () => {
    const american = { ...testCar, country: 'US', steering: 'left' } as const;
    expect(paragraphOf(entriesOf(facts), american)).toContain('Of the tires 1 is to be replaced now.');
    expect(paragraphOf(entriesOf(facts), american)).not.toMatch(/tyre|nearside|bonnet/);
  });

  it('praises nothing, whatever was found, and says the same of the same facts', () => {
    const sales =
      /\b(excellent|good|great|superb|immaculate|lovely|stunning|perfect|beautiful|nice|minor|only minor|very)\b/i;
    fc.assert(
      fc.property(arbitraryLog, (log) => {
        fc.pre(!log.some((entry) => entry.kind === 'undone' && entry.body.entry === idOf(1)));
        const says = paragraphOf(log);
        expect(says).not.toMatch(sales);
        expect(says).not.toMatch(/undefined|NaN| {2}|\.\./);
        expect(paragraphOf(log.toReversed())).toBe(says);
      }),
      { numRuns: 60 },
    );
  });
});
