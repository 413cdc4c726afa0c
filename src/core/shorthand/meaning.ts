import type { Hand, PartKind } from '../car';
import type { Amount, Cure, FindingKind, NoticeDistance, Severity, StoredDecision, Sureness } from '../walk';

export type End = 'front' | 'rear';
/** Words for a side that depend on the country and on who sits where. */
export type SideWord = 'nearside' | 'offside' | 'driver' | 'passenger';

/** What a word or phrase may stand for. Lists are in order of likelihood; the part and the car's style decide. */
export type Meaning =
  | { slot: 'place'; hand?: Hand; sideWord?: SideWord; end?: End }
  | { slot: 'part'; kinds: readonly PartKind[]; end?: End; sideWord?: SideWord }
  | { slot: 'kind'; kinds: readonly FindingKind[] }
  | { slot: 'count'; count: number }
  | { slot: 'nail'; answer: 'glides' | 'just-catches' | 'catches' | 'under-film' }
  | { slot: 'feel'; answer: 'not-felt' | 'slight' | 'clear-edge' }
  | { slot: 'wipe'; answer: 'gone' | 'fainter' | 'stays' }
  | { slot: 'notice'; notice: NoticeDistance }
  | { slot: 'severity'; severity: Severity }
  | { slot: 'amount'; amount: Amount }
  /** What would mend it; how sure, where it was said. */
  | { slot: 'cure'; cure: Cure; sure?: Sureness }
  | { slot: 'decision'; decision: StoredDecision['is'] }
  | { slot: 'suspected' }
  | { slot: 'correction' }
  /** Says that something is not there. */
  | { slot: 'denial' }
  | { slot: 'filler' };
