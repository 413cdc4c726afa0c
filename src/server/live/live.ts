import type { Response } from 'express';
import { Problem } from '../problems';

/** So many pages may listen at once: a listener costs a connection. Others ask now and then. */
const MOST = 500;
const HEARTBEAT_MS = 25_000;

const NEWS = 'event: news\ndata: \n\n';
const logNow = (entries: number): string => `event: log\ndata: ${entries}\n\n`;

/** Tells open pages that there is something new about a walk; never what: each page asks for what it may see. */
export function makeLive() {
  const listeners = new Map<string, Set<Response>>();
  /** Pages of the yard, which are told how long the log has become: they fetch it when it is longer than theirs. */
  const ofYard = new WeakSet<Response>();
  let count = 0;

  const leave = (walk: string, response: Response) => {
    const here = listeners.get(walk);
    if (!here?.delete(response)) return;
    count--;
    if (here.size === 0) listeners.delete(walk);
  };

  return {
    /** Keeps an answer open as a stream of server-sent events until its page goes; a page of the yard is told how long the log is. Throws a Problem when too many listen. */
    listen: (walk: string, response: Response, entries?: number): void => {
      if (count >= MOST)
        throw new Problem(
          503,
          'too-many-listeners',
          'Too many pages are open',
          'The page asks for news by itself.',
        );
      response.writeHead(200, {
        'Content-Type': 'text/event-stream',
        // Whatever gathers bytes on the way would hold the news back.
        'Cache-Control': 'no-store, no-transform',
        'X-Accel-Buffering': 'no',
      });
      response.write('retry: 5000\n\n');
      if (entries !== undefined) {
        ofYard.add(response);
        // What came while the page was on its way here.
        response.write(logNow(entries));
      }
      const here = listeners.get(walk) ?? new Set();
      listeners.set(walk, here.add(response));
      count++;
      const beat = setInterval(() => response.write(': \n\n'), HEARTBEAT_MS);
      response.on('close', () => {
        clearInterval(beat);
        leave(walk, response);
      });
    },
    tell: (walk: string): void => {
      for (const response of listeners.get(walk) ?? []) response.write(NEWS);
    },
    /** The log of a walk has grown to so many entries. Readers learn that there is news, and not how many. */
    tellLog: (walk: string, entries: number): void => {
      for (const response of listeners.get(walk) ?? [])
        response.write(ofYard.has(response) ? logNow(entries) : NEWS);
    },
    /** Lets every page go, when the server stops. */
    end: (): void => {
      for (const here of listeners.values()) for (const response of here) response.end();
    },
  };
}

export type Live = ReturnType<typeof makeLive>;
