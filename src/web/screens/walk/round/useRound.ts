import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Fact } from '#core/walk';
import { useBackCloses } from '../../../device/backCloses';
import { buzz } from '../../../device/habits';
import type { OpenWalk } from '../../../sync/useWalk';
import { addressOf, deckAt } from './deckAddress';
import type { DeckProps } from './decks/deckProps';
import { afterAction, beginning, type Round, type RoundAction, standingOf } from './round';

type DeckActions = Pick<DeckProps, 'setDeck' | 'turn' | 'goTo' | 'say' | 'sayAndWalkOn' | 'step'>;

/** What the hand should feel: that a part is done, or a fault taken down. */
const felt: ReadonlySet<Fact['kind']> = new Set([
  'part-cleared',
  'part-not-seen',
  'finding-noted',
  'sweep-made',
]);

/** A turn of the map takes some 200 ms. */
const SETTLES_MS = 250;

/** Keeps the round beside its walk. Actions stay the same from drawing to drawing, and meet walk and round as they are by then. */
export function useRound(walk: OpenWalk) {
  const [round, setRound] = useState((): Round => ({ ...beginning, deck: deckAt(location.search) }));
  // The drawing on the screen may be a frame behind: a tap on it must meet the walk as it is.
  const latest = useRef<{ walk: OpenWalk; round: Round }>({ walk, round });
  latest.current.walk = walk;
  const record = useCallback((...facts: Fact[]) => {
    latest.current.walk.record(...facts);
    if (facts.some(({ kind }) => felt.has(kind))) buzz();
  }, []);
  const act = useCallback(
    (action: RoundAction) => {
      const { walk: now, round: before } = latest.current;
      const { round: after, facts } = afterAction(before, action, now);
      latest.current.round = after;
      setRound(after);
      if (facts.length > 0) record(...facts);
    },
    [record],
  );
  const actions = useMemo(
    (): DeckActions => ({
      setDeck: (deck) => act({ does: 'open', deck }),
      turn: (to) => act({ does: 'turn', to }),
      goTo: (part) => act({ does: 'go-to', part }),
      say: record,
      sayAndWalkOn: (fact) => act({ does: 'walk-on', fact, atMs: performance.now() }),
      step: (by) => act({ does: 'step', by }),
    }),
    [act, record],
  );
  // The map turns first, and nothing waits for the deck; who turns on at once is only passing.
  const isTurned = round.turnedTo !== undefined && round.deck.mode === 'stop';
  const { turnedTo } = round;
  // biome-ignore lint/correctness/useExhaustiveDependencies: turning on begins the wait anew.
  useEffect(() => {
    if (!isTurned) return;
    const timer = setTimeout(() => act({ does: 'settle' }), SETTLES_MS);
    return () => clearTimeout(timer);
  }, [isTurned, turnedTo, act]);
  // Going back to the walk from another screen opens the deck one left it by; the browser's own history is not told twice.
  const address = addressOf(round.deck);
  useEffect(() => {
    if (location.search !== address) history.replaceState(history.state, '', location.pathname + address);
  }, [address]);
  useBackCloses(round.deck.mode !== 'stop', () => act({ does: 'open', deck: { mode: 'stop' } }));
  const standing = useMemo(() => standingOf(walk, round), [walk, round]);
  return { round, standing, act, actions };
}
