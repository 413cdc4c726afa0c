import { useSyncExternalStore } from 'react';

const KEY = 'zelk.walker';
const listeners = new Set<() => void>();

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
};

export function chooseWalker(id: string): void {
  localStorage.setItem(KEY, id);
  for (const listener of listeners) listener();
}

/** Who is walking with this device; named on every entry it makes. */
export function useWalker(): string | undefined {
  return useSyncExternalStore(subscribe, () => localStorage.getItem(KEY)) ?? undefined;
}
