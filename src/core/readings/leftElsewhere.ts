import type { WalkState } from '../walk';
import { functionTable, isTriedFirst } from './functionTable';
import { kitTable } from './kitTable';
import { papersLeft } from './othersLeft';

type ElsewhereCar = Parameters<typeof functionTable>[1] & Parameters<typeof kitTable>[1];

/**
 * How many things are left of a walk that are no part, reading or picture: of the handful of functions, what comes with the car, the smell of its
 * cabin and what is asked of the papers. What may be told besides (its story, equipment) is not missing.
 */
export function leftElsewhere(state: WalkState, car: ElsewhereCar): number {
  const functions = functionTable(state, car).left.filter(isTriedFirst).length;
  const smell = state.kit.smells === undefined ? 1 : 0;
  return functions + kitTable(state, car).left.length + smell + papersLeft(state.papers).length;
}
