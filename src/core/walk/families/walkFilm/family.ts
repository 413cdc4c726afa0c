import type { WalkState } from '../../walkState';
import { familyOf, silent } from '../family';
import type { walkFilmBodies } from './bodies';
import type { FilmClip, SaidInFilm, WalkFilm } from './state';

/** Words about a film may arrive before the word that it was brought: two phones' clocks differ. */
function filmOf(state: WalkState, id: string): WalkFilm {
  const known = state.walkFilms.get(id) ?? {
    id,
    name: 'Film',
    shiftS: 0,
    taken: new Map(),
    leftOut: new Map(),
  };
  state.walkFilms.set(id, known);
  return known;
}

export const walkFilm = familyOf<typeof walkFilmBodies>()({
  empty: () => ({
    walkFilms: new Map<string, WalkFilm>(),
    saidInFilm: new Map<string, SaidInFilm>(),
    filmClips: new Map<string, FilmClip>(),
  }),
  noters: {
    'walk-film-brought': ({ state }, { body: { film, ...told } }) => {
      Object.assign(filmOf(state, film), told);
    },
    'walk-film-captioned': ({ state }, { body: { film, talk, piece, pieces, captions } }) => {
      const known = filmOf(state, film);
      if (known.talk?.id !== talk) known.talk = { id: talk, of: pieces, pieces: new Map() };
      known.talk.pieces.set(piece, captions);
    },
    'walk-film-shifted': ({ state }, { body }) => {
      filmOf(state, body.film).shiftS = body.byS;
    },
    'walk-film-kept': ({ state }, { body }) => {
      filmOf(state, body.film).kept = body.recording;
    },
    'walk-film-clipped': ({ state }, { body: { finding, clip } }) => {
      if (clip) state.filmClips.set(finding, clip);
      else state.filmClips.delete(finding);
    },
    'draft-taken': ({ state }, { id, body: { film, draft, ...taken } }) => {
      const known = filmOf(state, film);
      known.taken.set(draft, { entry: id, ...taken });
      known.leftOut.delete(draft);
    },
    'draft-left-out': ({ state }, { id, body }) => {
      const known = filmOf(state, body.film);
      if (!known.taken.has(body.draft)) known.leftOut.set(body.draft, id);
    },
  },
  words: {
    'walk-film-brought': ({ name }) => `Film of the walk brought: ${name}`,
    'walk-film-captioned': silent,
    'walk-film-shifted': silent,
    'walk-film-kept': () => 'The film of the walk is kept by the yard',
    'walk-film-clipped': ({ finding, clip }, { about }) =>
      clip
        ? `${about(finding)}: ${Math.round(clip.seconds)} s of the film for readers`
        : `${about(finding)}: film taken back`,
    // What was taken has lines of its own.
    'draft-taken': silent,
    'draft-left-out': silent,
  },
});
