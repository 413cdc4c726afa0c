import type { TalkLine } from '../speech';
import type { Caption } from './caption';
import { spokenOf } from './spokenOf';

/** So long without a caption is a pause; less is only where the line was full. */
const PAUSE_S = 0.6;

/**
 * Captions as lines of talk. Tags are left out, and so is a line that is shown again while the next one is spoken; a caption that follows without a pause goes
 * on from the one before. `shiftS` is added to every time.
 */
export function toTalk(captions: readonly Caption[], shiftS = 0): TalkLine[] {
  const lines: TalkLine[] = [];
  let ended: number | undefined;
  for (const { text, startS, endS } of captions) {
    for (const raw of text.split('\n')) {
      const spoken = spokenOf(raw);
      if (spoken === '' || spoken === lines.at(-1)?.text) continue;
      const isOn = ended !== undefined && startS !== undefined && startS - ended < PAUSE_S;
      lines.push({
        text: spoken,
        ...(startS !== undefined && { at: Math.max(0, round(startS + shiftS)) }),
        ...(isOn && { isOn }),
      });
      ended = endS;
    }
    if (endS !== undefined) ended = endS;
  }
  return lines;
}

const round = (seconds: number) => Math.round(seconds * 1000) / 1000;
