import { ConditionsDeck } from './decks/ConditionsDeck';
import type { DeckProps } from './decks/deckProps';
import { KindsDeck } from './decks/KindsDeck';
import { LeftDeck } from './decks/LeftDeck';
import { LogDeck } from './decks/LogDeck';
import { NotSeenDeck } from './decks/NotSeenDeck';
import { PhotosDeck } from './decks/PhotosDeck';
import { PlanDeck } from './decks/PlanDeck';
import { RefineDeck } from './decks/RefineDeck';
import { StatementDeck } from './decks/StatementDeck';
import { StepBackDeck } from './decks/StepBackDeck';
import { StopDeck } from './decks/StopDeck';
import { SweepDeck } from './decks/SweepDeck';

/** Shows the deck that is on. */
export function DeckView(props: DeckProps) {
  const { deck, walk } = props;
  switch (deck.mode) {
    case 'stop':
      return <StopDeck key={props.here} {...props} />;
    case 'sweep':
      return <SweepDeck {...props} />;
    case 'statement':
      return <StatementDeck {...props} />;
    case 'kinds':
      return <KindsDeck {...props} part={deck.part} spot={deck.spot} />;
    case 'refine': {
      const finding = walk.state.findings.find((candidate) => candidate.id === deck.finding);
      // An undo may have taken it away under the open deck.
      return finding ? (
        <RefineDeck key={finding.id} {...props} finding={finding} />
      ) : (
        <StopDeck key={props.here} {...props} />
      );
    }
    case 'not-seen':
      return <NotSeenDeck {...props} />;
    case 'photos':
      return <PhotosDeck {...props} />;
    case 'left':
      return <LeftDeck {...props} />;
    case 'log':
      return <LogDeck {...props} />;
    case 'plan':
      return <PlanDeck {...props} />;
    case 'conditions':
      return <ConditionsDeck {...props} />;
    case 'step-back':
      return <StepBackDeck {...props} />;
    default:
      return deck satisfies never;
  }
}
