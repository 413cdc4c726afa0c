import type { FunctionId } from '../functions';
import { functions } from './lexicon/functions';
import { phrasesIn } from './lexicon/sense';

/** What each phrase names that is tried: "sat nav", "heated seats". What says already how it does names nothing. */
const named = new Map<string, readonly FunctionId[]>(
  functions.flatMap((row) => {
    const [, sense] = row;
    if (sense.is !== 'function' || sense.works !== undefined) return [];
    return phrasesIn(row).map((phrase) => [phrase, sense.ids] as const);
  }),
);

/** Functions that a few typed words name by the words people say for them; none where they say more than a name. */
export const functionsNamed = (text: string): readonly FunctionId[] =>
  named.get(
    text
      .trim()
      .toLowerCase()
      .replace(/’/g, "'")
      .replace(/[\s-]+/g, ' ')
      .replace(/\.$/, ''),
  ) ?? [];
