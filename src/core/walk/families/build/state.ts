import type { FilmCover } from './filmCovers';

export interface FilmNoted {
  cover: FilmCover;
  where?: string;
}

export const filmWords: Record<FilmCover, string> = {
  full: 'film over the whole panel',
  short: 'film cut short',
  none: 'no film',
};
