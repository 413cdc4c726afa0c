import { useSyncExternalStore } from 'react';

// Asked at every drawing of a screen: made once.
const wide = window.matchMedia('(min-width: 1024px)');
const watch = (listener: () => void) => {
  wide.addEventListener('change', listener);
  return () => wide.removeEventListener('change', listener);
};

/** Wide enough to lay all faces of the car round the plan. */
export function useIsDesk(): boolean {
  return useSyncExternalStore(watch, () => wide.matches);
}
