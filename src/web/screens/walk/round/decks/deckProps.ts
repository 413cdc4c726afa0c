import type { FaceId, PartId } from '#core/car';
import type { Stop } from '#core/route';
import type { Draft } from '#core/speech';
import type { Coverage, Fact } from '#core/walk';
import type { OpenWalk } from '../../../../sync/useWalk';
import type { Deck } from '../walkModel';

/** What every deck of the walk screen works with. */
export interface DeckProps {
  walk: OpenWalk;
  deck: Deck;
  setDeck: (deck: Deck) => void;
  /** The part one stands at. */
  here: PartId;
  /** The face one looks at. */
  face: FaceId;
  /** Looks at another face; back at the part one stands at when none is given. */
  turn: (face: FaceId | undefined) => void;
  cover: Coverage;
  route: readonly Stop[];
  goTo: (part: PartId) => void;
  say: (...facts: Fact[]) => void;
  sayAndWalkOn: (fact: Fact) => void;
  step: (by: number) => void;
  /** Draws what was heard and is not logged yet on the map. */
  showHeard: (drafts: readonly Draft[]) => void;
}
