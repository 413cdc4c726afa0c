import { type RefObject, useLayoutEffect, useRef } from 'react';
import type { Box } from '#core/car';
import { boxUnder, type Shift, shiftTo } from './glideBoxes';

const GLIDE_MS = 180;
const still = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

interface Gliding {
  key: string;
  box: Box;
  shift?: Shift;
  motion?: Animation;
}

/** What the eye sees of it at this moment. */
function seen({ box, shift, motion }: Gliding): Box {
  const progress = motion?.effect?.getComputedTiming().progress ?? 1;
  return shift ? boxUnder(box, shift, progress) : box;
}

/**
 * Moves a drawing's view smoothly from box to box, so that the eye keeps its place on the car. It is drawn once, as it will be, and the browser's
 * compositor slides the picture there: neither script nor layout runs while it moves. Under another key, or when told to jump, it is there at once.
 */
export function useGlide(
  svg: RefObject<SVGSVGElement | null>,
  { x, y, width, height }: Box,
  glideKey: string,
  jumps: boolean,
): void {
  const shown = useRef<Gliding>(undefined);
  useLayoutEffect(() => {
    const element = svg.current;
    if (!element) return;
    const box = { x, y, width, height };
    const before = shown.current;
    const from = before && seen(before);
    before?.motion?.cancel();
    element.setAttribute('viewBox', `${x} ${y} ${width} ${height}`);
    shown.current = { key: glideKey, box };
    // Another face is another drawing: gliding across would only confuse.
    if (!from || before.key !== glideKey || jumps || still()) return;
    const shift = shiftTo(box, from);
    const motion = element.animate(
      [
        {
          transform: `translate(${shift.x * 100}%, ${shift.y * 100}%) scale(${shift.scaleX}, ${shift.scaleY})`,
          transformOrigin: '0 0',
          // What lies beside the new view is still to be seen on the way.
          overflow: 'visible',
        },
        { transform: 'none', transformOrigin: '0 0', overflow: 'visible' },
      ],
      { duration: GLIDE_MS, easing: 'cubic-bezier(0.215, 0.61, 0.355, 1)' },
    );
    shown.current = { key: glideKey, box, shift, motion };
  }, [svg, x, y, width, height, glideKey, jumps]);
}
