import { isInWalk } from './inWalk';

let take: (() => void) | undefined;
const listeners = new Set<() => void>();

/** Whether a newer Zelk is on this device and waits to be used. */
export const newer = {
  get: (): boolean => take !== undefined,
  /** It is here; `use` changes over to it. */
  arrived: (use: () => void): void => {
    take = use;
    for (const listener of listeners) listener();
  },
  subscribe: (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
};

/** Changes over to it, and opens the page anew. Not while somebody walks, in this window or another: gives back false then. */
export async function takeNewer(): Promise<boolean> {
  if (!take || (await isInWalk())) return false;
  take();
  return true;
}
