import { useEffect, useRef } from 'react';

/** Without a stream it is asked so often; with one only to be sure. */
const ASK_MS = 20_000;
const SURE_MS = 300_000;
/** Coming back twice within this is one coming back. */
const BACK_MS = 1000;

/** Calls `onNews` when the server says that there is some, and now and then by itself where no stream comes through. */
export function useLive(
  url: string | undefined,
  onNews: () => void,
  /** Told how many entries the walk has now, where the stream tells it. */
  onLog?: (entries: number) => void,
): void {
  const latest = useRef(onNews);
  latest.current = onNews;
  const log = useRef(onLog);
  log.current = onLog;
  useEffect(() => {
    if (!url) return;
    let isStreaming = false;
    let asked = Date.now();
    const ask = () => {
      asked = Date.now();
      latest.current();
    };
    const source = new EventSource(url);
    source.addEventListener('open', () => {
      // What came while nobody listened is asked for once it is back.
      if (asked < Date.now() - ASK_MS) ask();
      isStreaming = true;
    });
    source.addEventListener('error', () => {
      isStreaming = false;
    });
    source.addEventListener('news', ask);
    source.addEventListener('log', (event) => log.current?.(Number((event as MessageEvent<string>).data)));
    // Back at the page, or back in reach: somebody else may have gone on meanwhile.
    const back = () => {
      if (document.visibilityState === 'visible' && Date.now() - asked > BACK_MS) ask();
    };
    const returns = ['focus', 'online', 'pageshow'] as const;
    for (const each of returns) window.addEventListener(each, back);
    document.addEventListener('visibilitychange', back);
    const timer = setInterval(() => {
      if (document.visibilityState !== 'visible') return;
      if (Date.now() - asked >= (isStreaming ? SURE_MS : ASK_MS)) ask();
    }, ASK_MS / 4);
    return () => {
      source.close();
      clearInterval(timer);
      for (const each of returns) window.removeEventListener(each, back);
      document.removeEventListener('visibilitychange', back);
    };
  }, [url]);
}
