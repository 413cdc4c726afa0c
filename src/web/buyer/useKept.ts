import { useEffect } from 'react';
import { fetchLater } from '../report/later';
import { keepPageOffline } from './arrival/keepPageOffline';
import type { ReadPage } from './readPage';

/** So long the page stands before it is kept: nothing that is being read waits for it. */
const SETTLED_MS = 3000;

/** Lets what was read once open again without signal: the page with its report, and pictures as they are seen. */
export function useKept(path: string, page: ReadPage): void {
  useEffect(() => {
    // Read from the phone itself, it is kept already, with the day it is of.
    if (location.search !== '' || page.keptAt) return;
    const timer = setTimeout(() => {
      // What opens later is fetched now: without signal it is wanted too.
      void fetchLater().then(() => keepPageOffline([], { path, body: JSON.stringify(page) }));
    }, SETTLED_MS);
    return () => clearTimeout(timer);
  }, [path, page]);
}
