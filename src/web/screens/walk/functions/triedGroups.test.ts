import { describe, expect, it } from 'vitest';
import { functionTable } from '#core/readings';
import { type Fact, replay } from '#core/walk';
import { testCar } from '../../../../../tests/builders/car';
import { begun, entriesOf, WALK } from '../../../../../tests/builders/entries';
import { triedGroups } from './triedGroups';

const groupsOf = (car = testCar, ...facts: Fact[]) =>
  triedGroups(functionTable(replay(WALK, entriesOf([begun, ...facts])), car));

describe('what is tried first', () => {
  it('is a handful: start, lamps, air-con, windows, locks, and the drive by itself', () => {
    const { handful, first } = groupsOf();
    expect(first.length).toBeLessThanOrEqual(14);
    const ids = first.map(({ id }) => id);
    for (const id of [
      'starts-cold',
      'lamps-out',
      'brake-lamps',
      'aircon-cold',
      'front-windows',
      'remote-lock',
    ])
      expect(ids).toContain(id);
    expect(handful.map(({ id }) => id)).toEqual(['first', 'drive']);
    expect(handful[1]?.rows.every(({ group }) => group === 'drive')).toBe(true);
  });

  it('has the roof of a convertible, and an electric car’s own start', () => {
    const idsOf = (car: typeof testCar) => groupsOf(car).first.map(({ id }) => id);
    expect(idsOf({ ...testCar, bodyStyle: 'convertible' })).toEqual(
      expect.arrayContaining(['soft-top-down', 'soft-top-up']),
    );
    expect(idsOf({ ...testCar, fuel: 'electric' })).toContain('ready-lamp');
  });

  it('leaves nothing out: every function is in one of the two, once', () => {
    const { first, others, rows } = groupsOf();
    const ids = rows.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(first.length + others.flatMap((group) => group.rows).length).toBe(ids.length);
  });

  it('takes in what was added by hand', () => {
    const added: Fact = {
      kind: 'function-added',
      body: { function: 'own-1', group: 'media', name: 'Fridge in the armrest' },
    } as Fact;
    expect(groupsOf(testCar, added).first.some(({ id }) => id === 'own-1')).toBe(true);
  });
});
