import { type RefObject, useEffect } from 'react';

/** So far before the end comes into sight. */
const AHEAD = '600px';

/** Asks for more before somebody who scrolls has come to the end; the button stays for those who do not scroll. */
export function useNearEnd(end: RefObject<HTMLElement | null>, hasMore: boolean, ask: () => unknown): void {
  useEffect(() => {
    if (!hasMore || !end.current) return;
    const watch = new IntersectionObserver(
      (seen) => seen.some(({ isIntersecting }) => isIntersecting) && ask(),
      {
        rootMargin: AHEAD,
      },
    );
    watch.observe(end.current);
    return () => watch.disconnect();
  }, [end, hasMore, ask]);
}
