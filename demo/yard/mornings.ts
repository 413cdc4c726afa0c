import { randomUUID } from 'node:crypto';
import type { MorningLook } from '#core/diary';
import { cars, convertible, type DemoCar, estate, hatch, pickup } from './cars';
import { workCars } from './workCars';

type Seen = Omit<MorningLook, 'id' | 'car' | 'at' | 'day'>;

const DAY_MS = 86_400_000;
const fine: Seen = { start: 'at-once', level: 'level', under: 'dry' };

/** What one car was found like on the nth of its mornings, the last of them 0. */
const seenOf = (car: DemoCar, ago: number): Seen => {
  if (car === pickup)
    // Its battery goes down, and on the last mornings it turns over slowly.
    return { ...fine, start: ago <= 4 && ago % 2 === 0 ? 'slowly' : 'at-once', volts: 12.15 + 0.04 * ago };
  if (car === estate) return ago === 1 || ago === 3 ? { ...fine, level: 'sunk', sunkAt: ['rl', 'rr'] } : fine;
  if (car === hatch) return { ...fine, lamps: 'none', ...(ago % 4 === 0 && { volts: 12.6 }) };
  if (car === convertible) return { level: 'level', under: 'dry' };
  return fine;
};

/** Looks at the cars that stand in the yard, on most mornings of the last fortnight; today is left to whoever opens it. */
export function mornings(now: Date, cameIn: (car: DemoCar) => Date): MorningLook[] {
  return [...workCars, ...cars].flatMap((car, i) =>
    Array.from({ length: 14 }, (_, n): MorningLook[] => {
      const ago = n + 1;
      // Nobody was in on every seventh day, and one came late now and then.
      if (ago % 7 === 4 || (ago + i) % 9 === 8) return [];
      const at = new Date(now.getTime() - ago * DAY_MS + i * 40_000);
      if (at.getTime() < cameIn(car).getTime()) return [];
      return [
        {
          id: randomUUID(),
          car: car.id,
          at: at.toISOString(),
          day: at.toISOString().slice(0, 10),
          ...seenOf(car, ago),
        },
      ];
    }).flat(),
  );
}
