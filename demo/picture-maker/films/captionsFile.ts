import { type Caption, captionsOf, type Film } from './spec';

/** The captions of a film as a person would have them from elsewhere: WebVTT, or what speech-to-text writes. */
export function captionsFile(film: Film): { name: string; text: string } {
  const captions = captionsOf(film);
  return film.captions === 'vtt'
    ? { name: `${film.name}.vtt`, text: vtt(captions) }
    : { name: `${film.name}.json`, text: `${JSON.stringify({ segments: captions.map(segment) })}\n` };
}

const two = (value: number) => String(value).padStart(2, '0');
const time = (seconds: number) =>
  `${two(Math.floor(seconds / 3600))}:${two(Math.floor(seconds / 60) % 60)}:${(seconds % 60).toFixed(3).padStart(6, '0')}`;

const vtt = (captions: readonly Caption[]) =>
  `WEBVTT\n\n${captions.map(({ start, end, text }) => `${time(start)} --> ${time(end)}\n${text}\n`).join('\n')}`;

/** A segment with the time of each of its words, shared out evenly. */
function segment({ start, end, text }: Caption) {
  const words = text.split(' ');
  const each = (end - start) / words.length;
  const at = (i: number) => Math.round((start + each * i) * 100) / 100;
  return { start, end, text, words: words.map((word, i) => ({ word, start: at(i), end: at(i + 1) })) };
}
