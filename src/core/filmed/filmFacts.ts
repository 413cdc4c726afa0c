import type { Caption } from '../captions';
import { CAPTIONS_OF_ONE, type Fact, type FilmCaption } from '../walk';

/** The entries that hold a film's captions, piece by piece. `talk` is a new name for them all. */
export function captionFacts(film: string, talk: string, captions: readonly Caption[]): Fact[] {
  const clean = captions.flatMap(inEntries).map(({ text, startS, endS }): FilmCaption => {
    const [from, to] = [within(startS), within(endS)];
    return {
      text,
      ...(from !== undefined && { startS: from }),
      ...(to !== undefined && { endS: to }),
    };
  });
  const pieces = Math.ceil(clean.length / CAPTIONS_OF_ONE);
  return Array.from({ length: pieces }, (_, piece) => ({
    kind: 'walk-film-captioned' as const,
    body: {
      film,
      talk,
      piece,
      pieces,
      captions: clean.slice(piece * CAPTIONS_OF_ONE, (piece + 1) * CAPTIONS_OF_ONE),
    },
  }));
}

/** A caption of a log is at most so long; only a text without lines or times has longer ones. */
const LONGEST = 2_000;

/** A long one as several, parted at the end of a sentence, else between two words. */
function inEntries(caption: Caption): Caption[] {
  const parts: Caption[] = [];
  let rest = caption.text;
  while (rest.length > LONGEST) {
    const room = rest.slice(0, LONGEST);
    const at = Math.max(room.lastIndexOf('. '), room.lastIndexOf('? ')) + 1 || room.lastIndexOf(' ');
    const end = at > 0 ? at : LONGEST;
    parts.push({ ...caption, text: rest.slice(0, end).trim() });
    rest = rest.slice(end);
  }
  return [...parts, { ...caption, text: rest.trim() }].filter(({ text }) => text !== '');
}

/** Half a day: what film clocks count beyond it is of no walk. */
const MOST_S = 12 * 3600;
const within = (seconds: number | undefined) =>
  seconds === undefined || !Number.isFinite(seconds)
    ? undefined
    : Math.round(Math.max(0, Math.min(MOST_S, seconds)) * 1000) / 1000;
