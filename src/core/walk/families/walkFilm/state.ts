import type { z } from 'zod';
import type { Entry, EntryOf } from '../../entries';
import type { WalkState } from '../../walkState';
import type { walkFilmBodies } from './bodies';

export type FilmCaption = z.output<(typeof walkFilmBodies)['walk-film-captioned']>['captions'][number];

/** A statement of a film's talk that is in the record. */
export interface DraftTaken {
  /** The entry that says so. */
  entry: string;
  atS?: number;
  says: string;
  entries: readonly string[];
}

/** A film of the walk, or a sound of it, with what is spoken in it and what became of that. */
export interface WalkFilm {
  id: string;
  name: string;
  seconds?: number;
  bytes?: number;
  /** The talk told last, piece by piece. */
  talk?: { id: string; of: number; pieces: Map<number, readonly FilmCaption[]> };
  shiftS: number;
  /** The file at the yard, by its SHA-256. */
  kept?: string;
  taken: Map<string, DraftTaken>;
  /** Left out, by the entry that says so. */
  leftOut: Map<string, string>;
}

/** What somebody said of a finding, and where in which film. */
export interface SaidInFilm {
  film: string;
  atS?: number;
  says: string;
}

/** All captions of a film; undefined while a piece of them is missing. */
export function captionsOf({ talk }: Pick<WalkFilm, 'talk'>): FilmCaption[] | undefined {
  if (!talk) return undefined;
  const pieces = Array.from({ length: talk.of }, (_, i) => talk.pieces.get(i));
  return pieces.every((piece) => piece !== undefined) ? pieces.flat() : undefined;
}

/**
 * Entries that took into the record what another phone had taken before: the first taking of a statement in force counts, what a later one added is left out.
 * Which is first is the log's order, the same on every device.
 */
export function takenTwice(live: readonly Entry[]): Set<string> {
  const ids = new Set(live.map(({ id }) => id));
  const first = new Map<string, EntryOf<'draft-taken'>>();
  const twice = new Set<string>();
  for (const entry of live) {
    if (entry.kind !== 'draft-taken') continue;
    const { film, draft, entries } = entry.body;
    // All of it was undone one by one: it is not taken any more.
    if (!entries.some((id) => ids.has(id))) {
      twice.add(entry.id);
      continue;
    }
    const key = `${film} ${draft}`;
    const before = first.get(key);
    if (!before) first.set(key, entry);
    else {
      twice.add(entry.id);
      for (const id of entries) if (!before.body.entries.includes(id)) twice.add(id);
    }
  }
  return twice;
}

/** What can only be said at the end: which findings were said in which film. */
export function finishWalkFilms(state: WalkState, live: readonly Entry[]): void {
  const said = new Map<string, SaidInFilm>();
  for (const film of state.walkFilms.values())
    for (const { atS, says, entries } of film.taken.values())
      for (const entry of entries)
        said.set(entry, { film: film.id, says, ...(atS !== undefined && { atS }) });
  for (const entry of live) {
    const from = entry.kind === 'finding-noted' ? said.get(entry.id) : undefined;
    if (from && entry.kind === 'finding-noted') state.saidInFilm.set(entry.body.finding, from);
  }
}
