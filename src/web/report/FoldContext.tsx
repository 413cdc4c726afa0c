import { createContext, type ReactNode, useContext, useEffect, useMemo, useState } from 'react';
import type { ChapterId } from '#core/report';

interface Folding {
  /** Everything is unfolded: to read on, to print, to look for a word. */
  isAllOpen: boolean;
  openAll: (isOpen: boolean) => void;
  /** What a chapter comes to, in a few words. */
  lineOf: (chapter: ChapterId) => string | undefined;
}

const FoldContext = createContext<Folding>({ isAllOpen: true, openAll: () => {}, lineOf: () => undefined });
export const useFolding = (): Folding => useContext(FoldContext);

/** Opens whatever a place lies in, and goes there: browsers that do it themselves have then nothing left to do. */
function reveal(hash: string): void {
  const place = hash.length > 1 ? document.getElementById(decodeURIComponent(hash.slice(1))) : null;
  if (!place) return;
  const within = place.querySelector(':scope > details');
  for (let at: Element | null = within ?? place; at; at = at.parentElement)
    if (at instanceof HTMLDetailsElement) at.open = true;
  place.scrollIntoView();
}

/** Lets chapters fold: closed at first, opened by the hand, by a link into them, by a search of the browser, all at once, and for paper. */
export function Foldable({ lineOf, children }: { lineOf: Folding['lineOf']; children: ReactNode }) {
  const [isAllOpen, openAll] = useState(false);
  useEffect(() => {
    const onHash = () => reveal(location.hash);
    // The same link again changes no hash.
    const onClick = ({ target }: MouseEvent) => {
      const link = target instanceof Element ? target.closest('a[href^="#"]') : null;
      if (link) setTimeout(() => reveal(link.getAttribute('href') ?? ''));
    };
    const onPrint = () => openAll(true);
    onHash();
    addEventListener('hashchange', onHash);
    addEventListener('beforeprint', onPrint);
    document.addEventListener('click', onClick);
    return () => {
      removeEventListener('hashchange', onHash);
      removeEventListener('beforeprint', onPrint);
      document.removeEventListener('click', onClick);
    };
  }, []);
  const value = useMemo(() => ({ isAllOpen, openAll, lineOf }), [isAllOpen, lineOf]);
  return <FoldContext value={value}>{children}</FoldContext>;
}
