import type { Db } from './openDatabase';

/** What a buyer chose by a link, and what the yard said to it. */
export interface Choice {
  id: string;
  walk: string;
  share: string;
  fault: string;
  price: { amount: number; currency: string };
  chosenAt: string;
  answer?: 'confirmed' | 'declined';
}

interface Row {
  id: string;
  walk_id: string;
  share_id: string;
  fault: string;
  amount: number;
  currency: string;
  chosen_at: string;
  answer: 'confirmed' | 'declined' | null;
}

export function makeChoiceStore(db: Db) {
  const one = db.prepare<[string], Row>('SELECT * FROM choices WHERE id = ?');
  const ofShare = db.prepare<[string], Row>(
    'SELECT * FROM choices WHERE share_id = ? ORDER BY chosen_at, rowid',
  );
  const ofWalk = db.prepare<[string], Row>(
    'SELECT * FROM choices WHERE walk_id = ? ORDER BY chosen_at, rowid',
  );
  const insert = db.prepare(
    'INSERT INTO choices (id, walk_id, share_id, fault, amount, currency, chosen_at) VALUES (?, ?, ?, ?, ?, ?, ?)',
  );
  const remove = db.prepare('DELETE FROM choices WHERE id = ? AND answer IS NULL');
  const answer = db.prepare('UPDATE choices SET answer = ?, answered_at = ? WHERE id = ? AND answer IS NULL');
  return {
    get: (id: string): Choice | undefined => {
      const row = one.get(id);
      return row && toChoice(row);
    },
    ofShare: (share: string): Choice[] => ofShare.all(share).map(toChoice),
    ofWalk: (walk: string): Choice[] => ofWalk.all(walk).map(toChoice),
    add: ({ id, walk, share, fault, price, chosenAt }: Choice): void => {
      insert.run(id, walk, share, fault, price.amount, price.currency, chosenAt);
    },
    /** Takes back what has no answer yet. */
    takeBack: (id: string): void => {
      remove.run(id);
    },
    /** Keeps an answer; false where there is one already. */
    answer: (id: string, says: 'confirmed' | 'declined', now: string): boolean =>
      answer.run(says, now, id).changes > 0,
  };
}

const toChoice = (row: Row): Choice => ({
  id: row.id,
  walk: row.walk_id,
  share: row.share_id,
  fault: row.fault,
  price: { amount: row.amount, currency: row.currency },
  chosenAt: row.chosen_at,
  ...(row.answer && { answer: row.answer }),
});
