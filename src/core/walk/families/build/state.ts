import type { FilmCover } from './filmCovers';

export interface FilmNoted {
  cover: FilmCover;
  where?: string;
}
