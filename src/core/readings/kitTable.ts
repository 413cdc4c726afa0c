import { type Car, type Vocabulary, vocabularyOf } from '../car';
import { ADDED_ITEM, isKitItemId, kitItemName, kitItemsFor } from '../kit';
import type { ItemCounted, WalkState } from '../walk';
import { sentence } from '../wording';

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
  return {
    rows,
    left: rows.filter(({ counted }) => counted === undefined),
    isBegun: kit.smells !== undefined || kit.items.size > 0 || kit.alterations.size > 0,
  };
}

const itemTitle = (id: string, counted: ItemCounted | undefined, vocabulary: Vocabulary): string =>
  counted?.name ?? (isKitItemId(id) ? kitItemName(id, vocabulary) : sentence(ADDED_ITEM));
