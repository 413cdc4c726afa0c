import { useCallback, useMemo } from 'react';
import { partNameForAnyone } from '#core/car';
import { coverage } from '#core/walk';
import { sentence } from '#core/wording';
import type { OpenWalk } from '../../sync/useWalk';
import { CoverageStrip } from './CoverageStrip';
import { DeckView } from './DeckView';
import { DeskMap } from './DeskMap';
import { KeyHelp } from './KeyHelp';
import { PhoneMap } from './PhoneMap';
import { middleHere } from './round';
import { useDrawnMap } from './useDrawnMap';
import { useIsDesk } from './useIsDesk';
import { useRound } from './useRound';
import { useWalkKeys } from './useWalkKeys';
import { WalkBar } from './WalkBar';
import type { Deck } from './walkModel';

/** While walking, the way round the car is in sight; with a finding in hand its part matters instead. */
const walking: ReadonlySet<Deck['mode']> = new Set(['stop', 'not-seen', 'photos', 'sweep', 'step-back']);
/** Lists to read need the room more than the map does. */
const reading: ReadonlySet<Deck['mode']> = new Set(['left', 'log', 'plan', 'conditions', 'statement']);

/** The walk itself: the car above, what to do at this stop below; beside each other on a desk. */
export function WalkRound({ walk }: { walk: OpenWalk }) {
  const { state, style, page } = walk;
  const { round, standing, act, actions } = useRound(walk);
  const { deck, isClose, isHelping } = round;
  const { here, partHere, face, route } = standing;
  const cover = useMemo(() => coverage(state, style), [state, style]);
  const drawn = useDrawnMap({ walk, round, standing, act });
  const undo = useCallback(() => act({ does: 'undo' }), [act]);
  const zoom = useCallback(() => act({ does: 'zoom' }), [act]);
  const help = useCallback(() => act({ does: 'help', isOn: true }), [act]);
  const middle = useMemo(() => middleHere({ partHere }), [partHere]);
  useWalkKeys({ ...actions, here, middle, face, undo, toggleClose: zoom, help, paused: isHelping });
  const isDesk = useIsDesk();
  return (
    <div className="flex h-dvh flex-col overflow-hidden">
      {isHelping && <KeyHelp onClose={() => act({ does: 'help', isOn: false })} />}
      <WalkBar
        walk={walk}
        onPlan={() => actions.setDeck({ mode: 'plan' })}
        onLog={() => actions.setDeck({ mode: 'log' })}
        onUndo={undo}
      />
      <CoverageStrip cover={cover} onOpen={() => actions.setDeck({ mode: 'left' })} />
      <div className="flex min-h-0 flex-1 max-lg:flex-col">
        {isDesk ? (
          <DeskMap {...drawn.map} plan={drawn.plan} face={drawn.face} />
        ) : (
          <PhoneMap
            map={drawn.map}
            face={drawn.face}
            isDrawnClose={drawn.isClose}
            isClose={isClose}
            canZoom={face === partHere?.face && deck.mode !== 'step-back'}
            onZoom={zoom}
            plan={walking.has(deck.mode) && drawn.plan}
          />
        )}
        <section
          aria-label={partHere ? sentence(partNameForAnyone(partHere, page.car)) : 'Stop'}
          className={`contain-content flex flex-col border-ink bg-sheet max-lg:border-t lg:w-96 lg:border-l ${reading.has(deck.mode) ? 'max-lg:max-h-[72dvh]' : 'max-lg:max-h-[54dvh]'}`}
        >
          <DeckView {...actions} {...{ walk, deck, here, face, cover, route }} />
        </section>
      </div>
    </div>
  );
}
