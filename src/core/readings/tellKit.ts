import { isKitItemId, smellOf } from '../kit';
import { listed, own, type Text } from '../told';
import type { ItemCounted, WalkState } from '../walk';
import { say } from './say';

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

/** Smells that bear on driving on. */
export const strongSmells = ({ smells = [] }: Kit): Smells =>
  smells.filter(({ smell, strength }) => strength !== 'faint' && smellOf(smell).caution);
