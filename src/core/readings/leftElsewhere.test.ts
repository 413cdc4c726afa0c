import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, WALK } from '../../../tests/builders/entries';
import { type Fact, replay } from '../walk';
import { functionTable } from './functionTable';
import { kitTable } from './kitTable';
import { leftElsewhere } from './leftElsewhere';

const left = (...facts: Fact[]) => leftElsewhere(replay(WALK, entriesOf([begun, ...facts])), testCar);

describe('what is left elsewhere', () => {
  it('goes down by one with each thing that is tried, counted, smelt and read', () => {
    const all = left();
    expect(left({ kind: 'functions-tried', body: { functions: ['starts-cold'], state: 'works' } })).toBe(
      all - 1,
    );
    expect(left({ kind: 'item-counted', body: { item: 'mats', count: 0 } })).toBe(all - 1);
    expect(left({ kind: 'smell-noted', body: { noticed: [] } })).toBe(all - 1);
    expect(left({ kind: 'papers-noted', body: { keys: 2 } })).toBe(all - 1);
    // Beyond the handful nothing is missing.
    expect(left({ kind: 'functions-tried', body: { functions: ['horn'], state: 'works' } })).toBe(all);
  });

  it('is nothing once all is said', () => {
    const state = replay(WALK, entriesOf([begun]));
    const functions = functionTable(state, testCar).left.map(({ id }) => id);
    const items = kitTable(state, testCar).left.map(({ id }) => id);
    expect(
      left(
        { kind: 'functions-tried', body: { functions, state: 'works' } } as Fact,
        ...items.map((item) => ({ kind: 'item-counted', body: { item, count: 1 } }) as Fact),
        { kind: 'smell-noted', body: { noticed: [] } },
        {
          kind: 'papers-noted',
          body: {
            keys: 2,
            keepers: 1,
            stamps: 3,
            registration: 'original',
            certificateUntil: '2030-01-01',
            manuals: 'complete',
          },
        },
        { kind: 'number-read', body: { where: 'plate', text: 'XZ9FT1A40HK000104' } },
      ),
    ).toBe(0);
  });
});
