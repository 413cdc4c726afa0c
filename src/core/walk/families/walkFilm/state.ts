import type { z } from 'zod';
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

/** A few seconds of the film that readers may see or hear beside a finding. */
export type FilmClip = NonNullable<z.output<(typeof walkFilmBodies)['walk-film-clipped']>['clip']>;

/** All captions of a film; undefined while a piece of them is missing. */
export function captionsOf({ talk }: Pick<WalkFilm, 'talk'>): FilmCaption[] | undefined {
  if (!talk) return undefined;
  const pieces = Array.from({ length: talk.of }, (_, i) => talk.pieces.get(i));
  return pieces.every((piece) => piece !== undefined) ? pieces.flat() : undefined;
}
