import { useEffect, useRef } from 'react';

/** Without a stream it is asked so often; with one only to be sure. */
const ASK_MS = 20_000;
const SURE_MS = 300_000;

/** Calls `onNews` when the server says that there is some, and now and then by itself where no stream comes through. */
export function useLive(url: string | undefined, onNews: () => void): void {
  const latest = useRef(onNews);
  latest.current = onNews;
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
    const timer = setInterval(() => {
      if (document.visibilityState !== 'visible') return;
      if (Date.now() - asked >= (isStreaming ? SURE_MS : ASK_MS)) ask();
    }, ASK_MS / 4);
    return () => {
      source.close();
      clearInterval(timer);
    };
  }, [url]);
}
