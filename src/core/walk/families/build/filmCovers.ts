/** How far film goes over a panel. */
export const filmCovers = ['full', 'short', 'none'] as const;
export type FilmCover = (typeof filmCovers)[number];

export const filmWords: Record<FilmCover, string> = {
  full: 'film over the whole panel',
  short: 'film cut short',
  none: 'no film',
};
