import { type Dispatch, type SetStateAction, useEffect, useRef, useState } from 'react';
import { orderCorners, type Vec2 } from '#core/picture';
import { snapCorners } from '../../../pictures/pictureWorker';
import { type Measuring, withMoved, withTap } from './measuring';
import { wholeBlob } from './usePicture';

/** A finger this near to a point, screen pixels, takes it up. */
const GRAB_PX = 22;
/** So far round a side its edge is looked for, screen pixels, and never fewer of the picture. */
const REACH_PX = 14;
const LEAST_REACH = 8;

export type Snapping = 'not-yet' | 'busy' | 'done' | 'failed';

/** Placing, moving and snapping the points of a measuring. */
export function useMeasurePoints({
  measuring,
  setMeasuring,
  sha256,
  local,
}: {
  measuring: Measuring;
  setMeasuring: Dispatch<SetStateAction<Measuring>>;
  sha256: string;
  local: Blob | undefined;
}) {
  const held = useRef<number>(undefined);
  const blob = useRef<Blob>(undefined);
  const [snap, setSnap] = useState<Snapping>('not-yet');
  const scale = useRef(1);

  const snapCard = async (corners: readonly Vec2[], zoom: number) => {
    const ordered = orderCorners(corners);
    if (!ordered) return;
    setSnap('busy');
    try {
      blob.current ??= await wholeBlob(local, sha256);
      const snapped = await snapCorners(blob.current, ordered, Math.max(LEAST_REACH, REACH_PX / zoom));
      setMeasuring((now) => (now.by === 'card' ? { ...now, scalePoints: snapped } : now));
      setSnap('done');
    } catch {
      setSnap('failed');
    }
  };

  useEffect(() => {
    const nudge = (event: KeyboardEvent) => {
      const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
      if (!way || (event.target as HTMLElement).matches('input, select, textarea')) return;
      event.preventDefault();
      setMeasuring((now) => {
        const points = [...now.scalePoints, ...now.markPoints];
        const last = points.at(-1);
        if (!last) return now;
        const by = 1 / scale.current;
        return withMoved(now, points.length - 1, [
          last[0] + (way[0] as number) * by,
          last[1] + (way[1] as number) * by,
        ]);
      });
    };
    window.addEventListener('keydown', nudge);
    return () => window.removeEventListener('keydown', nudge);
  }, [setMeasuring]);

  return {
    snap,
    down(at: Vec2, zoom: number) {
      scale.current = zoom;
      const points = [...measuring.scalePoints, ...measuring.markPoints];
      const near = points.findIndex(([x, y]) => Math.hypot(x - at[0], y - at[1]) * zoom < GRAB_PX);
      held.current = near >= 0 ? near : undefined;
    },
    move(at: Vec2) {
      const { current } = held;
      if (current !== undefined) setMeasuring((now) => withMoved(now, current, at));
    },
    up(at: Vec2) {
      if (held.current !== undefined) {
        held.current = undefined;
        return;
      }
      const next = withTap(measuring, at);
      setMeasuring(next);
      if (next.by === 'card' && next.scalePoints.length === 4 && measuring.scalePoints.length === 3)
        void snapCard(next.scalePoints, scale.current);
    },
  };
}
