import { type PointerEvent, type RefObject, useCallback, useEffect, useRef, useState } from 'react';
import type { Box, Point } from '#core/car';
import { panned, zoomed } from './zoom';

/** A finger that moved less than this tapped. CSS pixels. */
const SLOP_PX = 9;
const SWIPE_PX = 56;
const WHEEL_STEP = 1.0015;

interface Gestures {
  svg: RefObject<SVGSVGElement | null>;
  /** The view without the person's own zooming. */
  base: Box;
  whole: Box;
  /** Changes when there is something else to look at: own zooming ends. */
  subject: string;
  /** Begins a stroke at a place of the drawing if there is something to be drawn; false leaves the finger to pan. */
  onStrokeStart?: (at: Point) => boolean;
  onStrokeMove?: (at: Point) => void;
  onStrokeEnd?: () => void;
  /** A swipe over the whole, unzoomed face. */
  onSwipe?: (way: 'left' | 'right') => void;
}

type Finger = { start: Point; last: Point };
type Mode = 'none' | 'tap' | 'stroke' | 'pan' | 'pinch';

/** Pinch, wheel, pan, swipe and drawing on a face; a plain tap stays a click on the part under it. */
export function useMapGestures(gestures: Gestures) {
  const { svg, base, whole, subject, onSwipe } = gestures;
  const [own, setOwn] = useState<{ subject: string; view: Box }>();
  const view = own?.subject === subject ? own.view : base;
  const latest = useRef({ ...gestures, view });
  latest.current = { ...gestures, view };
  const fingers = useRef(new Map<number, Finger>());
  const mode = useRef<Mode>('none');
  /** A drag ended just now: the click that follows it is not a tap. */
  const dragged = useRef(false);

  const toDrawing = useCallback(
    ([x, y]: Point): Point => {
      const rect = svg.current?.getBoundingClientRect();
      const { view: now } = latest.current;
      if (!rect || rect.width === 0 || rect.height === 0) return [now.x, now.y];
      // By the view as it will be drawn: the screen may be a movement behind.
      return [
        now.x + ((x - rect.left) / rect.width) * now.width,
        now.y + ((y - rect.top) / rect.height) * now.height,
      ];
    },
    [svg],
  );

  /** Several movements may come before the next frame: each goes on from the one before. */
  const show = useCallback((next: Box) => {
    latest.current.view = next;
    setOwn({ subject: latest.current.subject, view: next });
  }, []);

  useEffect(() => {
    const element = svg.current;
    if (!element) return;
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const by = WHEEL_STEP ** -event.deltaY;
      show(zoomed(latest.current.view, by, toDrawing([event.clientX, event.clientY]), latest.current.whole));
    };
    element.addEventListener('wheel', wheel, { passive: false });
    return () => element.removeEventListener('wheel', wheel);
  }, [svg, toDrawing, show]);

  const onPointerDown = (event: PointerEvent<SVGSVGElement>) => {
    const at: Point = [event.clientX, event.clientY];
    if (fingers.current.size === 0) dragged.current = false;
    fingers.current.set(event.pointerId, { start: at, last: at });
    mode.current = fingers.current.size === 2 ? 'pinch' : 'tap';
    if (mode.current === 'pinch') dragged.current = true;
  };

  const onPointerMove = (event: PointerEvent<SVGSVGElement>) => {
    const finger = fingers.current.get(event.pointerId);
    if (!finger) return;
    const at: Point = [event.clientX, event.clientY];
    const before = finger.last;
    if (mode.current === 'tap' && Math.hypot(at[0] - finger.start[0], at[1] - finger.start[1]) > SLOP_PX) {
      dragged.current = true;
      event.currentTarget.setPointerCapture(event.pointerId);
      mode.current = latest.current.onStrokeStart?.(toDrawing(finger.start)) ? 'stroke' : 'pan';
    }
    if (mode.current === 'stroke') latest.current.onStrokeMove?.(toDrawing(at));
    // Swiping the whole face turns the car; only a face drawn near is moved about.
    else if (mode.current === 'pan' && (own?.subject === subject || !onSwipe)) move(before, at);
    else if (mode.current === 'pinch') pinch(event.pointerId, before, at);
    finger.last = at;
  };

  const move = (from: Point, to: Point) => {
    const [a, b] = [toDrawing(from), toDrawing(to)];
    show(panned(latest.current.view, [a[0] - b[0], a[1] - b[1]], whole));
  };

  const pinch = (id: number, from: Point, to: Point) => {
    const other = [...fingers.current].find(([key]) => key !== id)?.[1].last;
    if (!other) return;
    const span = (point: Point) => Math.max(1, Math.hypot(point[0] - other[0], point[1] - other[1]));
    show(zoomed(latest.current.view, span(to) / span(from), toDrawing(other), whole));
  };

  const onPointerUp = (event: PointerEvent<SVGSVGElement>) => {
    const finger = fingers.current.get(event.pointerId);
    fingers.current.delete(event.pointerId);
    if (!finger) return;
    if (mode.current === 'stroke') latest.current.onStrokeEnd?.();
    if (mode.current === 'pan' && own?.subject !== subject) {
      const [dx, dy] = [finger.last[0] - finger.start[0], finger.last[1] - finger.start[1]];
      if (Math.abs(dx) > SWIPE_PX && Math.abs(dx) > 1.5 * Math.abs(dy)) onSwipe?.(dx < 0 ? 'left' : 'right');
    }
    if (fingers.current.size === 0) mode.current = 'none';
  };

  return {
    view,
    isOwnView: own?.subject === subject,
    /** True for the click that ends a drag. */
    wasDragged: useCallback(() => dragged.current, []),
    handlers: { onPointerDown, onPointerMove, onPointerUp, onPointerCancel: onPointerUp },
  };
}
