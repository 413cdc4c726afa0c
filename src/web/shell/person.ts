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

let remembered: string | null = null;

function walker(): string | null {
  try {
    return localStorage.getItem(KEY) ?? remembered;
  } catch {
    return remembered;
  }
}

export function chooseWalker(id: string): void {
  remembered = id;
  try {
    localStorage.setItem(KEY, id);
  } catch {
    // Storage that is refused or full: the choice lasts as long as the page.
  }
  for (const listener of listeners) listener();
}

/** Who is walking with this device; named on every entry it makes. */
export function useWalker(): string | undefined {
  return useSyncExternalStore(subscribe, walker) ?? undefined;
}
