import type { TalkLine } from './words';

/** Captions of a film (WebVTT of the W3C, or SubRip) as lines of talk with their times. Lines that are only numbers, settings or tags are left out. */
export function readCaptions(text: string): TalkLine[] {
  const lines: TalkLine[] = [];
  let at: number | undefined;
  for (const raw of text.replaceAll('\r', '').split('\n')) {
    const line = raw.trim();
    const time = /^(?:(\d+):)?(\d{1,2}):(\d{2})[.,](\d{3})\s+-->/.exec(line);
    if (time) {
      const [, hours = '0', minutes = '0', seconds = '0', thousandths = '0'] = time;
      at = Number(hours) * 3600 + Number(minutes) * 60 + Number(seconds) + Number(thousandths) / 1000;
    } else if (line !== '' && at !== undefined && !/^\d+$/.test(line) && !/^(NOTE|STYLE|REGION)\b/.test(line))
      lines.push({ text: line.replaceAll(/<[^>]*>/g, ''), at });
  }
  return lines;
}
