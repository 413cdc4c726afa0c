import { type RuleWishes, ruleWishesSchema } from '#core/cures';
import { type PlanWish, type Prices, planWishSchema, pricesSchema } from '#core/plan';
import { type BoardState, boardStateSchema, type CrewSet, crewSchema, emptyBoard } from '#core/schedule';
import type { Db } from './openDatabase';

type HouseName = 'prices' | 'cure-rules' | 'crew' | 'board';

/** What is wanted of cars, and what the house sets for it. */
export function makePlanStore(db: Db) {
  const house = db.prepare<[string], { document: string }>('SELECT document FROM house WHERE name = ?');
  const setHouse = db.prepare(
    `INSERT INTO house (name, document, changed_at) VALUES (?, ?, ?)
     ON CONFLICT (name) DO UPDATE SET document = excluded.document, changed_at = excluded.changed_at`,
  );
  const wish = db.prepare<[string], { wish: string }>('SELECT wish FROM plans WHERE walk_id = ?');
  const setWish = db.prepare(
    `INSERT INTO plans (walk_id, wish, changed_at) VALUES (?, ?, ?)
     ON CONFLICT (walk_id) DO UPDATE SET wish = excluded.wish, changed_at = excluded.changed_at`,
  );
  const wishes = db.prepare<[], { walk_id: string; wish: string }>(
    `SELECT walk_id, wish FROM plans JOIN walks ON walks.id = walk_id
     WHERE walk_id = (SELECT id FROM walks AS other WHERE other.car_id = walks.car_id ORDER BY begun_at DESC, id DESC LIMIT 1)
     ORDER BY walk_id`,
  );
  const documentOf = (name: HouseName): unknown => {
    const row = house.get(name);
    return row && JSON.parse(row.document);
  };
  return {
    /** The yard's prices; undefined while nobody has set any. */
    prices: (): Prices | undefined => {
      const stored = documentOf('prices');
      return stored === undefined ? undefined : pricesSchema.parse(stored);
    },
    setPrices: (prices: Prices, now: string): void => {
      setHouse.run('prices', JSON.stringify(prices), now);
    },
    /** What the house changes of the rules for cures. */
    rules: (): RuleWishes => ruleWishesSchema.parse(documentOf('cure-rules') ?? {}),
    setRules: (rules: RuleWishes, now: string): void => {
      setHouse.run('cure-rules', JSON.stringify(rules), now);
    },
    /** Who does it; undefined while nobody has set it. */
    crew: (): CrewSet | undefined => {
      const stored = documentOf('crew');
      return stored === undefined ? undefined : crewSchema.parse(stored);
    },
    setCrew: (crew: CrewSet, now: string): void => {
      setHouse.run('crew', JSON.stringify(crew), now);
    },
    board: (): BoardState => boardStateSchema.parse(documentOf('board') ?? emptyBoard),
    setBoard: (board: BoardState, now: string): void => {
      setHouse.run('board', JSON.stringify(board), now);
    },
    /** Cars the yard works on, each by its newest walk, with what is wanted of them. */
    inWork: (): { walk: string; wish: PlanWish }[] =>
      wishes.all().flatMap((row) => {
        const wanted = planWishSchema.parse(JSON.parse(row.wish));
        return wanted.isOn ? [{ walk: row.walk_id, wish: wanted }] : [];
      }),
    wish: (walk: string): PlanWish | undefined => {
      const row = wish.get(walk);
      return row && planWishSchema.parse(JSON.parse(row.wish));
    },
    setWish: (walk: string, wanted: PlanWish, now: string): void => {
      setWish.run(walk, JSON.stringify(wanted), now);
    },
  };
}
