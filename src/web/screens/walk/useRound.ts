import { useCallback, useMemo, useRef, useState } from 'react';
import type { OpenWalk } from '../../sync/useWalk';
import type { DeckProps } from './decks/deckProps';
import { afterAction, beginning, type Round, type RoundAction, standingOf } from './round';

type DeckActions = Pick<DeckProps, 'setDeck' | 'turn' | 'goTo' | 'say' | 'sayAndWalkOn' | 'step'>;

/** Keeps the round beside its walk. Actions stay the same from drawing to drawing, and meet walk and round as they are by then. */
export function useRound(walk: OpenWalk) {
  const [round, setRound] = useState(beginning);
  // The drawing on the screen may be a frame behind: a tap on it must meet the walk as it is.
  const latest = useRef<{ walk: OpenWalk; round: Round }>({ walk, round });
  latest.current.walk = walk;
  const act = useCallback((action: RoundAction) => {
    const { walk: now, round: before } = latest.current;
    const { round: after, facts } = afterAction(before, action, now);
    latest.current.round = after;
    setRound(after);
    if (facts.length > 0) now.record(...facts);
  }, []);
  const actions = useMemo(
    (): DeckActions => ({
      setDeck: (deck) => act({ does: 'open', deck }),
      turn: (to) => act({ does: 'turn', to }),
      goTo: (part) => act({ does: 'go-to', part }),
      say: (...facts) => latest.current.walk.record(...facts),
      sayAndWalkOn: (fact) => act({ does: 'walk-on', fact, atMs: performance.now() }),
      step: (by) => act({ does: 'step', by }),
    }),
    [act],
  );
  const standing = useMemo(() => standingOf(walk, round), [walk, round]);
  return { round, standing, act, actions };
}
