import { FetchedPiece, fetchedScreen } from '../../../shell/RouteBoundary';
import type { DeckProps } from './decks/deckProps';
import { knownHere, notThereOnly, treadEntry } from './decks/readPieces';
import { StopDeck } from './decks/StopDeck';

const laterDeck = fetchedScreen(() => import('./decks/LaterDeck').then((file) => file.LaterDeck));
/** Fetches the decks before one is asked for, so that no tap waits and they open without signal. */
export const fetchDecks = () => {
  for (const piece of [laterDeck, knownHere, notThereOnly, treadEntry]) void piece.fetch();
};

/** Shows the deck that is on: the stop's is there with the walk, the others come after it. */
export function DeckView(props: DeckProps) {
  if (props.deck.mode === 'stop') return <StopDeck key={props.here} {...props} />;
  return <FetchedPiece screen={laterDeck} meanwhile={<div className="min-h-96" />} {...props} />;
}
