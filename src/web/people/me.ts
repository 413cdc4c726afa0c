import { createContext, useContext } from 'react';
import type { Me } from '#core/api';
import type { Act } from '#core/people';

/** Somebody signed in on this device. */
export type Known = NonNullable<Me['me']>;

const KEY = 'zelk.me';

function kept(): Known | undefined {
  try {
    return (JSON.parse(localStorage.getItem(KEY) ?? 'null') as Known | null) ?? undefined;
  } catch {
    return undefined;
  }
}

const listeners = new Set<() => void>();
let known = kept();

/** Who is signed in as far as this device knows: it opens without signal for whoever was here last. */
export const whoIsHere = {
  get: (): Known | undefined => known,
  set: (now: Known | undefined): void => {
    if (JSON.stringify(now) === JSON.stringify(known)) return;
    known = now;
    try {
      if (now) localStorage.setItem(KEY, JSON.stringify(now));
      else localStorage.removeItem(KEY);
    } catch {
      // Storage that is refused or full: it holds as long as the page.
    }
    for (const listener of listeners) listener();
  },
  subscribe: (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
};

export const MeContext = createContext<Known | undefined>(undefined);

/** Whoever is signed in; there is always somebody behind the gate. */
export function useMe(): Known {
  const me = useContext(MeContext);
  if (!me) throw new Error('useMe needs somebody signed in');
  return me;
}

/** Who is named on the entries this device makes. */
export const useWalker = (): string => useMe().person;

/** Whether whoever is here may do something: what they may not is not shown to them. */
export const useMay = (act: Act): boolean => useMe().may.includes(act);
