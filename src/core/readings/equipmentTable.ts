import { type Car, vocabularyOf } from '../car';
import { equipmentName, isEquipmentId } from '../equipment';
import { functionsFor, isFunctionId } from '../functions';
import type { WalkState } from '../walk';
import { functionTitle } from './functionTable';

export interface EquipmentTable {
  tried: string[];
  fitted: string[];
  said: string[];
  absent: string[];
}

type EquipmentCar = Pick<Car, 'bodyStyle' | 'fuel' | 'extras' | 'year' | 'country' | 'steering'>;

/**
 * Equipment and functions as one truth: what was tried counts as tried whatever the list says, what was found not to be fitted as absent. Of
 * functions only what not every such car has is equipment. Undefined while nothing was said of any.
 */
export function equipmentTable(
  state: Pick<WalkState, 'equipment' | 'functions'>,
  car: EquipmentCar,
): EquipmentTable | undefined {
  const vocabulary = vocabularyOf(car);
  const usual = new Set<string>(functionsFor(car).usual.map(({ id }) => id));
  const { tried, added } = state.functions;
  const items = new Set([
    ...state.equipment.keys(),
    ...added.keys(),
    ...[...tried].flatMap(([id, { state: found }]) => (!usual.has(id) || found === 'not-fitted' ? [id] : [])),
  ]);
  if (items.size === 0) return undefined;
  const table: EquipmentTable = { tried: [], fitted: [], said: [], absent: [] };
  for (const item of items) {
    const found = tried.get(item)?.state;
    const noted = state.equipment.get(item);
    const name =
      noted?.name ??
      (isEquipmentId(item)
        ? equipmentName(item, vocabulary)
        : isFunctionId(item) || added.has(item)
          ? functionTitle(state.functions, item, vocabulary)
          : 'Something that was added');
    if (found === 'works') table.tried.push(name);
    else if (found === 'faulty') table.tried.push(`${name} (faulty)`);
    else if (found === 'not-fitted' || noted?.standing === 'absent') table.absent.push(name);
    else if (noted?.standing === 'said') table.said.push(name);
    else table.fitted.push(name);
  }
  return table;
}
