import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, WALK } from '../../../tests/builders/entries';
import { said } from '../../../tests/builders/said';
import { styleOf } from '../car';
import { checkEntry, type Entry, type Fact, partStatus, replay } from '../walk';
import { kitLines, kitTable } from '.';
import { othersLeft } from './othersLeft';
import { countTold } from './tellKit';

const stateOf = (...facts: Fact[]) => replay(WALK, entriesOf([begun, ...facts]));
const tableOf = (...facts: Fact[]) => kitTable(stateOf(...facts), testCar);
const linesOf = (...facts: Fact[]) => kitLines(stateOf(...facts).kit, 'uk');
const counted = (item: string, count: number, more: object = {}): Fact =>
  ({ kind: 'item-counted', body: { item, count, ...more } }) as Fact;
const problemOf = (kind: string, body: object) => {
  const [entry] = entriesOf([{ kind, body } as Fact]) as [Entry];
  const check = checkEntry(entry, {
    walk: WALK,
    now: new Date('2026-03-14T12:00:00Z'),
    style: styleOf({ bodyStyle: 'hatch-5' }),
  });
  return check.ok ? 'ok' : check.problem.message;
};

describe('what comes with a car', () => {
  it('is asked for by the car’s build', () => {
    const names = (over: object) => kitTable(stateOf(), { ...testCar, ...over }).rows.map(({ id }) => id);
    expect(names({ fuel: 'petrol' })).not.toContain('charge-lead-home');
    expect(names({ fuel: 'plug-in hybrid' })).toContain('charge-lead-home');
    expect(names({ extras: [] })).not.toContain('tow-ball');
    expect(names({ extras: ['tow-bar', 'second-wheels'] })).toEqual(
      expect.arrayContaining(['tow-ball', 'second-wheels']),
    );
    expect(names({ bodyStyle: 'tractor' })).toContain('chocks');
    expect(names({ bodyStyle: 'tractor' })).not.toContain('load-cover');
    expect(names({ bodyStyle: 'saloon' })).not.toContain('load-cover');
  });

  it('is counted, the last count holding; a thing of one’s own keeps its name', () => {
    const table = tableOf(
      counted('mats', 4),
      counted('mats', 3, { condition: 'worn' }),
      counted('jack', 0),
      counted(idOf(0xb1), 1, { name: 'Dog guard' }),
      counted(idOf(0xb1), 2),
    );
    const words = (id: string) => {
      const row = table.rows.find((each) => each.id === id);
      return row?.counted && `${row.name}: ${said(countTold(row.counted))}`;
    };
    expect(words('mats')).toBe('Floor mats: 3, worn');
    expect(words('jack')).toBe('Jack: not there');
    expect(words(idOf(0xb1))).toBe('Dog guard: 2');
    expect(table.left.map(({ id }) => id)).not.toContain('jack');
  });

  it('speaks US words of a US car', () => {
    const us = kitTable(stateOf(), { ...testCar, country: 'US', steering: 'left' });
    expect(us.rows.find(({ id }) => id === 'repair-kit')?.name).toBe('Tire repair kit');
  });

  it('takes none noticed for an answer, and tells which smell stops the drive', () => {
    expect(linesOf().smell).toBeUndefined();
    const none = stateOf({ kind: 'smell-noted', body: { noticed: [] } });
    expect(kitLines(none.kit, 'uk').smell).toBe('none noticed');
    expect(partStatus(none, 'smell')).toBe('clear');
    expect(othersLeft(none, testCar).isSmellLeft).toBe(false);
    const fuel = (strength: 'faint' | 'strong'): Fact => ({
      kind: 'smell-noted',
      body: { noticed: [{ smell: 'fuel', strength }] },
    });
    expect(linesOf(fuel('faint')).cautions).toEqual([]);
    expect(linesOf(fuel('strong')).cautions).toEqual([
      'A smell of fuel: do not drive until a qualified person has checked it.',
    ]);
  });

  it('tells what was altered, and whether the standard part comes along', () => {
    const altered: Fact = {
      kind: 'alteration-noted',
      body: {
        alteration: idOf(0xb2),
        what: 'exhaust',
        says: 'steel from the axle back',
        standardPart: 'gone',
      },
    };
    expect(linesOf(altered).alterations.map(({ says }) => says)).toEqual([
      'Exhaust: steel from the axle back; the standard part does not come along',
    ]);
    expect(
      linesOf(altered, { kind: 'alteration-removed', body: { alteration: idOf(0xb2) } }).alterations,
    ).toEqual([]);
  });

  it('refuses what cannot be, in plain words', () => {
    expect(problemOf('item-counted', { item: 'mats', count: -1 })).toMatch(/0 or more/);
    expect(problemOf('item-counted', { item: 'mats', count: 500 })).toMatch(/At most 99/);
    expect(problemOf('item-counted', { item: 'wings', count: 1 })).toMatch(/one of the list/);
    expect(problemOf('alteration-noted', { alteration: idOf(1), what: 'remap', says: ' ' })).toMatch(
      /Say what was altered/,
    );
    const twice = [
      { smell: 'smoke', strength: 'faint' },
      { smell: 'smoke', strength: 'strong' },
    ];
    expect(problemOf('smell-noted', { noticed: twice })).toMatch(/each smell once/);
  });
});
