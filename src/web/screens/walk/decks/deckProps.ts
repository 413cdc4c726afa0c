import type { PartId } from '#core/car';
import type { Coverage, Fact } from '#core/walk';
import type { OpenWalk } from '../../../sync/useWalk';
import type { Deck } from '../walkModel';

/** What every deck of the walk screen works with. */
export interface DeckProps {
  walk: OpenWalk;
  deck: Deck;
  setDeck: (deck: Deck) => void;
  /** The part one stands at. */
  here: PartId;
  cover: Coverage;
  goTo: (part: PartId) => void;
  say: (fact: Fact) => void;
  sayAndWalkOn: (fact: Fact) => void;
  step: (by: number) => void;
}
