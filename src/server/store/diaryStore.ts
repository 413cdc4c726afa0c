import { type KeptLook, keptLookSchema, type MorningLook } from '#core/diary';
import type { Db } from './openDatabase';

interface Row {
  look: string;
  who: string;
}

/** Looks at standing cars, morning by morning. */
export function makeDiaryStore(db: Db) {
  const ofCar = db.prepare<[string], Row>(
    'SELECT look, who FROM morning_looks WHERE car_id = ? AND taken_back_at IS NULL ORDER BY day, at, id',
  );
  const since = db.prepare<[string], Row>(
    'SELECT look, who FROM morning_looks WHERE day >= ? AND taken_back_at IS NULL ORDER BY day, at, id',
  );
  const get = db.prepare<[string], Row & { car_id: string; taken_back_at: string | null }>(
    'SELECT look, who, car_id, taken_back_at FROM morning_looks WHERE id = ?',
  );
  const add = db.prepare(
    `INSERT INTO morning_looks (id, car_id, day, at, who, look, received_at) VALUES (?, ?, ?, ?, ?, ?, ?)
     ON CONFLICT (id) DO NOTHING`,
  );
  const takeBack = db.prepare(
    'UPDATE morning_looks SET taken_back_at = ? WHERE id = ? AND taken_back_at IS NULL',
  );
  return {
    ofCar: (car: string): KeptLook[] => ofCar.all(car).map(toLook),
    since: (day: string): KeptLook[] => since.all(day).map(toLook),
    get: (id: string): KeptLook | undefined => {
      const row = get.get(id);
      return row && toLook(row);
    },
    /** The same again changes nothing. */
    add: (look: MorningLook, who: string, now: string): void => {
      add.run(look.id, look.car, look.day, look.at, who, JSON.stringify(look), now);
    },
    takeBack: (id: string, now: string): void => {
      takeBack.run(now, id);
    },
  };
}

const toLook = ({ look, who }: Row): KeptLook => keptLookSchema.parse({ ...JSON.parse(look), who });
