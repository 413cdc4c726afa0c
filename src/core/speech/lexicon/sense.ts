import type { Hand, PartKind } from '../../car';
import type { FunctionId, WarningLampId } from '../../functions';
import type {
  Amount,
  Cure,
  FindingKind,
  NoticeDistance,
  Severity,
  StoredDecision,
  StoredDetails,
  Sureness,
} from '../../walk';

export type End = 'front' | 'rear';
export type SideWord = 'nearside' | 'offside' | 'driver' | 'passenger';
/** Where one walks to. */
export type Toward = 'front' | 'rear' | 'side' | 'other-side' | 'inside' | 'on';
export type Figure = 'odometer' | 'keys' | 'keepers' | 'services';

/** What a word or phrase of the talk does. Lists are in order of likelihood; the part and the car's style decide. */
export type Sense =
  | { is: 'side'; hand?: Hand; sideWord?: SideWord; end?: End }
  | { is: 'part'; kinds: readonly PartKind[]; end?: End; sideWord?: SideWord; isMany?: true }
  | { is: 'fault'; kinds: readonly FindingKind[]; isMany?: true }
  /** All is well with it. */
  | { is: 'fine' }
  /** There is none of what follows. */
  | { is: 'deny' }
  /** What follows is not denied any more: but, apart from. */
  | { is: 'turn' }
  | { is: 'count'; count: number }
  | { is: 'amount'; amount: Amount }
  | { is: 'severity'; severity: Severity }
  | { is: 'test'; of: Pick<StoredDetails, 'nail' | 'feel' | 'wipe'> }
  | { is: 'notice'; notice: NoticeDistance }
  | { is: 'cure'; cure: Cure; sure?: Sureness }
  | { is: 'decision'; decision: StoredDecision['is'] }
  | { is: 'doubt' }
  | { is: 'correct' }
  /** What follows tells where, and is not the part itself: below, next to. */
  | { is: 'near' }
  /** What follows is the part itself: on, in. */
  | { is: 'on' }
  | { is: 'move'; to: Toward }
  /** Both of a pair, all four. */
  | { is: 'both'; isAll?: true }
  | { is: 'same' }
  /** The same part on the other side. */
  | { is: 'other'; isSame?: true }
  /** One of those that are spoken of: "the front one". */
  | { is: 'one'; hand?: Hand; end?: End }
  /** What follows is said of such cars, not of this one; and that it holds of this one too. */
  | { is: 'such' }
  | { is: 'indeed' }
  /** What follows was looked for. */
  | { is: 'looking' }
  /** All that was not named: the rest, everywhere. */
  | { is: 'rest' }
  /** `works` where the phrase says that too. */
  | { is: 'function'; ids: readonly FunctionId[]; works?: true }
  | { is: 'works' }
  | { is: 'fails' }
  | { is: 'lamp'; lamp: WarningLampId }
  | { is: 'lamps' }
  | { is: 'item'; item: string }
  | { is: 'figure'; of: Figure }
  /** A gauge is being read. */
  | { is: 'gauge' }
  | { is: 'filler' };
