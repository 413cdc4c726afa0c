import type { NewQuestion, QuestionAbout } from '#core/questions';
import { questionAboutSchema } from '#core/questions';
import type { Db } from './openDatabase';

/** A question as it was asked; its answers stand in the walk's log. */
export interface StoredQuestion {
  id: string;
  walk: string;
  /** The link it came by; absent for a worry the yard noted itself. */
  share?: string;
  /** Whose link, or who had the worry. */
  from: string;
  text: string;
  about: QuestionAbout;
  wantsLook: boolean;
  askedAt: string;
}

interface QuestionRow {
  id: string;
  walk_id: string;
  share_id: string | null;
  sender: string;
  text: string;
  about: string;
  wants_look: number;
  asked_at: string;
}

export function makeQuestionStore(db: Db) {
  const insert = db.prepare(
    `INSERT INTO questions (id, walk_id, share_id, sender, text, about, wants_look, asked_at)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?)`,
  );
  const one = db.prepare<[string], QuestionRow>('SELECT * FROM questions WHERE id = ?');
  const ofWalk = db.prepare<[string], QuestionRow>(
    'SELECT * FROM questions WHERE walk_id = ? ORDER BY asked_at, id',
  );
  const count = db.prepare<[string], { n: number }>('SELECT count(*) AS n FROM questions WHERE walk_id = ?');
  return {
    count: (walk: string): number => count.get(walk)?.n ?? 0,
    get: (id: string): StoredQuestion | undefined => {
      const row = one.get(id);
      return row && toQuestion(row);
    },
    ofWalk: (walk: string): StoredQuestion[] => ofWalk.all(walk).map(toQuestion),
    add: (
      question: NewQuestion,
      { walk, share, from, askedAt }: Pick<StoredQuestion, 'walk' | 'share' | 'from' | 'askedAt'>,
    ): void => {
      const { id, text, about, wantsLook } = question;
      insert.run(id, walk, share ?? null, from, text, JSON.stringify(about), wantsLook ? 1 : 0, askedAt);
    },
  };
}

const toQuestion = (row: QuestionRow): StoredQuestion => ({
  id: row.id,
  walk: row.walk_id,
  ...(row.share_id && { share: row.share_id }),
  from: row.sender,
  text: row.text,
  about: questionAboutSchema.parse(JSON.parse(row.about)),
  wantsLook: row.wants_look === 1,
  askedAt: row.asked_at,
});
