import { type WorkSaid, workSaidSchema } from '#core/schedule';
import type { Db } from './openDatabase';

/** What was said of a task by whoever does it. */
export interface SaidOfTask {
  walk: string;
  task: string;
  crew: string;
  /** The task in words, as it was then. */
  name: string;
  mends: readonly string[];
  said: WorkSaid;
  /** Who said it, by name: of a trade what its link is called. */
  by: string;
  at: string;
}

interface Row {
  walk_id: string;
  task: string;
  crew: string;
  name: string;
  mends: string;
  said: string;
  by: string;
  at: string;
}

/** What is done of the jobs on the board, and what cannot be done. */
export function makeWorkStore(db: Db) {
  const ofWalk = db.prepare<[string], Row>('SELECT * FROM work_said WHERE walk_id = ? ORDER BY at, task');
  const put = db.prepare(
    `INSERT INTO work_said (walk_id, task, crew, name, mends, said, by, at) VALUES (?, ?, ?, ?, ?, ?, ?, ?)
     ON CONFLICT (walk_id, task) DO UPDATE SET crew = excluded.crew, name = excluded.name, mends = excluded.mends,
       said = excluded.said, by = excluded.by, at = excluded.at`,
  );
  const remove = db.prepare('DELETE FROM work_said WHERE walk_id = ? AND task = ?');
  return {
    ofWalk: (walk: string): SaidOfTask[] => ofWalk.all(walk).map(toSaid),
    put: ({ walk, task, crew, name, mends, said, by, at }: SaidOfTask): void => {
      put.run(walk, task, crew, name, JSON.stringify(mends), JSON.stringify(said), by, at);
    },
    takeBack: (walk: string, task: string): void => {
      remove.run(walk, task);
    },
  };
}

const toSaid = (row: Row): SaidOfTask => ({
  walk: row.walk_id,
  task: row.task,
  crew: row.crew,
  name: row.name,
  mends: JSON.parse(row.mends) as string[],
  said: workSaidSchema.parse(JSON.parse(row.said)),
  by: row.by,
  at: row.at,
});
