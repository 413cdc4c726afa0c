import { useCallback, useDeferredValue, useMemo } from 'react';
import type { FaceId, PartId } from '#core/car';
import type { Draft } from '#core/speech';
import { partStatus } from '#core/walk';
import { ghostsOf } from '../../../heard/ghosts';
import type { Drawing } from '../../../map/FaceMap';
import type { OpenWalk } from '../../../sync/useWalk';
import { concernsOf } from './concernsOf';
import type { Round, RoundAction, Standing } from './round';
import { progressOf, toMapFinding } from './walkModel';

interface DrawnMapInputs {
  walk: OpenWalk;
  round: Round;
  standing: Standing;
  act: (action: RoundAction) => void;
  /** Said in a line, and not logged yet. */
  heard: readonly Draft[];
}

/** What the map shows, a frame behind the words: they change with the tap, and no tap waits for the drawing. */
export function useDrawnMap({ walk, round, standing, act, heard }: DrawnMapInputs) {
  const { state, style, page } = walk;
  const { deck, isClose } = round;
  const { face, here, partHere, route, drawn } = standing;
  const ghosts = useMemo(() => ghostsOf(heard, style), [heard, style]);
  const findings = useMemo(
    () => [
      ...state.findings.map((finding) => toMapFinding(finding, style.parts.get(finding.part))),
      ...ghosts,
    ],
    [state, style, ghosts],
  );
  const progress = useMemo(() => progressOf(state, style), [state, style]);
  const concerns = concernsOf(walk);
  const statusOf = useCallback((part: PartId) => partStatus(state, part, concerns), [state, concerns]);
  const drawing = useMemo(
    (): Drawing | undefined =>
      drawn && {
        part: drawn.part.id,
        form: drawn.form,
        onExtent: (extent) => act({ does: 'draw', extent }),
      },
    [drawn, act],
  );
  // The mark that waits for its kind would lie on top of what is said instead.
  const pending = deck.mode === 'kinds' && ghosts.length === 0 ? deck : undefined;
  const isSteppedBack = deck.mode === 'step-back';
  return useDeferredValue(
    useMemo(
      () => ({
        face,
        isClose: isClose && !isSteppedBack && face === partHere?.face,
        map: {
          style,
          speech: page.car,
          statusOf,
          findings,
          current: here,
          pending,
          drawing,
          onPart: (part: PartId, spot: { u: number; v: number }) => act({ does: 'tap', part, spot }),
          onStep: (part: PartId) => act({ does: 'go-to', part }),
          onSwipe: (way: 'left' | 'right') => act({ does: 'swipe', way }),
        },
        plan: {
          style,
          face,
          speech: page.car,
          progress,
          route,
          here,
          onFace: (to: FaceId) => act({ does: 'turn', to }),
        },
      }),
      [
        face,
        isClose,
        isSteppedBack,
        partHere,
        style,
        page.car,
        statusOf,
        findings,
        here,
        pending,
        drawing,
        act,
        progress,
        route,
      ],
    ),
  );
}
