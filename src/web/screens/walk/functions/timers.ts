import { useEffect, useState } from 'react';

/** The time, once a second while it is wanted. */
export function useNow(isWanted: boolean): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!isWanted) return;
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, [isWanted]);
  return now;
}

/** In the morning one looks what the night did: from six o'clock of the day after. */
const MORNING_HOUR = 6;

/** Milliseconds until a test that was begun tells something; 0 when it does. */
export function timeLeftMs(begunAt: string, takes: number | 'overnight', now: number): number {
  const begun = new Date(begunAt);
  const ready =
    takes === 'overnight'
      ? new Date(begun.getFullYear(), begun.getMonth(), begun.getDate() + 1, MORNING_HOUR).getTime()
      : begun.getTime() + takes * 1000;
  // A clock read a moment before the test began must not make it longer.
  return Math.max(0, ready - Math.max(now, begun.getTime()));
}

/** "2:05", "until tomorrow morning", "look now". */
export function timeLeftWords(leftMs: number, takes: number | 'overnight'): string {
  if (leftMs === 0) return 'look now';
  if (takes === 'overnight') return 'look in the morning';
  const seconds = Math.ceil(leftMs / 1000);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/** "3 min", "20 s", "overnight". */
export const takesWords = (takes: number | 'overnight'): string =>
  takes === 'overnight' ? 'overnight' : takes < 60 ? `${takes} s` : `${Math.round(takes / 60)} min`;
