import { type Car, type Vocabulary, vocabularyOf } from '../car';
import {
  ALTERATION_NOTE,
  alterationName,
  isKitItemId,
  type KitItemId,
  kitItemName,
  kitItemsFor,
  smellOf,
  smellWords,
  standardPartWords,
} from '../kit';
import type { ItemCounted, WalkState } from '../walk';

export interface KitRow {
  id: string;
  name: string;
  counted?: ItemCounted;
}

export interface KitTable {
  /** What such a car can come with, and what was added by name. */
  rows: readonly KitRow[];
  /** Not counted yet. */
  left: readonly KitRow[];
  /** "none noticed", "damp or mould, faint"; absent until somebody has said. */
  smell?: string;
  /** What a smell says about driving on. */
  cautions: readonly string[];
  /** What goes with the alterations. */
  notes: readonly string[];
  alterations: readonly { id: string; says: string }[];
  /** Something was said of smell, things or alterations. */
  isBegun: boolean;
}

/** What comes along with the car, what was altered, what its cabin smells of. */
export function kitTable(
  { kit }: Pick<WalkState, 'kit'>,
  car: Pick<Car, 'bodyStyle' | 'fuel' | 'extras' | 'country' | 'steering'>,
): KitTable {
  const vocabulary = vocabularyOf(car);
  const usual: readonly string[] = kitItemsFor(car);
  const added = [...kit.items.keys()].filter((id) => !usual.includes(id));
  const rows = [...usual, ...added].map((id): KitRow => {
    const counted = kit.items.get(id);
    return { id, name: itemTitle(id, counted, vocabulary), ...(counted && { counted }) };
  });
  const strong = kit.smells?.filter(({ strength }) => strength !== 'faint') ?? [];
  return {
    rows,
    left: rows.filter(({ counted }) => counted === undefined),
    ...(kit.smells && { smell: smellWords(kit.smells, vocabulary) }),
    cautions: strong.flatMap(({ smell }) => smellOf(smell).caution ?? []),
    notes: kit.alterations.size > 0 ? [ALTERATION_NOTE] : [],
    alterations: [...kit.alterations].map(([id, { what, says, standardPart }]) => ({
      id,
      says: `${alterationName(what, vocabulary)}: ${says}${standardPart ? `; ${standardPartWords[standardPart]}` : ''}`,
    })),
    isBegun: kit.smells !== undefined || kit.items.size > 0 || kit.alterations.size > 0,
  };
}

const itemTitle = (id: string, counted: ItemCounted | undefined, vocabulary: Vocabulary): string =>
  counted?.name ?? (isKitItemId(id) ? kitItemName(id as KitItemId, vocabulary) : 'A thing that was added');

/** "4, worn" or "not there". */
export const countWords = ({ count, condition, says }: ItemCounted): string =>
  [count === 0 ? 'not there' : String(count), ...(count > 0 && condition ? [condition] : []), says]
    .filter(Boolean)
    .join(', ');
