import type { Hand, Part, PartId } from '../car';
import type { FunctionId } from '../functions';
import type { FindingKind } from '../walk';
import type { Draft, FindingDraft } from './drafts';
import type { Depth, End } from './lexicon/sense';
import type { Said } from './numbers';
import type { WantedPart } from './partsSaid';

/** What must be asked of where, and the parts it may be. */
export interface Open {
  question: FindingDraft['questions'][number];
  choices: readonly PartId[];
}

/** What is being spoken of: parts that are settled, or one that is open. */
export interface Subject {
  parts: readonly Part[];
  open?: Open | undefined;
  wanted: WantedPart;
  /** Something was said of it. */
  isSpoken: boolean;
  /** The first of two was read; the next figure is the other's. */
  rest?: boolean;
}

/** What one sentence has said so far. */
export interface Clause {
  subject?: Subject;
  /** Said before what they belong to. */
  denied: boolean;
  doubted: boolean;
  corrected: boolean;
  near: boolean;
  on: boolean;
  /** Words of the talk up to the last "on"; where it and the last "by" begin. */
  onAt: number;
  onFrom: number;
  nearAt: number;
  side: { hand?: Hand; end?: End; isSitters?: boolean };
  /** Sides said before it with "and": of the same parts. */
  sides: { hand?: Hand; end?: End }[];
  /** Two sides in a row: one of them is meant. */
  isTwo: boolean;
  /** The side was said in words that tell where one walks, not "back" or "driver" in passing. */
  isWalked: boolean;
  /** A number that waits for what it counts or measures, and the word of the talk behind it. */
  number?: Said & { text: string; at: number };
  attributes: Partial<FindingDraft>;
  /** How deep, said before the fault. */
  depth?: Depth;
  /** How bad it is was said by a word of size. */
  isOfSize: boolean;
  findings: FindingDraft[];
  /** Findings whose part was not named with them. */
  floating: FindingDraft[];
  functions: FunctionId[];
  result?: true | undefined;
  /** A thing one tries was named. */
  hasFunction: boolean;
  /** "What doesn't work is …": the function comes behind. */
  failsNext: boolean;
  /** What was said of several functions in one go. */
  saidOfAll: Draft[];
  /** Parts that were called fine as one thing, before a side was said. */
  clearedAsOne: string[];
  item?: string;
  gauge: boolean;
  both: boolean;
  isAll: boolean;
  isRest: boolean;
  deniedKinds: FindingKind[];
  /** What was denied since the last comma. */
  justDenied: FindingKind[];
  /** Something was denied, by whatever name. */
  hasDenied: boolean;
  /** Words of the talk up to the last part that a fault named before it was put on. */
  sharedTo: number;
  /** What follows is like the part before: "so is the bumper". */
  likewise: boolean;
  /** What was said before goes on over the part that follows. */
  onto: boolean;
  /** "That's just dirt": nothing that is denied here makes a part clear. */
  isDismissed: boolean;
  /** What the car has is told. */
  hasKit: boolean;
  /** A figure of services follows. */
  isServiced: boolean;
  /** "Nothing on …": what is named next is fine. */
  isNothing: boolean;
  /** Said of such cars, not of this one. */
  isOfSuch: boolean;
  isFine: boolean;
  isAfterNumber: boolean;
  /** "I was looking for rust": no fault is told, only looked for. */
  isLooking: boolean;
  /** Something is spoken of that the record has no part for: "the gear knob's worn". */
  isStranger: boolean;
  /** It is one the reader knows: nothing said of it is of a part. */
  isKnownStranger: boolean;
  lookedFor: FindingKind[];
}

export const fresh = (): Clause => ({
  denied: false,
  doubted: false,
  corrected: false,
  near: false,
  on: false,
  onAt: 0,
  onFrom: 0,
  nearAt: 0,
  side: {},
  sides: [],
  isTwo: false,
  isWalked: false,
  attributes: {},
  isOfSize: false,
  findings: [],
  floating: [],
  functions: [],
  hasFunction: false,
  failsNext: false,
  saidOfAll: [],
  clearedAsOne: [],
  gauge: false,
  both: false,
  isAll: false,
  isRest: false,
  deniedKinds: [],
  justDenied: [],
  hasDenied: false,
  sharedTo: -100,
  likewise: false,
  onto: false,
  isDismissed: false,
  hasKit: false,
  isServiced: false,
  isNothing: false,
  isOfSuch: false,
  isFine: false,
  isAfterNumber: false,
  isLooking: false,
  isStranger: false,
  isKnownStranger: false,
  lookedFor: [],
});
