import { useEffect, useRef } from 'react';

/*
 * The Back of a phone closes what was opened last, before it leaves a screen. While something is open, one entry of the browser's history
 * lies on top of the screen's own: going back to that one closes, and lays it on again while more is open. Entries are not taken away when
 * something is closed by its own button, since the browser does that later and any tap in between would meet the wrong page; with nothing
 * open, going back over the entry goes on to the page before.
 */
const MARK = 'zelkGuard';
/** The screen's own entry below it: a link to a place of the page makes an entry that has neither mark, and is no going back. */
const BELOW = 'zelkGuarded';

const layers: { close: () => void }[] = [];
let isOnGuard = false;

const has = (mark: string): boolean => (history.state as Record<string, unknown> | null)?.[mark] === true;
const marked = (): boolean => has(MARK);

function guard(): void {
  if (layers.length > 0 && !marked()) {
    const { [BELOW]: _, ...state } = (history.state ?? {}) as Record<string, unknown>;
    history.replaceState({ ...state, [BELOW]: true }, '', location.href);
    history.pushState({ ...state, [MARK]: true }, '', location.href);
  }
  isOnGuard = marked();
}

function wentBack(): void {
  const hasLeft = isOnGuard && has(BELOW);
  isOnGuard = marked();
  if (!hasLeft) return;
  const top = layers.at(-1);
  if (top) top.close();
  else history.back();
}

/** Once for the app: listens for the Back button, and forgets the guard of a screen that was left. */
export function useBackButton(screen: string): void {
  // biome-ignore lint/correctness/useExhaustiveDependencies: another screen has another entry.
  useEffect(() => {
    isOnGuard = marked();
    window.addEventListener('popstate', wentBack);
    return () => window.removeEventListener('popstate', wentBack);
  }, [screen]);
}

/** While something is open, Back closes it: what was opened last, first. */
export function useBackCloses(isOpen: boolean, close: () => void): void {
  const latest = useRef(close);
  latest.current = close;
  useEffect(() => {
    if (!isOpen) return;
    const layer = { close: () => latest.current() };
    layers.push(layer);
    guard();
    return () => {
      layers.splice(layers.indexOf(layer), 1);
      // What lies below it is still open, and must be guarded again.
      guard();
    };
  }, [isOpen]);
}

/** The same for what is only drawn while it is open: a panel, a dialog. */
export function BackCloses({ close }: { close: () => void }) {
  useBackCloses(true, close);
  return null;
}
