import type { Vocabulary } from '../car';
import { sizeTold } from '../measure';
import { listed, type Text } from '../told';
import type { NotThere } from './walkState';
import { inEnglish, say } from './words';

/** "no dent", "no dent larger than 10 mm", "nothing big": what was said not to be there, thing by thing. */
export function notThereTold({ kinds, over }: NotThere): Text[] {
  if (kinds === undefined)
    return over === undefined
      ? []
      : [over === 'big' ? say('notThere.nothingBig') : say('notThere.nothingOver', { size: sizeTold(over) })];
  return kinds.map((id) => {
    const kind = say(`kind.${id}`);
    if (over === undefined) return say('notThere', { kind });
    return over === 'big'
      ? say('notThere.big', { kind })
      : say('notThere.over', { kind, size: sizeTold(over) });
  });
}

/** The same in words. */
export const notThereWords = (not: NotThere, vocabulary: Vocabulary): string =>
  inEnglish(listed('comma', notThereTold(not)), vocabulary);
