/** How far film goes over a panel. */
export const filmCovers = ['full', 'short', 'none'] as const;
export type FilmCover = (typeof filmCovers)[number];
