import { type PointerEvent, useRef } from 'react';
import type { Vec2 } from '#core/picture';

interface Pointers {
  onDown: (at: Vec2) => void;
  onMove: (at: Vec2) => void;
  onUp: () => void;
  /** Two fingers: so much farther apart than before, about their middle. What one finger began, two undo. */
  onPinch: (at: Vec2, by: number) => void;
}

/** One finger or the mouse, or two fingers, on an element; places in its own pixels. */
export function usePointers({ onDown, onMove, onUp, onPinch }: Pointers) {
  const fingers = useRef(new Map<number, Vec2>());
  const apart = useRef<number>(undefined);
  const placeOf = (event: PointerEvent<Element>): Vec2 => {
    const box = event.currentTarget.getBoundingClientRect();
    return [event.clientX - box.left, event.clientY - box.top];
  };
  const pinch = () => {
    const [a, b] = [...fingers.current.values()];
    if (!a || !b) return;
    const now = Math.hypot(a[0] - b[0], a[1] - b[1]);
    onPinch([(a[0] + b[0]) / 2, (a[1] + b[1]) / 2], apart.current ? now / apart.current : 1);
    apart.current = now;
  };
  const lift = (event: PointerEvent<Element>) => {
    if (!fingers.current.delete(event.pointerId)) return;
    apart.current = undefined;
    if (fingers.current.size === 0) onUp();
  };
  return {
    onPointerDown: (event: PointerEvent<Element>) => {
      const at = placeOf(event);
      event.currentTarget.setPointerCapture(event.pointerId);
      fingers.current.set(event.pointerId, at);
      if (fingers.current.size === 1) onDown(at);
    },
    onPointerMove: (event: PointerEvent<Element>) => {
      if (!fingers.current.has(event.pointerId)) return;
      fingers.current.set(event.pointerId, placeOf(event));
      if (fingers.current.size === 2) pinch();
      else if (fingers.current.size === 1) onMove(placeOf(event));
    },
    onPointerUp: lift,
    onPointerCancel: lift,
  };
}
