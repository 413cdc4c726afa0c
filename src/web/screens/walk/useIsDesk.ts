import { useSyncExternalStore } from 'react';

const query = '(min-width: 1024px)';

/** Wide enough to lay all faces of the car round the plan. */
export function useIsDesk(): boolean {
  return useSyncExternalStore(
    (listener) => {
      const media = window.matchMedia(query);
      media.addEventListener('change', listener);
      return () => media.removeEventListener('change', listener);
    },
    () => window.matchMedia(query).matches,
  );
}
