import { useEffect, useRef, useState } from 'react';
import type { Box } from '#core/car';

const GLIDE_MS = 180;
const still = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

/** Moves a view smoothly from box to box, so that the eye keeps its place on the car. */
export function useGlide(target: Box, glideKey: string): Box {
  const [box, setBox] = useState(target);
  const shown = useRef(target);
  const key = useRef(glideKey);
  const { x, y, width, height } = target;
  useEffect(() => {
    const to = { x, y, width, height };
    const show = (next: Box) => {
      shown.current = next;
      setBox(next);
    };
    // Another face is another drawing: gliding across would only confuse.
    if (key.current !== glideKey || still()) {
      key.current = glideKey;
      show(to);
      return;
    }
    const from = shown.current;
    const start = performance.now();
    let frame = requestAnimationFrame(function move(now) {
      const t = Math.min(1, (now - start) / GLIDE_MS);
      const ease = 1 - (1 - t) ** 3;
      const at = (a: number, b: number) => a + (b - a) * ease;
      show({
        x: at(from.x, to.x),
        y: at(from.y, to.y),
        width: at(from.width, to.width),
        height: at(from.height, to.height),
      });
      if (t < 1) frame = requestAnimationFrame(move);
    });
    return () => cancelAnimationFrame(frame);
  }, [x, y, width, height, glideKey]);
  return box;
}
