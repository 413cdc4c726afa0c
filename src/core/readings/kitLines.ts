import type { Vocabulary } from '../car';
import { starting, type Text } from '../told';
import type { WalkState } from '../walk';
import { say } from './say';
import { alterationTold, smellsTold, strongSmells } from './tellKit';
import { inEnglish } from './words';

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
export function kitLines(kit: WalkState['kit'], vocabulary: Vocabulary): KitLines {
  const words = (told: Text) => inEnglish(starting(told), vocabulary);
  return {
    ...(kit.smells && { smell: inEnglish(smellsTold(kit.smells), vocabulary) }),
    cautions: strongSmells(kit).map(({ smell }) => words(say(`smellCaution.${smell}`))),
    notes: kit.alterations.size > 0 ? [words(say('alteration.note'))] : [],
    alterations: [...kit.alterations].map(([id, altered]) => ({ id, says: words(alterationTold(altered)) })),
  };
}
