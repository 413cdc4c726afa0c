import type { WalkState } from '../walk';
import { isTriedFirst } from './functionTable';
import { othersLeft } from './othersLeft';

/**
 * How many things are left of a walk that are no part, reading or picture: of the handful of functions, what comes with the car, the smell of its
 * cabin and what is asked of the papers. What may be told besides (its story, equipment) is not missing.
 */
export function leftElsewhere(state: WalkState, car: Parameters<typeof othersLeft>[1]): number {
  const { functions, items, isSmellLeft, papers } = othersLeft(state, car);
  return functions.filter(isTriedFirst).length + items.length + (isSmellLeft ? 1 : 0) + papers.length;
}
