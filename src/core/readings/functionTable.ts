import { type Car, type Vocabulary, vocabularyOf } from '../car';
import {
  ADDED_FUNCTION,
  type FunctionFacts,
  type FunctionGroupId,
  functionGroupIds,
  functionGroups,
  functionName,
  functionOf,
  functionsFor,
  isFunctionId,
} from '../functions';
import type { FunctionTried, WalkState } from '../walk';

export interface FunctionRow {
  id: string;
  name: string;
  group: FunctionGroupId;
  facts: FunctionFacts | undefined;
  tried?: FunctionTried;
  /** When its test was begun, while it runs. */
  begunAt?: string;
}

export interface FunctionTable {
  groups: readonly { id: FunctionGroupId; name: string; rows: readonly FunctionRow[] }[];
  /** Nobody has said anything of these yet. */
  left: readonly FunctionRow[];
  isBegun: boolean;
}

/** The handful that is tried before the rest; what was added by hand was added because it matters. */
export const isTriedFirst = ({ facts }: Pick<FunctionRow, 'facts'>): boolean =>
  !facts || facts.first === true;

/** What there is to try on a car, and how it was found: the usual list for its build, and what was added. */
export function functionTable(
  { functions, equipment }: Pick<WalkState, 'functions' | 'equipment'>,
  car: Pick<Car, 'bodyStyle' | 'fuel' | 'extras' | 'year' | 'country' | 'steering'>,
): FunctionTable {
  const vocabulary = vocabularyOf(car);
  const rowOf = (id: string, group: FunctionGroupId, name: string): FunctionRow => {
    const [tried, begunAt] = [functions.tried.get(id), functions.timers.get(id)];
    return {
      id,
      group,
      name,
      facts: isFunctionId(id) ? functionOf(id).facts : undefined,
      ...(tried && { tried }),
      ...(begunAt && { begunAt }),
    };
  };
  const usual = functionsFor(car).usual.map(({ id, group }) =>
    rowOf(id, group, functionName(id, vocabulary)),
  );
  const known = new Set<string>(usual.map(({ id }) => id));
  const added = [...functions.added]
    .filter(([id]) => !known.has(id))
    .map(([id, { group }]) => rowOf(id, group, functionTitle(functions, id, vocabulary)));
  for (const { id } of added) known.add(id);
  // What is fitted is there to be tried, whoever put it on which list.
  const fitted = [...equipment].flatMap(([id, { standing }]) =>
    standing === 'fitted' && isFunctionId(id) && !known.has(id)
      ? [rowOf(id, functionOf(id).group, functionName(id, vocabulary))]
      : [],
  );
  for (const { id } of fitted) known.add(id);
  // What was tried without being said to be fitted is there all the same.
  const beside = [...functions.tried.keys()]
    .filter((id) => !known.has(id))
    .map((id) =>
      rowOf(id, isFunctionId(id) ? functionOf(id).group : 'body', functionTitle(functions, id, vocabulary)),
    );
  const rows = [...usual, ...added, ...fitted, ...beside];
  return {
    groups: functionGroupIds.map((id) => ({
      id,
      name: functionGroups[id].name,
      rows: rows.filter(({ group }) => group === id),
    })),
    left: rows.filter(({ tried }) => tried === undefined),
    isBegun: functions.tried.size > 0,
  };
}

type Added = Pick<WalkState['functions'], 'added'>;

/** The name of a function, of the catalogue or of one's own. */
export const functionTitle = ({ added }: Added, id: string, vocabulary: Vocabulary): string =>
  added.get(id)?.name ?? (isFunctionId(id) ? functionName(id, vocabulary) : ADDED_FUNCTION);

/** The same, spoken of as a fault where it was found faulty: "Engine knocks or rattles" for what else is "No knocking or rattling". */
export function functionFault(run: WalkState['functions'], id: string, vocabulary: Vocabulary): string {
  const isFaulty = run.tried.get(id)?.state === 'faulty';
  const { wrong, wrongUs } = isFunctionId(id) ? functionOf(id).facts : {};
  const fault = (vocabulary === 'us' ? wrongUs : undefined) ?? wrong;
  return (isFaulty ? fault : undefined) ?? functionTitle(run, id, vocabulary);
}
