import { type RefObject, useLayoutEffect, useRef } from 'react';
import type { Box } from '#core/car';

const GLIDE_MS = 180;
const still = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

const show = (svg: SVGSVGElement, { x, y, width, height }: Box) =>
  svg.setAttribute('viewBox', `${x} ${y} ${width} ${height}`);

/**
 * Moves a drawing's view smoothly from box to box, so that the eye keeps its place on the car. It writes the view itself, frame by
 * frame: nothing is rendered anew while it moves. Under another key, or when told to jump, it is there at once.
 */
export function useGlide(
  svg: RefObject<SVGSVGElement | null>,
  { x, y, width, height }: Box,
  glideKey: string,
  jumps: boolean,
): void {
  const shown = useRef<{ key: string; box: Box }>(undefined);
  useLayoutEffect(() => {
    const element = svg.current;
    if (!element) return;
    const to = { x, y, width, height };
    const from = shown.current?.box;
    // Another face is another drawing: gliding across would only confuse.
    if (!from || shown.current?.key !== glideKey || jumps || still()) {
      shown.current = { key: glideKey, box: to };
      show(element, to);
      return;
    }
    const start = performance.now();
    let frame = requestAnimationFrame(function move(now) {
      const t = Math.min(1, Math.max(0, (now - start) / GLIDE_MS));
      const ease = 1 - (1 - t) ** 3;
      const at = (a: number, b: number) => a + (b - a) * ease;
      const box = {
        x: at(from.x, to.x),
        y: at(from.y, to.y),
        width: at(from.width, to.width),
        height: at(from.height, to.height),
      };
      shown.current = { key: glideKey, box };
      show(element, box);
      if (t < 1) frame = requestAnimationFrame(move);
    });
    return () => cancelAnimationFrame(frame);
  }, [svg, x, y, width, height, glideKey, jumps]);
}
