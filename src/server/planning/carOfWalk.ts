import { styleOf } from '#core/car';
import { asBuilt, replay } from '#core/walk';
import type { Stores } from '../store/stores';

/** A walk as it stands, with its car as it was said to be built; undefined for one that is not here, or has not begun. */
export function carOfWalk(stores: Stores, walk: string) {
  const row = stores.walks.get(walk);
  const car = row && stores.cars.get(row.car_id);
  if (!car) return undefined;
  const state = replay(walk, stores.walks.entriesOf(walk));
  if (!state.begun) return undefined;
  return { car, state, style: asBuilt(styleOf({ ...state.begun, steering: car.steering }), state) };
}
