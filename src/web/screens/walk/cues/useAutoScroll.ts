import { type RefObject, useEffect, useRef } from 'react';

export type Pace = 'slow' | 'normal' | 'fast';

/** Pixels a second: large type at some 90, 130 and 180 words a minute. */
const speeds: Record<Pace, number> = { slow: 26, normal: 40, fast: 60 };

/** Rolls a box down while a pace is given, and says when its end is reached. */
export function useAutoScroll(
  box: RefObject<HTMLElement | null>,
  pace: Pace | undefined,
  onEnd: () => void,
): void {
  const end = useRef(onEnd);
  end.current = onEnd;
  useEffect(() => {
    const rolling = box.current;
    if (!rolling || !pace) return;
    // Kept apart from the box, which knows whole pixels only.
    let top = rolling.scrollTop;
    let last: number | undefined;
    let frame = requestAnimationFrame(function roll(now) {
      const stepPx = last === undefined ? 0 : ((now - last) / 1000) * speeds[pace];
      // A thumb that moved it has the last word.
      if (Math.abs(rolling.scrollTop - top) > 2) top = rolling.scrollTop;
      top += stepPx;
      last = now;
      rolling.scrollTop = top;
      if (rolling.scrollTop + rolling.clientHeight >= rolling.scrollHeight - 1) end.current();
      else frame = requestAnimationFrame(roll);
    });
    return () => cancelAnimationFrame(frame);
  }, [box, pace]);
}
