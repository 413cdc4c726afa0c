import { MOST_WORDS } from '../speech';
import type { Caption, CaptionFormat, CaptionNote, CaptionsRead } from './caption';
import { hasCues, readCues } from './readCues';
import { readJson } from './readJson';
import { readTimedText } from './readTimedText';
import { toTalk } from './toTalk';

/** Three hours of talk have about 5,400. */
export const MOST_CAPTIONS = 20_000;

/**
 * Reads the captions of a film or sound: WebVTT (W3C), SubRip, JSON of speech-to-text (segments with start, end, text and words), a text with times before its
 * lines, or a plain text. Puts them in order of time, and says what was odd; what cannot be taken comes back as an issue, never half.
 */
export async function readCaptions(raw: string): Promise<CaptionsRead> {
  const text = raw
    .replaceAll('\r\n', '\n')
    .replaceAll('\r', '\n')
    .replace(/^\uFEFF/, '');
  // A file of WebVTT whose captions are all gone still has its head.
  if (text.replace(/^\s*WEBVTT\b.*/, '').trim() === '') return { ok: false, issue: { code: 'empty' } };
  if (isBinary(text)) return { ok: false, issue: { code: 'not-text' } };
  const lines = countOf(text, '\n') + 1;
  if (hasCues(text)) {
    const cues = countOf(text, '-->');
    if (cues > MOST_CAPTIONS) return tooLong(cues);
    const { isVtt, captions, unreadable } = await readCues(text);
    return finished(isVtt ? 'webvtt' : 'subrip', captions, unreadable);
  }
  if (/^\s*[[{]\s*["{[]/.test(text)) return readJsonText(text);
  if (lines > MOST_CAPTIONS) return tooLong(lines);
  const timed = readTimedText(text);
  if (timed) return finished('timed-text', timed);
  return finished(
    'plain-text',
    text.split('\n').map((line) => ({ text: line })),
  );
}

function readJsonText(text: string): CaptionsRead {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return { ok: false, issue: { code: 'json-broken' } };
  }
  const captions = readJson(value);
  if (!captions) return { ok: false, issue: { code: 'json-unknown' } };
  return captions.length > MOST_CAPTIONS ? tooLong(captions.length) : finished('json', captions);
}

const tooLong = (captions: number): CaptionsRead => ({
  ok: false,
  issue: { code: 'too-long', captions, most: MOST_CAPTIONS },
});

function finished(format: CaptionFormat, read: readonly Caption[], unreadable = 0): CaptionsRead {
  const captions = read.filter(({ text }) => text.trim() !== '');
  const talk = toTalk(captions);
  if (talk.length === 0) return { ok: false, issue: { code: 'no-words' } };
  const words = talk.reduce((sum, line) => sum + countOf(line.text, ' ') + 1, 0);
  if (words > MOST_WORDS) return { ok: false, issue: { code: 'too-many-words', words, most: MOST_WORDS } };
  const start = (caption: Caption) => caption.startS ?? 0;
  const inOrder = captions.toSorted((a, b) => start(a) - start(b));
  const moved = captions.filter((caption, i) => i > 0 && start(caption) < start(captions[i - 1] as Caption));
  const overlaps = inOrder.filter((caption, i) => start(caption) < (inOrder[i - 1]?.endS ?? 0));
  const notes: CaptionNote[] = [
    ...count('put-in-order', moved.length),
    ...count('time-unreadable', unreadable),
    ...count('overlaps', overlaps.length),
  ];
  if (captions.every(({ startS }) => startS === undefined)) notes.push({ code: 'no-times' });
  return { ok: true, format, captions: inOrder, notes };
}

const count = (code: 'put-in-order' | 'time-unreadable' | 'overlaps', n: number): CaptionNote[] =>
  n > 0 ? [{ code, count: n }] : [];

/** A film or a picture that was taken for its captions. */
const isBinary = (text: string): boolean => text.slice(0, 4096).includes('\0');

function countOf(text: string, sign: string): number {
  let found = 0;
  for (let at = text.indexOf(sign); at !== -1; at = text.indexOf(sign, at + sign.length)) found++;
  return found;
}
