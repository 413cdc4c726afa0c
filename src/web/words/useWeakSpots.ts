import { useQuery } from '@tanstack/react-query';
import { type Car, styleOf } from '#core/car';
import type { EntryBody } from '#core/walk';
import { askedOf, type WeakSpotList } from '#core/weakSpots';
import { getJson } from '../api/client';

export const WEAK_SPOTS = '/api/weak-spots';

/** What such cars are known for, as the yard keeps it; kept on this device for where there is no signal. */
export const useWeakSpots = () =>
  useQuery({ queryKey: ['weak-spots'], queryFn: () => getJson<WeakSpotList>(WEAK_SPOTS) });

/** What a car is asked for, as a walk lists it. */
export const spotsAskedOf = (list: WeakSpotList, car: Car): EntryBody<'weak-spots-listed'>['spots'] =>
  askedOf(list.spots, car, styleOf(car), new Date().getFullYear());
