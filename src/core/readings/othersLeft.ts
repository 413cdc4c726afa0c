import type { Car } from '../car';
import type { Message } from '../told';
import type { Papers, WalkState } from '../walk';
import { type FunctionRow, functionTable } from './functionTable';
import { type KitRow, kitTable } from './kitTable';
import { say } from './say';

/** What is left of everything that is not a part on the route. */
export interface OthersLeft {
  /** Nobody has said whether they work. */
  functions: readonly FunctionRow[];
  isFunctionsBegun: boolean;
  /** Tests that need time and were begun, and nobody has looked at yet. */
  running: readonly FunctionRow[];
  /** Not counted. */
  items: readonly KitRow[];
  isKitBegun: boolean;
  isSmellLeft: boolean;
  /** Not said of the papers: "keys counted". */
  papers: readonly Message[];
  isPapersBegun: boolean;
}

type Spoken = Pick<Car, 'bodyStyle' | 'fuel' | 'extras' | 'year' | 'country' | 'steering'>;

export function othersLeft(state: WalkState, car: Spoken): OthersLeft {
  const run = functionTable(state, car);
  const kit = kitTable(state, car);
  const papers = papersLeft(state.papers);
  return {
    functions: run.left,
    isFunctionsBegun: run.isBegun,
    running: run.groups.flatMap(({ rows }) => rows.filter(({ begunAt, tried }) => begunAt && !tried)),
    items: kit.left,
    isKitBegun: kit.isBegun,
    isSmellLeft: state.kit.smells === undefined,
    papers,
    isPapersBegun: papers.length < asked.length,
  };
}

/** What a buyer asks of the papers. */
const asked = [
  ['services', ({ services, noted }) => services.size > 0 || noted.stamps !== undefined],
  ['keys', ({ noted }) => noted.keys !== undefined],
  ['keepers', ({ noted }) => noted.keepers !== undefined],
  ['registration', ({ noted }) => noted.registration !== undefined],
  ['certificate', ({ noted }) => noted.certificateUntil !== undefined],
  ['manuals', ({ noted }) => noted.manuals !== undefined],
  ['number', ({ numbers }) => numbers.size > 0],
] as const satisfies readonly (readonly [what: string, isSaid: (papers: Papers) => boolean])[];

/** So many things are asked of the papers. */
export const PAPERS_ASKED = asked.length;

/** The same, as far as nobody has said it. */
export const papersLeft = (papers: Papers): Message[] =>
  asked.flatMap(([what, isSaid]) => (isSaid(papers) ? [] : [say(`papersLeft.${what}`)]));
