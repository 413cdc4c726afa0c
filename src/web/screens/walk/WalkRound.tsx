import { Maximize2, Minimize2 } from 'lucide-react';
import { useCallback, useDeferredValue, useMemo, useRef, useState } from 'react';
import { type FaceId, middleOf, type PartId, partNameForAnyone, sentence } from '#core/car';
import {
  coverage,
  type Fact,
  measureExtent,
  nextLeft,
  oneMoreAt,
  partStatus,
  routeOf,
  type Spot,
} from '#core/walk';
import { type Drawing, FaceMap } from '../../map/FaceMap';
import { faceAround, TurningPlan } from '../../map/TurningPlan';
import type { OpenWalk } from '../../sync/useWalk';
import { CoverageStrip } from './CoverageStrip';
import { DeckView } from './DeckView';
import { DeskMap } from './DeskMap';
import { KeyHelp } from './KeyHelp';
import { useIsDesk } from './useIsDesk';
import { useWalkKeys } from './useWalkKeys';
import { WalkBar } from './WalkBar';
import { type Deck, faceOf, formOf, partTouchedBy, progressOf, toMapFinding } from './walkModel';

/** Two taps closer than this are one, by the usual time of a double tap. */
const DOUBLE_TAP_MS = 300;

/** While walking, the way round the car is in sight; with a finding in hand its part matters instead. */
const walking: ReadonlySet<Deck['mode']> = new Set(['stop', 'not-seen', 'photos', 'step-back']);
/** Lists to read need the room more than the map does. */
const reading: ReadonlySet<Deck['mode']> = new Set(['left', 'log', 'plan', 'conditions']);

