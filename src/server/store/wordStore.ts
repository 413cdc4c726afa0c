import type { TaughtWord } from '#core/speech';
import type { Db } from './openDatabase';

/** Words of the house for what is said of a car. */
export function makeWordStore(db: Db) {
  const all = db.prepare<[], TaughtWord>('SELECT word, means FROM taught_words ORDER BY word');
  const put = db.prepare(
    `INSERT INTO taught_words (word, means, by, at) VALUES (?, ?, ?, ?)
     ON CONFLICT (word) DO UPDATE SET means = excluded.means, by = excluded.by, at = excluded.at`,
  );
  const remove = db.prepare('DELETE FROM taught_words WHERE word = ?');
  return {
    all: (): TaughtWord[] => all.all(),
    put: ({ word, means }: TaughtWord, by: string, at: string): void => {
      put.run(word, means, by, at);
    },
    remove: (word: string): boolean => remove.run(word).changes > 0,
  };
}
