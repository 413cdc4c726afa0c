/** Words a person reads in a second without hurry (common practice: about 200 a minute), and the time a picture is looked at. */
const WORDS_A_SECOND = 3.3;
const A_LOOK_MS = 2_500;

/** How long a stop stays before the walk goes on by itself, in milliseconds. */
export const readingMs = (says: string, pictures: number): number =>
  Math.round((says.split(/\s+/).length / WORDS_A_SECOND) * 1000) + A_LOOK_MS * Math.max(1, pictures);