/** The walk itself: the car above, what to do at this stop below; beside each other on a desk. */
export function WalkRound({ walk }: { walk: OpenWalk }) {
  const { state, style, page, record } = walk;
  const [deck, setDeck] = useState<Deck>({ mode: 'stop' });
  const [turnedTo, setTurnedTo] = useState<FaceId>();
  const [close, setClose] = useState(true);
  const [helping, setHelping] = useState(false);
  const desk = useIsDesk();

  const route = useMemo(() => routeOf(state, style), [state, style]);
  const here: PartId = state.at && style.parts.has(state.at) ? state.at : (route[0]?.part ?? '');
  const partHere = style.parts.get(here);
  const face = turnedTo ?? faceOf(style, here) ?? 'left';
  const findings = useMemo(() => state.findings.map(toMapFinding), [state]);
  const progress = useMemo(() => progressOf(state, style), [state, style]);
  const cover = useMemo(() => coverage(state, style), [state, style]);
  const statusOf = useCallback((part: PartId) => partStatus(state, part), [state]);

  const goTo = useCallback(
    (part: PartId) => {
      setTurnedTo(undefined);
      setDeck({ mode: 'stop' });
      if (part !== here) record({ kind: 'stop-reached', body: { part } });
    },
    [here, record],
  );
  const say = useCallback(
    (...facts: Fact[]) => {
      record(...facts);
    },
    [record],
  );
  const walkedOnAt = useRef(Number.NEGATIVE_INFINITY);
  /** One tap says what there is to say here and walks on to the next part not looked at. */
  const sayAndWalkOn = useCallback(
    (fact: Fact) => {
      // A cold thumb that taps twice means once: the next part must not be called clear unseen.
      const now = performance.now();
      if (now - walkedOnAt.current < DOUBLE_TAP_MS) return;
      walkedOnAt.current = now;
      const next = nextLeft(state, style, here);
      setTurnedTo(undefined);
      setDeck(next ? { mode: 'stop' } : { mode: 'left' });
      record(fact, ...(next ? [{ kind: 'stop-reached' as const, body: { part: next.part } }] : []));
    },
    [record, state, style, here],
  );
  const step = useCallback(
    (by: number) => {
      const at = route.findIndex((stop) => stop.part === here);
      const stop = route[(at + by + route.length) % route.length];
      if (stop) goTo(stop.part);
    },
    [route, here, goTo],
  );
  const undo = useCallback(() => {
    const entry = state.undoable.at(-1);
    if (!entry) return;
    const part = partTouchedBy(walk, entry);
    const back: Fact[] = part && part !== here ? [{ kind: 'stop-reached', body: { part } }] : [];
    record({ kind: 'undone', body: { entry } }, ...back);
    setTurnedTo(undefined);
    setDeck((now) => (now.mode === 'log' ? now : { mode: 'stop' }));
  }, [walk, state, here, record]);

  const refined = deck.mode === 'refine' ? state.findings.find(({ id }) => id === deck.finding) : undefined;
  const drawing = useMemo((): Drawing | undefined => {
    const part = refined && style.parts.get(refined.part);
    const form = part && formOf(refined.kind, part);
    if (!refined || !part || !form) return undefined;
    return {
      part: part.id,
      form,
      onExtent: (extent) =>
        record({
          kind: 'finding-amended',
          body: { finding: refined.id, changes: { extent, ...measureExtent(extent, part) } },
        }),
    };
  }, [refined, style, record]);

  // The drawing on the screen may be a frame behind the walk: a tap on it must meet the walk as it is.
  const now = useRef({ here, refined, drawing, goTo });
  now.current = { here, refined, drawing, goTo };
  const onPart = useCallback(
    (part: PartId, spot: Spot) => {
      const { here, refined, drawing, goTo } = now.current;
      // Peppering: with a chip open, every further tap on its part is one more.
      if (refined && drawing?.form === 'dots' && part === refined.part)
        record({
          kind: 'finding-amended',
          body: { finding: refined.id, changes: oneMoreAt(refined, spot) },
        });
      else if (part === here) setDeck({ mode: 'kinds', part, spot });
      else goTo(part);
    },
    [record],
  );
  const onSwipe = useCallback(
    (way: 'left' | 'right') => setTurnedTo((now) => faceAround(now ?? face, way === 'left' ? 1 : -1)),
    [face],
  );
  const toggleClose = useCallback(() => setClose((now) => !now), []);
  const help = useCallback(() => setHelping(true), []);
  const middle = useMemo(() => (partHere ? middleOf(partHere) : { u: 0.5, v: 0.5 }), [partHere]);
  useWalkKeys({
    here,
    middle,
    face,
    setDeck,
    sayAndWalkOn,
    step,
    undo,
    turn: setTurnedTo,
    toggleClose,
    help,
    paused: helping,
  });

  const pending = deck.mode === 'kinds' ? deck : undefined;
  const isSteppedBack = deck.mode === 'step-back';
  // The words change with the tap; the drawing follows a frame later, so that no tap waits for it.
  const drawn = useDeferredValue(
    useMemo(
      () => ({
        face,
        isClose: close && !isSteppedBack && face === partHere?.face,
        map: {
          style,
          speech: page.car,
          statusOf,
          findings,
          current: here,
          pending,
          drawing,
          onPart,
          onStep: goTo,
          onSwipe,
        },
        plan: (
          <TurningPlan
            style={style}
            face={face}
            speech={page.car}
            progress={progress}
            route={route}
            here={here}
            onFace={setTurnedTo}
          />
        ),
      }),
      [
        face,
        close,
        isSteppedBack,
        partHere,
        style,
        page.car,
        statusOf,
        findings,
        here,
        pending,
        drawing,
        onPart,
        goTo,
        onSwipe,
        progress,
        route,
      ],
    ),
  );
  const showsPlan = walking.has(deck.mode);
  return (
    <div className="flex h-dvh flex-col overflow-hidden">
      {helping && <KeyHelp onClose={() => setHelping(false)} />}
      <WalkBar
        walk={walk}
        onPlan={() => setDeck({ mode: 'plan' })}
        onLog={() => setDeck({ mode: 'log' })}
        onUndo={undo}
      />
      <CoverageStrip cover={cover} onOpen={() => setDeck({ mode: 'left' })} />
      <div className="flex min-h-0 flex-1 max-lg:flex-col">
        {desk ? (
          <DeskMap {...drawn.map} plan={drawn.plan} face={drawn.face} />
        ) : (
          <section aria-label="The car" className="flex min-h-0 flex-1 flex-col px-2 pt-1">
            {showsPlan && drawn.plan}
            <div className="relative min-h-0 flex-1 contain-strict">
              <FaceMap
                {...drawn.map}
                face={drawn.face}
                close={drawn.isClose}
                className="absolute inset-0 size-full touch-none"
              />
              {face === partHere?.face && !isSteppedBack && (
                <button
                  type="button"
                  aria-label={close ? 'Show the whole side' : 'Show this part large'}
                  onClick={() => setClose(!close)}
                  className="absolute right-0 bottom-1 grid size-12 place-items-center rounded-md border border-line bg-ground/90"
                >
                  {close ? <Minimize2 aria-hidden size={22} /> : <Maximize2 aria-hidden size={22} />}
                </button>
              )}
            </div>
          </section>
        )}
        <section
          aria-label={partHere ? sentence(partNameForAnyone(partHere, page.car)) : 'Stop'}
          className={`contain-content flex flex-col border-ink bg-sheet max-lg:border-t lg:w-96 lg:border-l ${reading.has(deck.mode) ? 'max-lg:max-h-[72dvh]' : 'max-lg:max-h-[54dvh]'}`}
        >
          <DeckView
            {...{
              walk,
              deck,
              setDeck,
              here,
              face,
              turn: setTurnedTo,
              goTo,
              say,
              sayAndWalkOn,
              step,
              cover,
              route,
            }}
          />
        </section>
      </div>
    </div>
  );
}
