import type { TalkLine } from './words';

/** So long without a caption is a pause; less is only where the line was full. */
const PAUSE_S = 0.6;

const seconds = (hours: string | undefined, minutes: string, rest: string): number =>
  Number(hours ?? 0) * 3600 + Number(minutes) * 60 + Number(rest.replace(',', '.'));

const entities: Record<string, string> = { amp: '&', lt: '<', gt: '>', quot: '"', nbsp: ' ', '#39': "'" };

/** What is spoken of a line of captions: no tags, no "[music]", no marks of who speaks. */
const spokenOf = (line: string): string =>
  line
    .replaceAll(/<[^>]*>/g, '')
    .replaceAll(/&(amp|lt|gt|quot|nbsp|#39);/g, (_, name: string) => entities[name] ?? ' ')
    .replaceAll(/\[[^\]]*\]|\([^)]*\)|♪/g, ' ')
    .replace(/^\s*(>>+|-)\s*/, '')
    .trim();

/**
 * Captions of a film (WebVTT of the W3C, or SubRip) as lines of talk with their times, in seconds. Lines that are only numbers, settings or tags are left out, and
 * so is a line that is shown again while the next one is spoken. A line that follows without a pause goes on from the one before.
 */
export function readCaptions(text: string): TalkLine[] {
  const lines: TalkLine[] = [];
  let at: number | undefined;
  let end = 0;
  let ended = 0;
  let isNote = false;
  for (const raw of text.replaceAll('\r', '').split('\n')) {
    const line = raw.trim();
    const time =
      /^(?:(\d+):)?(\d{1,2}):(\d{2}[.,]\d{1,3})\s+-->\s+(?:(\d+):)?(\d{1,2}):(\d{2}[.,]\d{1,3})/.exec(line);
    if (line === '') isNote = false;
    else if (time) {
      const [, hours, minutes = '0', rest = '0', endHours, endMinutes = '0', endRest = '0'] = time;
      ended = end;
      at = seconds(hours, minutes, rest);
      end = seconds(endHours, endMinutes, endRest);
      isNote = false;
    } else if (/^(NOTE|STYLE|REGION)\b/.test(line)) isNote = true;
    else if (at !== undefined && !isNote && !/^\d+$/.test(line)) {
      const spoken = spokenOf(line);
      if (spoken === '' || spoken === lines.at(-1)?.text) continue;
      const isOn = lines.length > 0 && at - ended < PAUSE_S;
      lines.push({ text: spoken, at, ...(isOn && { isOn }) });
      ended = end;
    }
  }
  return lines;
}
