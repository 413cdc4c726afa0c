import type { Db } from '../store/openDatabase';

export const PHOTO_FOLDER = 'photos';

/** The files a database knows of, within the photo folder. Burned copies are left out: they are drawn again. */
export const placesOf = (db: Db): { place: string; sha256: string | null; isAway: 0 | 1 }[] =>
  db
    .prepare<[], { place: string; sha256: string | null; isAway: 0 | 1 }>(
      "SELECT path AS place, sha256, away_at IS NOT NULL AS isAway FROM kept_files WHERE path NOT LIKE 'burned/%' AND problem IS NOT 'missing' ORDER BY path",
    )
    .all();
