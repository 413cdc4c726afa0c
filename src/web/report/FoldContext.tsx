import { createContext, type ReactNode, useContext, useEffect, useMemo, useState } from 'react';
import type { ChapterId } from '#core/report';
import { reveal } from './reveal';

interface Folding {
  /** Everything is unfolded: to read on, to print, to look for a word. */
  isAllOpen: boolean;
  openAll: (isOpen: boolean) => void;
  /** What a chapter comes to, in a few words. */
  lineOf: (chapter: ChapterId) => string | undefined;
}

const FoldContext = createContext<Folding>({ isAllOpen: true, openAll: () => {}, lineOf: () => undefined });
export const useFolding = (): Folding => useContext(FoldContext);

/** So long a chapter that still travels is waited for. */
const WAIT_MS = 10_000;

/** Goes to a place as soon as it is on the page: what is far down comes a moment after the head. Gives back how to stop. */
function revealOnceThere(hash: string): () => void {
  if (reveal(hash)) return () => {};
  const watch = new MutationObserver(() => reveal(hash) && watch.disconnect());
  watch.observe(document.body, { childList: true, subtree: true });
  const timer = setTimeout(() => watch.disconnect(), WAIT_MS);
  return () => {
    clearTimeout(timer);
    watch.disconnect();
  };
}

/** Lets chapters fold: closed at first, opened by the hand, by a link into them, by a search of the browser, all at once, and for paper. */
export function Foldable({ lineOf, children }: { lineOf: Folding['lineOf']; children: ReactNode }) {
  const [isAllOpen, openAll] = useState(false);
  useEffect(() => {
    let stop = revealOnceThere(location.hash);
    const onHash = () => {
      stop();
      stop = revealOnceThere(location.hash);
    };
    // The same link again changes no hash.
    const onClick = ({ target }: MouseEvent) => {
      const link = target instanceof Element ? target.closest('a[href^="#"]') : null;
      if (link) setTimeout(() => reveal(link.getAttribute('href') ?? ''));
    };
    const onPrint = () => openAll(true);
    addEventListener('hashchange', onHash);
    addEventListener('beforeprint', onPrint);
    document.addEventListener('click', onClick);
    return () => {
      stop();
      removeEventListener('hashchange', onHash);
      removeEventListener('beforeprint', onPrint);
      document.removeEventListener('click', onClick);
    };
  }, []);
  useEffect(() => {
    // What folds within a chapter opens with it.
    if (isAllOpen)
      for (const each of document.querySelectorAll<HTMLDetailsElement>('main details')) each.open = true;
  }, [isAllOpen]);
  const value = useMemo(() => ({ isAllOpen, openAll, lineOf }), [isAllOpen, lineOf]);
  return <FoldContext value={value}>{children}</FoldContext>;
}
