import {
  type Done,
  type PracticeCard,
  type PracticeScore,
  practiceCardSchema,
  type Scored,
  type Skill,
} from '#core/practice';
import type { Db } from './openDatabase';

/** Answers of the practice yard: each person's own. */
export function makePracticeStore(db: Db) {
  const add = db.prepare(
    `INSERT INTO practice_answers (id, person, exercise, skill, at, score) VALUES (?, ?, ?, ?, ?, ?)`,
  );
  const get = db.prepare<[string], { person: string; exercise: string; score: string }>(
    'SELECT person, exercise, score FROM practice_answers WHERE id = ?',
  );
  const of = db.prepare<[string], { exercise: string; skill: string; at: string; score: string }>(
    'SELECT exercise, skill, at, score FROM practice_answers WHERE person = ? ORDER BY at, id',
  );
  const cards = db.prepare<[string], { skill: string; card: string }>(
    'SELECT skill, card FROM practice_cards WHERE person = ?',
  );
  const setCard = db.prepare(
    `INSERT INTO practice_cards (person, skill, card) VALUES (?, ?, ?)
     ON CONFLICT (person, skill) DO UPDATE SET card = excluded.card`,
  );
  const shared = db.prepare<[], { person: string }>('SELECT person FROM practice_shared ORDER BY person');
  const share = db.prepare(
    'INSERT INTO practice_shared (person, since) VALUES (?, ?) ON CONFLICT DO NOTHING',
  );
  const unshare = db.prepare('DELETE FROM practice_shared WHERE person = ?');
  return {
    /** An answer under this id, and whose it is. */
    get: (id: string) => {
      const row = get.get(id);
      return row && { ...row, score: JSON.parse(row.score) as PracticeScore };
    },
    /** An answer with the card of its kind, both or neither. */
    add: db.transaction(
      (
        answer: {
          id: string;
          person: string;
          exercise: string;
          skill: Skill;
          at: string;
          score: PracticeScore;
        },
        card: PracticeCard,
      ): void => {
        const { id, person, exercise, skill, at, score } = answer;
        add.run(id, person, exercise, skill, at, JSON.stringify(score));
        setCard.run(person, skill, JSON.stringify(card));
      },
    ),
    done: (person: string): (Done & Scored)[] =>
      of.all(person).map(({ exercise, skill, at, score }) => ({
        exercise,
        at,
        skill: skill as Skill,
        score: JSON.parse(score) as PracticeScore,
      })),
    cards: (person: string): Map<Skill, PracticeCard> =>
      new Map(
        cards
          .all(person)
          .map(({ skill, card }) => [skill as Skill, practiceCardSchema.parse(JSON.parse(card))]),
      ),
    shared: (): string[] => shared.all().map(({ person }) => person),
    setShared: (person: string, isShared: boolean, now: string): void => {
      if (isShared) share.run(person, now);
      else unshare.run(person);
    },
  };
}
