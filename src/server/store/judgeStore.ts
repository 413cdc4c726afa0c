import {
  type ExpectationTable,
  expectationTableSchema,
  houseTable,
  type JudgedWalk,
  type Learned,
} from '#core/judge';
import { houseSpots, type WalkedCar, type WeakSpotList, weakSpotListSchema } from '#core/weakSpots';
import type { Db } from './openDatabase';
import { wrote } from './writeLock';

/** What is kept of a walk that was reported: its counts, where its car has an age and a distance, and what was found where. */
export interface WalkFacts {
  judged?: JudgedWalk;
  walked: WalkedCar;
}

/** What was learned, and of which walks and table. */
export interface LearnedOf {
  key: string;
  /** Of which table. */
  table: string;
  learned: Learned;
}

type HouseName = 'expectations' | 'weak-spots' | 'learned';

/** What is usual, what such cars are known for, and the facts both are learned from. */
export function makeJudgeStore(db: Db) {
  const house = db.prepare<[string], { document: string; changed_at: string }>(
    'SELECT document, changed_at FROM house WHERE name = ?',
  );
  const setHouse = db.prepare(
    `INSERT INTO house (name, document, changed_at) VALUES (?, ?, ?)
     ON CONFLICT (name) DO UPDATE SET document = excluded.document, changed_at = excluded.changed_at`,
  );
  const forget = db.prepare('DELETE FROM house WHERE name = ?');
  // The newest walk of each car that was reported.
  const due = db.prepare<[], { id: string; entries: number }>(
    `SELECT walks.id, walks.entries FROM walks LEFT JOIN walk_facts ON walk_facts.walk_id = walks.id
     WHERE EXISTS (SELECT 1 FROM reports WHERE reports.walk_id = walks.id)
       AND (walk_facts.position IS NULL OR walk_facts.position <> walks.entries)
     ORDER BY walks.id`,
  );
  const put = db.prepare(
    `INSERT INTO walk_facts (walk_id, position, facts) VALUES (?, ?, ?)
     ON CONFLICT (walk_id) DO UPDATE SET position = excluded.position, facts = excluded.facts`,
  );
  const all = db.prepare<[string], { facts: string }>(
    `SELECT facts FROM walk_facts JOIN walks ON walks.id = walk_facts.walk_id
     WHERE walks.id = (SELECT other.id FROM walks AS other JOIN walk_facts AS known ON known.walk_id = other.id
       WHERE other.car_id = walks.car_id ORDER BY other.begun_at DESC, other.id DESC LIMIT 1)
       AND walks.car_id <> ?
     ORDER BY walks.begun_at, walks.id`,
  );
  const ofCar = db.prepare<[string], { n: number }>(
    'SELECT count(*) AS n FROM walk_facts JOIN walks ON walks.id = walk_facts.walk_id WHERE walks.car_id = ?',
  );
  const state = db.prepare<[], { walks: number; positions: number | null }>(
    'SELECT count(*) AS walks, sum(position) AS positions FROM walk_facts',
  );
  const twice = db.prepare<[], { car_id: string }>(
    'SELECT car_id FROM walks GROUP BY car_id HAVING count(*) > 1 ORDER BY car_id',
  );
  const counted = db.prepare<[], { cars: number }>(
    `SELECT count(DISTINCT car_id) AS cars FROM walk_facts JOIN walks ON walks.id = walk_facts.walk_id
     WHERE json_extract(facts, '$.judged') IS NOT NULL`,
  );
  const tableKey = (): string => house.get('expectations')?.changed_at ?? 'house';
  const documentOf = (name: HouseName): unknown => {
    const row = house.get(name);
    return row && JSON.parse(row.document);
  };
  return {
    /** The table that is in use: the house's while the yard has set none. */
    table: (): ExpectationTable => {
      const stored = documentOf('expectations');
      return stored === undefined ? houseTable : expectationTableSchema.parse(stored);
    },
    setTable: (table: ExpectationTable, now: string): void => {
      setHouse.run('expectations', JSON.stringify(table), now);
    },
    /** Back to the house's. */
    dropTable: (): void => {
      forget.run('expectations');
    },
    spots: (): WeakSpotList => {
      const stored = documentOf('weak-spots');
      return stored === undefined ? { spots: [...houseSpots] } : weakSpotListSchema.parse(stored);
    },
    setSpots: (list: WeakSpotList, now: string): void => {
      setHouse.run('weak-spots', JSON.stringify(list), now);
    },
    /** Walks with a report whose facts are not worked out, or of which more was said since. */
    due: () => due.all(),
    put: (walk: string, position: number, facts: WalkFacts): void => {
      // It is worked out again where it could not be kept.
      wrote(() => put.run(walk, position, JSON.stringify(facts)));
    },
    /** Facts of the newest reported walk of every car, but for one where it is named. */
    facts: (but = ''): WalkFacts[] => all.all(but).map(({ facts }) => JSON.parse(facts) as WalkFacts),
    carIsLearned: (car: string): boolean => (ofCar.get(car)?.n ?? 0) > 0,
    /** Changes with whatever is learned from. */
    key: (): string => {
      const { walks, positions } = state.get() ?? { walks: 0, positions: 0 };
      return `${walks} ${positions ?? 0} ${tableKey()}`;
    },
    /** Changes with the table alone. */
    tableKey,
    /** Cars that are learned from. */
    walks: (): number => counted.get()?.cars ?? 0,
    learned: (): LearnedOf | undefined => documentOf('learned') as LearnedOf | undefined,
    setLearned: (learned: LearnedOf, now: string): void => {
      wrote(() => setHouse.run('learned', JSON.stringify(learned), now));
    },
    /** Cars with more than one walk. */
    walkedTwice: (): string[] => twice.all().map(({ car_id }) => car_id),
  };
}
