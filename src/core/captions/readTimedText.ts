import type { Caption } from './caption';
import { secondsOf } from './captionTime';

/** "[0:12] text", "(00:12) text", "1:02:03 - text", or the time on a line of its own. */
const LINE = /^[[(]?\s*((?:\d{1,3}:)?\d{1,3}:\d{2}(?:[.,]\d{1,3})?)\s*[\])]?\s*[-–—:]?\s*(.*)$/;

const timeOf = (line: string) => {
  const match = LINE.exec(line);
  const startS = secondsOf(match?.[1] ?? '');
  return match && startS !== undefined ? { startS, rest: match[2] ?? '' } : undefined;
};

/** Captions of a text with times before its lines; undefined when no line begins with one. A line without goes on from the one before. */
export function readTimedText(text: string): Caption[] | undefined {
  const captions: (Caption & { startS: number })[] = [];
  let first = '';
  for (const raw of text.split('\n')) {
    const line = raw.trim();
    if (line === '') continue;
    const timed = timeOf(line);
    const last = captions.at(-1);
    if (timed) captions.push({ text: timed.rest, startS: timed.startS });
    else if (last) last.text = [last.text, line].filter(Boolean).join('\n');
    else first = [first, line].filter(Boolean).join('\n');
  }
  if (captions.length === 0) return undefined;
  return first === '' ? captions : [{ text: first, startS: captions[0]?.startS ?? 0 }, ...captions];
}
