import { cabinParts } from './cabinParts';
import { faults } from './faults';
import { functions } from './functions';
import { howBad } from './howBad';
import { mending } from './mending';
import { outsideParts } from './outsideParts';
import type { Sense, Table } from './sense';
import { sides } from './sides';
import { talk } from './talk';
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
  talk,
} as const satisfies Record<string, Table>;

/** The phrases of a row, one by one. */
export const phrasesIn = (row: Table[number]): string[] => row[0].split('|').map((phrase) => phrase.trim());

const entries = new Map<string, Sense>();
for (const table of Object.values(tables))
  for (const row of table as Table) for (const phrase of phrasesIn(row)) entries.set(phrase, row[1]);

/** Longest phrase, in words. */
export const LONGEST = Math.max(...[...entries.keys()].map((phrase) => phrase.split(' ').length));

/** What a phrase of the talk does; undefined for one nobody knows. */
export const senseOf = (phrase: string): Sense | undefined => entries.get(phrase);
