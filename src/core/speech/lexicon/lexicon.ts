import { around } from './around';
import { cabinParts } from './cabinParts';
import { faults } from './faults';
import { functions } from './functions';
import { howBad } from './howBad';
import { mending } from './mending';
import { outsideParts } from './outsideParts';
import { phrasesIn, type Sense, type Table } from './sense';
import { sides } from './sides';
import { slips } from './slips';
import { story } from './story';
import { talk } from './talk';
import { typed } from './typed';
import { works } from './works';

/** All phrases the reader knows by what they do, table by table: the published list is made of them. */
export const tables = {
  sides,
  outsideParts,
  cabinParts,
  faults,
  howBad,
  mending,
  functions,
  works,
  around,
  story,
  slips,
  talk,
} as const satisfies Record<string, Table>;

/** A word of the house, taught by example: it does what a phrase does that the reader knows. */
export interface TaughtWord {
  word: string;
  means: string;
}

/** What phrases do. */
export interface Lexicon {
  senseOf: (phrase: string) => Sense | undefined;
  /** Whether a longer phrase begins so. */
  goesOn: (phrase: string) => boolean;
}

/** What phrases of several words begin with, a word shorter each. */
function beginningsOf(phrases: Iterable<string>): ReadonlySet<string> {
  const found = new Set<string>();
  for (const phrase of phrases)
    for (let at = phrase.indexOf(' '); at > 0; at = phrase.indexOf(' ', at + 1))
      found.add(phrase.slice(0, at));
  return found;
}

const entriesOf = (chosen: readonly Table[]): Map<string, Sense> =>
  new Map(
    chosen.flatMap((table) =>
      table.flatMap((row) => phrasesIn(row).map((phrase) => [phrase, row[1]] as const)),
    ),
  );

const spoken = entriesOf(Object.values(tables));
const begun = beginningsOf(spoken.keys());
const byHand = entriesOf([typed]);
const byHandBegun = beginningsOf(byHand.keys());

/** What a phrase of the talk does; undefined for one nobody knows. */
export const senseOf = (phrase: string): Sense | undefined => spoken.get(phrase);

/** The lexicon of talk, with what only a hand types where `isTyped`, and with the words of the house before all others. */
export function lexiconOf({
  taught = [],
  isTyped = false,
}: {
  taught?: readonly TaughtWord[];
  isTyped?: boolean;
}): Lexicon {
  if (taught.length === 0 && !isTyped) return { senseOf, goesOn: (phrase) => begun.has(phrase) };
  const own = new Map<string, Sense>();
  for (const { word, means } of taught) {
    const sense = senseOf(means.toLowerCase());
    if (sense) own.set(word.toLowerCase(), sense);
  }
  const ownBegun = beginningsOf(own.keys());
  return {
    senseOf: (phrase) => own.get(phrase) ?? (isTyped ? byHand.get(phrase) : undefined) ?? senseOf(phrase),
    goesOn: (phrase) => begun.has(phrase) || ownBegun.has(phrase) || (isTyped && byHandBegun.has(phrase)),
  };
}
