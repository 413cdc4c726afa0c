import type { Hearing, Listener } from './listener';

const WORD_MS = 260;

/** A stand-in for the microphone: speaks an invented walk word by word, as recognition would hear it, late and in pieces. */
export function practiceListener(
  lines: readonly string[],
  { onPiece, onEnd }: Hearing,
  wordMs = WORD_MS,
): Listener {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let [line, word] = [0, 0];
  const next = () => {
    const words = (lines[line] ?? '').split(' ');
    word++;
    if (word < words.length) onPiece({ text: words.slice(0, word).join(' '), isFinal: false });
    else {
      onPiece({ text: words.join(' '), isFinal: true });
      [line, word] = [line + 1, 0];
    }
    if (line < lines.length) timer = setTimeout(next, wordMs);
    else onEnd();
  };
  return {
    start: () => {
      timer = setTimeout(next, wordMs);
    },
    stop: () => {
      clearTimeout(timer);
      onEnd();
    },
  };
}

/** What is spoken for practice, in the words of the car’s country. */
export const practiceWalk = {
  uk: [
    'nearside front wing is fine',
    'and the wheel has been kerbed about forty mil',
    'tyre five to six',
    'front door has a small dent just below the handle',
    'no scratches on the rear door',
    'there is a scuff on the door',
  ],
  us: [
    'driver fender is good',
    'and the wheel has some curb rash about two inches',
    'tire is at seven thirty seconds',
    'driver door has a small ding just below the handle',
    'no scratches on the rear door',
    'there is a scuff on the door',
  ],
} as const;
