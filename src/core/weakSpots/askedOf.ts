import type { BodyStyle } from '../car';
import { planRoute, usualRoute } from '../route';
import type { EntryBody } from '../walk';
import { type CarOfSpot, fitsCar } from './fitsCar';
import type { WeakSpot } from './spot';

/** More than this nobody answers: as many as an entry takes. */
const MOST_ASKED = 120;

type Listed = EntryBody<'weak-spots-listed'>['spots'];

/** What a car is asked for, part by part in walking order: each spot at every part of its kinds the car has. */
export function askedOf(
  spots: readonly WeakSpot[],
  car: CarOfSpot,
  style: BodyStyle,
  thisYear: number,
): Listed {
  const fitting = spots.filter((spot) => fitsCar(spot, car, thisYear));
  return planRoute(style, usualRoute)
    .flatMap(({ part }) => {
      const kind = style.parts.get(part)?.kind;
      return fitting
        .filter(({ on }) => kind !== undefined && on.includes(kind))
        .map(({ id, title, look, how, caution, fine, kinds }) => ({
          spot: id,
          part,
          title,
          look,
          how,
          ...(caution && { caution }),
          fine,
          kinds,
        }));
    })
    .slice(0, MOST_ASKED);
}

/** Whether two lists ask the same. */
export const sameAsked = (a: Listed, b: Listed): boolean => JSON.stringify(a) === JSON.stringify(b);
