import { useCallback, useDeferredValue, useEffect, useMemo, useState } from 'react';
import { partNameForAnyone } from '#core/car';
import { leftElsewhere } from '#core/readings';
import type { Draft } from '#core/speech';
import { coverage } from '#core/walk';
import { sentence } from '#core/wording';
import { useStayAwake } from '../../../device/useStayAwake';
import { PlaceRow } from '../../../map/PlaceRow';
import { TurningPlan } from '../../../map/TurningPlan';
import { useInWalk } from '../../../offline/inWalk';
import { FetchedPiece, fetchedScreen } from '../../../shell/RouteBoundary';
import type { OpenWalk } from '../../../sync/useWalk';
import { CoverageStrip } from './CoverageStrip';
import { DeckView, fetchDecks } from './DeckView';
import { DeskMap } from './DeskMap';
import { JustSaid } from './JustSaid';
import { PhoneMap } from './PhoneMap';
import { middleHere } from './round';
import { Sheet } from './Sheet';
import { useDrawnMap } from './useDrawnMap';
import { useIsDesk } from './useIsDesk';
import { useRound } from './useRound';
import { useWalkKeys, walkKeyHelp } from './useWalkKeys';
import { WalkBar } from './WalkBar';
import type { Deck } from './walkModel';

/** Lists to read need the room more than the map does. */
const reading: ReadonlySet<Deck['mode']> = new Set(['left', 'log', 'plan', 'conditions', 'statement']);

const keyHelp = fetchedScreen(() => import('./KeyHelp').then((file) => file.KeyHelp));

/** A frame or two after the first picture. */
const AFTER_OPENING_MS = 100;

/** The walk itself: the car above, what to do at this stop below; beside each other on a desk. */
export function WalkRound({ walk }: { walk: OpenWalk }) {
  const { state, style, page } = walk;
  const { round, standing, act, actions } = useRound(walk);
  const { deck, isClose, isHelping } = round;
  const { here, partHere, face, route } = standing;
  const cover = useMemo(() => coverage(state, style), [state, style]);
  // A tap does not wait for it.
  const settled = useDeferredValue(state);
  const elsewhere = useMemo(() => leftElsewhere(settled, page.car), [settled, page.car]);
  const [heard, showHeard] = useState<readonly Draft[]>([]);
  const drawn = useDrawnMap({ walk, round, standing, act, heard });
  // Once the walk stands: until then they would only take its time.
  useEffect(() => {
    const timer = setTimeout(fetchDecks, AFTER_OPENING_MS);
    return () => clearTimeout(timer);
  }, []);
  useStayAwake();
  useInWalk();
  const { setDeck } = actions;
  const toPlan = useCallback(() => setDeck({ mode: 'plan' }), [setDeck]);
  const toLog = useCallback(() => setDeck({ mode: 'log' }), [setDeck]);
  const undo = useCallback(() => act({ does: 'undo' }), [act]);
  const zoom = useCallback(() => act({ does: 'zoom' }), [act]);
  const help = useCallback(() => act({ does: 'help', isOn: true }), [act]);
  // Where a mark is best seen on a part takes longer to find than all else of a tap: it is found when somebody asks for it.
  const middle = useCallback(() => middleHere({ partHere }), [partHere]);
  useWalkKeys({ ...actions, here, middle, face, undo, toggleClose: zoom, help, paused: isHelping });
  const isDesk = useIsDesk();
  const label = partHere ? sentence(partNameForAnyone(partHere, page.car)) : 'Stop';
  const hand = <DeckView {...actions} {...{ walk, deck, here, face, cover, route, showHeard }} />;
  return (
    <div className="flex h-dvh flex-col overflow-x-hidden overflow-y-auto">
      {isHelping && (
        <FetchedPiece
          screen={keyHelp}
          keys={walkKeyHelp}
          onClose={() => act({ does: 'help', isOn: false })}
        />
      )}
      <WalkBar
        walk={page.walk}
        car={page.car}
        canUndo={state.undoable.length > 0}
        onPlan={toPlan}
        onLog={toLog}
        onUndo={undo}
      />
      {/* With large letters, or enlarged, it is higher than the screen, and scrolls as a whole. */}
      <main className="flex min-h-0 flex-1 flex-col max-lg:portrait:min-h-[32rem] max-lg:landscape:min-h-[17rem]">
        <CoverageStrip
          cover={cover}
          elsewhere={elsewhere}
          onOpen={() => actions.setDeck({ mode: 'left' })}
          onPlan={toPlan}
        />
        <div className="flex min-h-0 flex-1 max-lg:portrait:flex-col">
          {isDesk ? (
            <DeskMap
              {...drawn.map}
              plan={<TurningPlan {...drawn.plan} />}
              said={<JustSaid walk={walk} here={here} onUndo={undo} />}
              face={drawn.face}
            />
          ) : (
            <PhoneMap
              map={drawn.map}
              face={drawn.face}
              isDrawnClose={drawn.isClose}
              isClose={isClose}
              canZoom={face === partHere?.face && deck.mode !== 'step-back'}
              onZoom={zoom}
              said={<JustSaid walk={walk} here={here} onUndo={undo} />}
              plan={<PlaceRow {...drawn.plan} />}
            />
          )}
          {isDesk ? (
            <section
              aria-label={label}
              className="contain-content flex w-96 flex-col border-l border-ink bg-sheet"
            >
              {hand}
            </section>
          ) : (
            <Sheet key={deck.mode} label={label} opensAt={reading.has(deck.mode) ? 'full' : 'half'}>
              {hand}
            </Sheet>
          )}
        </div>
      </main>
    </div>
  );
}
