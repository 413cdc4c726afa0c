import { type Car, vocabularyOf } from '../car';
import { isEquipmentId } from '../equipment';
import { allFunctions, functionName, functionsFor, isFunctionId } from '../functions';
import { own, starting, type Text } from '../told';
import type { WalkState } from '../walk';
import { say } from './say';
import { functionTold } from './tellFunction';
import { inEnglish } from './words';

interface EquipmentOf<Name> {
  tried: Name[];
  fitted: Name[];
  said: Name[];
  absent: Name[];
  isTriedElsewhere: true;
}
export type EquipmentTable = EquipmentOf<string>;

type EquipmentCar = Pick<Car, 'bodyStyle' | 'fuel' | 'extras' | 'year' | 'country' | 'steering'>;

/**
 * Equipment and functions as one truth: what was tried counts as tried whatever the list says, what was found not to be fitted as absent. Of
 * functions only what not every such car has is equipment. Undefined while nothing was said of any.
 */
export function equipmentTold(
  state: Pick<WalkState, 'equipment' | 'functions'>,
  car: EquipmentCar,
): EquipmentOf<Text> | undefined {
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
  const table: EquipmentOf<Text> = { tried: [], fitted: [], said: [], absent: [], isTriedElsewhere: true };
  for (const item of items) {
    const found = tried.get(item)?.state;
    const noted = notedAs.get(item);
    const name = noted?.name
      ? own(noted.name)
      : isEquipmentId(item)
        ? say(`equipment.${item}`)
        : isFunctionId(item) || added.has(item)
          ? functionTold(state.functions, item)
          : say('equipment.added');
    if (found === 'works') table.tried.push(name);
    else if (found === 'faulty') table.tried.push(say('equipment.faulty', { name }));
    else if (found === 'not-fitted' || noted?.standing === 'absent') table.absent.push(name);
    else if (noted?.standing === 'said') table.said.push(name);
    else table.fitted.push(name);
  }
  return table;
}

/** The same in words, each at the start of a line. */
export function equipmentTable(
  state: Pick<WalkState, 'equipment' | 'functions'>,
  car: EquipmentCar,
): EquipmentTable | undefined {
  const told = equipmentTold(state, car);
  const words = (names: readonly Text[]) => names.map((name) => inEnglish(starting(name), vocabularyOf(car)));
  return (
    told && {
      ...told,
      tried: words(told.tried),
      fitted: words(told.fitted),
      said: words(told.said),
      absent: words(told.absent),
    }
  );
}
