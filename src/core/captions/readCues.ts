import { parseText } from 'media-captions';
import type { Caption } from './caption';
import { secondsOf } from './captionTime';

const ARROW = '-->';
/** Start and end as WebVTT and SubRip write them, whatever settings follow. */
const TIMES = /^\s*(\S+)\s+-->\s+(\S+)/;

/** The reader drops what has no length. */
const SHORTEST_S = 0.1;

function clock(seconds: number, isVtt: boolean): string {
  const ms = Math.round(seconds * 1000);
  const padded = (value: number, digits: number) => String(value).padStart(digits, '0');
  const [h, m, s] = [Math.floor(ms / 3_600_000), Math.floor(ms / 60_000) % 60, Math.floor(ms / 1000) % 60];
  return `${padded(h, 2)}:${padded(m, 2)}:${padded(s, 2)}${isVtt ? '.' : ','}${padded(ms % 1000, 3)}`;
}

/** Whether a text is captions with arrows between their times. */
export const hasCues = (text: string): boolean => text.includes(ARROW);

/**
 * Captions of a WebVTT or SubRip file. A caption whose times cannot be read is taken to follow the one before: what was said is not lost for a slip of a
 * program's. Tells how many were.
 */
export async function readCues(
  text: string,
): Promise<{ isVtt: boolean; captions: Caption[]; unreadable: number }> {
  const isVtt = /^\s*WEBVTT\b/.test(text);
  let unreadable = 0;
  let last = 0;
  const lines = text.split('\n').map((line) => {
    if (!line.includes(ARROW)) return line;
    const [, start = '', end = ''] = TIMES.exec(line) ?? [];
    const [from, to] = [secondsOf(start), secondsOf(end)];
    const isRead = from !== undefined && to !== undefined;
    if (!isRead) unreadable++;
    const begins = isRead ? from : last;
    last = Math.max(begins + SHORTEST_S, isRead ? to : 0);
    // Settings behind the times only say where on the screen it is shown; some programs write one form's times in the other's file.
    return `${clock(begins, isVtt)} ${ARROW} ${clock(last, isVtt)}`;
  });
  const { cues } = await parseText(lines.join('\n'), { type: isVtt ? 'vtt' : 'srt', strict: false });
  return {
    isVtt,
    captions: cues.map(({ text: said, startTime, endTime }) => ({
      text: said,
      startS: startTime,
      endS: Math.max(startTime, endTime),
    })),
    unreadable,
  };
}
