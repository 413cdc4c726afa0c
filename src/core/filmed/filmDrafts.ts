import { toTalk } from '../captions';
import { type Draft, readTalk } from '../speech';
import { captionsOf, type DraftTaken, type WalkFilm } from '../walk';
import { draftKey } from './draftKey';

/** A statement of a film's talk, and what became of it. */
export interface FilmDraft {
  key: string;
  draft: Draft;
  is: 'open' | 'taken' | 'left-out';
  taken?: DraftTaken;
}

type SpeechContext = Parameters<typeof readTalk>[1];

/** What a film's talk comes to, in the order spoken. */
export function readFilm(film: Pick<WalkFilm, 'talk' | 'shiftS'>, context: SpeechContext): Draft[] {
  return readTalk(toTalk(captionsOf(film) ?? [], film.shiftS), context);
}

/** The same statements, with what became of each. */
export function standingOf(drafts: readonly Draft[], film: Pick<WalkFilm, 'taken' | 'leftOut'>): FilmDraft[] {
  const seen = new Set<string>();
  return drafts.flatMap((draft): FilmDraft[] => {
    const key = draftKey(draft);
    // One breath may say the same of the same thing twice: it is one statement.
    if (seen.has(key)) return [];
    seen.add(key);
    const taken = film.taken.get(key);
    if (taken) return [{ key, draft, is: 'taken', taken }];
    return [{ key, draft, is: film.leftOut.has(key) ? 'left-out' : 'open' }];
  });
}
