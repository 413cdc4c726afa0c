import type { Draft } from '../speech';
import type { FilmCaption } from '../walk';

const bare = (text: string) =>
  text
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, ' ')
    .trim();

/** Captions that led to no statement: what was said of something else, and what was not understood. Nothing that was said is passed over unseen. */
export function withoutDraft(captions: readonly FilmCaption[], drafts: readonly Draft[]): FilmCaption[] {
  const sentences = [...new Set(drafts.map(({ said, text }) => bare(said || text)))];
  return captions.filter(({ text }) => {
    const line = bare(text);
    return line !== '' && !sentences.some((sentence) => sentence.includes(line) || line.includes(sentence));
  });
}
