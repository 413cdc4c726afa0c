import type { Vocabulary } from '../car';
import { isKitItemId, smellOf } from '../kit';
import { listed, own, starting, type Text } from '../told';
import type { ItemCounted, WalkState } from '../walk';
import { inEnglish, say } from './words';

type Kit = WalkState['kit'];
type Smells = NonNullable<Kit['smells']>;

/** What a smell is of: in one's own words where none of the list fits. */
export const smellTold = ({ smell, says }: Smells[number]): Text =>
  smell === 'other' && says ? own(says) : say(`smell.${smell}`);

/** "none noticed", or "damp or mould, faint; smoke, clear". */
export const smellsTold = (noticed: Smells): Text =>
  noticed.length === 0
    ? say('smell.none')
    : listed(
        'semicolon',
        noticed.map((each) => say('smell.noticed', { smell: smellTold(each), strength: each.strength })),
      );

/** What a thing that comes with a car is called. */
export const itemTold = (id: string, counted: ItemCounted | undefined): Text =>
  counted?.name ? own(counted.name) : say(isKitItemId(id) ? `item.${id}` : 'item.added');

/** "4, worn" or "not there". */
export const countTold = ({ count, condition, says }: ItemCounted): Text =>
  listed('comma', [
    say('count', { n: count }),
    count > 0 && condition ? say(`condition.${condition}`) : undefined,
    says ? own(says) : undefined,
  ]);

/** "tow bar: fixed; the standard part comes along". */
export const alterationTold = ({
  what,
  says,
  standardPart,
}: Kit['alterations'] extends Map<string, infer Altered> ? Altered : never): Text =>
  listed('semicolon', [
    say('altered', { what: say(`alteration.${what}`), says: own(says) }),
    standardPart && say(`standardPart.${standardPart}`),
  ]);

export const countWords = (counted: ItemCounted): string => inEnglish(countTold(counted), 'uk');

/** Smells that bear on driving on. */
export const strongSmells = ({ smells = [] }: Kit): Smells =>
  smells.filter(({ smell, strength }) => strength !== 'faint' && smellOf(smell).caution);

export interface KitLines {
  /** "none noticed", "damp or mould, faint"; absent until somebody has said. */
  smell?: string;
  /** What a smell says about driving on. */
  cautions: readonly string[];
  /** What goes with the alterations. */
  notes: readonly string[];
  alterations: readonly { id: string; says: string }[];
}

/** The same in words, beside the table of what comes with a car. */
export function kitLines(kit: Kit, vocabulary: Vocabulary): KitLines {
  const words = (told: Text) => inEnglish(starting(told), vocabulary);
  return {
    ...(kit.smells && { smell: inEnglish(smellsTold(kit.smells), vocabulary) }),
    cautions: strongSmells(kit).map(({ smell }) => words(say(`smellCaution.${smell}`))),
    notes: kit.alterations.size > 0 ? [words(say('alteration.note'))] : [],
    alterations: [...kit.alterations].map(([id, altered]) => ({ id, says: words(alterationTold(altered)) })),
  };
}
