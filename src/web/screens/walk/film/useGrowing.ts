import { type UIEvent, useState } from 'react';

/** So many rows fill any screen several times. */
const STEP = 40;
/** More rows come when the end is nearer than this, pixels. */
const NEAR_PX = 800;

/** The beginning of a long list, which grows as one comes to its end; a row that is in hand is always among it. */
export function useGrowing<T>(all: readonly T[], inHand: number) {
  const [most, setMost] = useState(STEP);
  const shown = all.slice(0, Math.max(most, inHand + STEP / 2));
  return {
    shown,
    onScroll: ({ currentTarget: { scrollTop, clientHeight, scrollHeight } }: UIEvent<HTMLElement>) => {
      if (scrollHeight - scrollTop - clientHeight < NEAR_PX && shown.length < all.length)
        setMost(shown.length + STEP);
    },
  };
}
