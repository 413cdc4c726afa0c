import { ConditionsDeck } from './ConditionsDeck';
import type { DeckProps } from './deckProps';
import { KindsDeck } from './KindsDeck';
import { LeftDeck } from './LeftDeck';
import { LogDeck } from './LogDeck';
import { NotSeenDeck } from './NotSeenDeck';
import { PhotosDeck } from './PhotosDeck';
import { PlanDeck } from './PlanDeck';
import { RefineDeck } from './RefineDeck';
import { StatementDeck } from './StatementDeck';
import { StepBackDeck } from './StepBackDeck';
import { StopDeck } from './StopDeck';
import { SweepDeck } from './SweepDeck';

/** Every deck but the stop's: fetched once the walk stands. */
export function LaterDeck(props: DeckProps) {
  const { deck, walk } = props;
  switch (deck.mode) {
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
    case 'stop':
      return null;
    default:
      return deck satisfies never;
  }
}
