import type { Car } from '../car';
import type { Papers, WalkState } from '../walk';
import { type FunctionRow, functionTable } from './functionTable';
import { type KitRow, kitTable } from './kitTable';

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
  /** Not said of the papers, in words: "keys counted". */
  papers: readonly string[];
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
const asked: readonly (readonly [words: string, isSaid: (papers: Papers) => boolean])[] = [
  ['service record', ({ services, noted }) => services.size > 0 || noted.stamps !== undefined],
  ['keys counted', ({ noted }) => noted.keys !== undefined],
  ['keepers', ({ noted }) => noted.keepers !== undefined],
  ['registration paper', ({ noted }) => noted.registration !== undefined],
  ['inspection certificate', ({ noted }) => noted.certificateUntil !== undefined],
  ['manuals', ({ noted }) => noted.manuals !== undefined],
  ['identity number read', ({ numbers }) => numbers.size > 0],
];

/** So many things are asked of the papers. */
export const PAPERS_ASKED = asked.length;

/** The same, as far as nobody has said it. */
export const papersLeft = (papers: Papers): string[] =>
  asked.flatMap(([words, isSaid]) => (isSaid(papers) ? [] : [words]));
