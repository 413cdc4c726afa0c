import { type Car, vocabularyOf } from '../car';
import { equipmentName, isEquipmentId } from '../equipment';
import { allFunctions, functionName, functionsFor, isFunctionId } from '../functions';
import type { WalkState } from '../walk';
import { functionTitle } from './functionTable';

export interface EquipmentTable {
  tried: string[];
  fitted: string[];
  said: string[];
  absent: string[];
  isTriedElsewhere: true;
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
  // What was typed by hand and is called like a function is that function.
  const byName = new Map<string, string>([
    ...allFunctions.map(({ id }) => [functionName(id, vocabulary).toLowerCase(), id] as const),
    ...[...state.functions.added].flatMap(([id, { name }]) =>
      name ? [[name.toLowerCase(), id] as const] : [],
    ),
  ]);
  const itemOf = (id: string): string => byName.get(state.equipment.get(id)?.name?.toLowerCase() ?? '') ?? id;
  const notedAs = new Map([...state.equipment].map(([id, noted]) => [itemOf(id), noted]));
  const items = new Set([
    ...notedAs.keys(),
    ...added.keys(),
    ...[...tried].flatMap(([id, { state: found }]) => (!usual.has(id) || found === 'not-fitted' ? [id] : [])),
  ]);
  if (items.size === 0) return undefined;
  const table: EquipmentTable = { tried: [], fitted: [], said: [], absent: [], isTriedElsewhere: true };
  for (const item of items) {
    const found = tried.get(item)?.state;
    const noted = notedAs.get(item);
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
