import type { Hand, PartKind } from '../../car';
import type { FunctionId, WarningLampId } from '../../functions';
import type { SmellId } from '../../kit';
import type {
  Amount,
  Cure,
  Dirt,
  FindingKind,
  HowBad,
  Light,
  NoticeDistance,
  StoredDecision,
  StoredDetails,
  StoryAbout,
  Sureness,
  Wet,
} from '../../walk';

export type End = 'front' | 'rear';
export type SideWord = 'nearside' | 'offside' | 'driver' | 'passenger';
/** Where one walks to. */
export type Toward = 'front' | 'rear' | 'side' | 'other-side' | 'inside';
/** A word of depth: of the step of a kind that is told with it. */
export type Depth = 'hairline' | 'lacquer' | 'primer' | 'metal' | 'deep';
export type Figure = 'odometer' | 'keys' | 'keepers' | 'services';

/** What a word or phrase of the talk does. Lists are in order of likelihood; the part and the car's style decide. */
export type Sense =
  | { is: 'side'; hand?: Hand; sideWord?: SideWord; end?: End }
  /** `isMass` where the name is that of one thing in several parts: a carpet, a bench. */
  | { is: 'part'; kinds: readonly PartKind[]; end?: End; sideWord?: SideWord; isMany?: true; isMass?: true }
  | { is: 'fault'; kinds: readonly FindingKind[]; isMany?: true }
  /** All is well with it; `isNone` where it is said that there is nothing: what is listed behind it is not there either. */
  | { is: 'fine'; isNone?: true }
  /** There is none of what follows; `isNothing` where the part that follows has nothing at all. */
  | { is: 'deny'; isNothing?: true }
  /** What was pointed at is no fault: "that's just dirt". */
  | { is: 'dismiss' }
  /** A question: what follows is not told yet. */
  | { is: 'asking' }
  /** What follows is not denied any more: but, apart from. A weak one ("has") only where something was denied already. */
  | { is: 'turn'; isWeak?: true }
  | { is: 'count'; count: number }
  | { is: 'amount'; amount: Amount }
  /** `isSize` where the word is one of size: of a dent it does not say how deep it is. */
  | { is: 'severity'; howBad: HowBad; isSize?: true }
  /** How deep it goes, by a word that only some kinds have a step for. */
  | { is: 'depth'; depth: Depth }
  | { is: 'test'; of: Pick<StoredDetails, 'nail' | 'feel' | 'wipe'> }
  | { is: 'notice'; notice: NoticeDistance }
  /** `decision` where the same words promise it. */
  | { is: 'cure'; cure: Cure; sure?: Sureness; decision?: StoredDecision['is'] }
  | { is: 'decision'; decision: StoredDecision['is'] }
  | { is: 'doubt' }
  | { is: 'correct' }
  /** What follows tells where, and is not the part itself: below, next to. */
  | { is: 'near' }
  /** What follows is the part itself: on, in, of; a loose one ("along") only where no part was named with the fault. */
  | { is: 'on'; isLoose?: true }
  /** It goes on over the part that follows. */
  | { is: 'onto' }
  /** The part that follows is like the one before: "so is". */
  | { is: 'likewise' }
  /** Where on a part: its edge, by its handle. */
  | { is: 'spot' }
  /** A thing on or in the car that the record has no part for. */
  | { is: 'stranger' }
  | { is: 'move'; to: Toward }
  /** Both of a pair, all four; `isNone` where it is of none of them. */
  | { is: 'both'; isAll?: true; isNone?: true }
  | { is: 'same' }
  /** The same part on the other side. */
  | { is: 'other'; isSame?: true }
  /** One of those that are spoken of: "the front one". */
  | { is: 'one'; hand?: Hand; sideWord?: SideWord; end?: End }
  /** What follows is said of such cars, not of this one; and that it holds of this one too. */
  | { is: 'such' }
  | { is: 'indeed' }
  /** What follows was looked for. */
  | { is: 'looking' }
  /** All that was not named: the rest, everywhere. */
  | { is: 'rest' }
  /** `works` where the phrase says that too. */
  | { is: 'function'; ids: readonly FunctionId[]; works?: boolean }
  /** `isVerb` where it only does so at the end of a breath: "the heater does". */
  | { is: 'works'; isVerb?: true }
  | { is: 'fails' }
  | { is: 'lamp'; lamp: WarningLampId }
  | { is: 'lamps' }
  | { is: 'item'; item: string }
  | { is: 'figure'; of: Figure }
  /** "Neither has anything": whatever might be wrong. */
  | { is: 'anything' }
  /** What was named was not tried. */
  | { is: 'untried' }
  /** The figure of services comes behind: "serviced eight times". */
  | { is: 'serviced' }
  /** A gauge is being read. */
  | { is: 'gauge' }
  /** What the car has: "comes with", "specced with". */
  | { is: 'has' }
  /** Light, wet and dirt one walks in. */
  | { is: 'condition'; light?: Light; wet?: Wet; dirt?: Dirt }
  /** What the cabin smells of; of nothing. */
  | { is: 'smell'; smell?: SmellId }
  /** Something of the car's story, told in the sentence it stands in. */
  | { is: 'story'; about: StoryAbout }
  | { is: 'filler' };

/** Phrases, parted by a bar, and what each of them does. */
export type Table = readonly (readonly [phrases: string, sense: Sense])[];

/** The phrases of a row, one by one. */
export const phrasesIn = (row: Table[number]): string[] => row[0].split('|').map((phrase) => phrase.trim());

export const part = (
  kinds: readonly PartKind[],
  more: { end?: End; sideWord?: SideWord; isMany?: true; isMass?: true } = {},
): Sense => ({
  is: 'part',
  kinds,
  ...more,
});
export const fault = (...kinds: FindingKind[]): Sense => ({ is: 'fault', kinds });
export const manyFaults = (...kinds: FindingKind[]): Sense => ({ is: 'fault', kinds, isMany: true });
export const runs = (...ids: FunctionId[]): Sense => ({ is: 'function', ids });
export const lamp = (id: WarningLampId): Sense => ({ is: 'lamp', lamp: id });
export const item = (id: string): Sense => ({ is: 'item', item: id });
export const figure = (of: Figure): Sense => ({ is: 'figure', of });
