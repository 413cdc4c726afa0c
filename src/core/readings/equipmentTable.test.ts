import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, WALK } from '../../../tests/builders/entries';
import { type Fact, replay } from '../walk';
import { equipmentTable } from './equipmentTable';
import { functionTable } from './functionTable';

const table = (...facts: Fact[]) => equipmentTable(replay(WALK, entriesOf([begun, ...facts])), testCar);
type Standing = Extract<Fact, { kind: 'equipment-noted' }>['body']['standing'];
const noted = (item: 'tracker' | 'cruise', standing: Standing): Fact => ({
  kind: 'equipment-noted',
  body: { item, standing },
});
const tried = (state: 'works' | 'faulty' | 'not-fitted', ...functions: ('cruise' | 'horn')[]): Fact => ({
  kind: 'functions-tried',
  body: { functions, state },
});

describe('equipment', () => {
  it('is nothing while nobody said anything of it', () => {
    expect(table()).toBeUndefined();
    // Every car has a horn: that it works is no equipment.
    expect(table(tried('works', 'horn'))).toBeUndefined();
  });

  it('is fitted, said to be fitted, or not there', () => {
    expect(table(noted('tracker', 'said'), noted('cruise', 'fitted'))).toEqual({
      tried: [],
      fitted: ['Cruise control'],
      said: ['Tracker'],
      absent: [],
      isTriedElsewhere: true,
    });
    expect(table(noted('tracker', 'absent'))?.absent).toEqual(['Tracker']);
    expect(table(noted('tracker', 'said'), noted('tracker', null))).toBeUndefined();
  });

  it('is one truth with the functions: what was tried decides, whatever the list says', () => {
    expect(table(noted('cruise', 'said'), tried('works', 'cruise'))?.tried).toEqual(['Cruise control']);
    expect(table(noted('cruise', 'fitted'), tried('faulty', 'cruise'))?.tried).toEqual([
      'Cruise control (faulty)',
    ]);
    expect(table(noted('cruise', 'fitted'), tried('not-fitted', 'cruise'))).toMatchObject({
      fitted: [],
      absent: ['Cruise control'],
    });
    // Not there though such cars usually have it.
    expect(table(tried('not-fitted', 'horn'))?.absent).toEqual(['Horn']);
  });

  it('has a name of its own where the list has none', () => {
    const rack: Fact = {
      kind: 'equipment-noted',
      body: { item: idOf(0xe2), name: 'Ladder rack', standing: 'fitted' },
    };
    const later: Fact = { kind: 'equipment-noted', body: { item: idOf(0xe2), standing: 'said' } };
    expect(table(rack, later)?.said).toEqual(['Ladder rack']);
  });

  it('is one thing with the function it is called like, also where it was typed by hand', () => {
    const typed: Fact = {
      kind: 'equipment-noted',
      body: { item: idOf(0xe3), name: 'cruise control', standing: 'fitted' },
    };
    const once = table(typed, tried('faulty', 'cruise'));
    expect(once).toMatchObject({ tried: ['Cruise control (faulty)'], fitted: [] });
    // An own function and an own piece of equipment of one name.
    const own: Fact = {
      kind: 'function-added',
      body: { function: idOf(0xf1), name: 'Fridge', group: 'media' },
    };
    const fridge: Fact = {
      kind: 'equipment-noted',
      body: { item: idOf(0xe4), name: 'fridge', standing: 'fitted' },
    };
    expect(table(own, fridge)?.fitted).toEqual(['Fridge']);
  });

  it('is there to be tried once it is fitted, whichever list says so', () => {
    const state = replay(WALK, entriesOf([begun, noted('cruise', 'fitted')]));
    expect(functionTable(state, testCar).left.map(({ id }) => id)).toContain('cruise');
  });
});
