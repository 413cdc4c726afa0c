import type { CarDetails, ExtraId } from '../car';
import type { WeakSpot } from './spot';

export type CarOfSpot = Pick<CarDetails, 'bodyStyle' | 'make' | 'model' | 'variant' | 'year' | 'fuel'> & {
  extras?: readonly ExtraId[];
};

/** Whether a spot is asked of a car. Names are compared without regard to case. */
export function fitsCar({ cars, isOff }: WeakSpot, car: CarOfSpot, thisYear: number): boolean {
  if (isOff) return false;
  const age = thisYear - car.year;
  const has = <T>(list: readonly T[] | undefined, value: T) =>
    !list || list.length === 0 || list.includes(value);
  return (
    has(cars.bodyStyles, car.bodyStyle) &&
    has(cars.fuels, car.fuel) &&
    (!cars.make || cars.make.toLowerCase() === car.make.toLowerCase()) &&
    (!cars.model ||
      matches(cars.model, car.model) ||
      matches(cars.model, [car.model, car.variant].filter(Boolean).join(' '))) &&
    car.year >= (cars.yearFrom ?? 0) &&
    car.year <= (cars.yearTo ?? 9999) &&
    age >= (cars.ageFrom ?? Number.NEGATIVE_INFINITY) &&
    age <= (cars.ageTo ?? Number.POSITIVE_INFINITY) &&
    (cars.extras ?? []).every((extra) => car.extras?.includes(extra))
  );
}

/** "Tessel*" is anything that begins so. Every other sign stands for itself. */
function matches(pattern: string, name: string): boolean {
  const pieces = pattern.toLowerCase().split('*');
  let rest = name.toLowerCase();
  const first = pieces[0] ?? '';
  if (!rest.startsWith(first)) return false;
  rest = rest.slice(first.length);
  if (pieces.length === 1) return rest === '';
  const last = pieces.at(-1) ?? '';
  for (const piece of pieces.slice(1, -1)) {
    const at = rest.indexOf(piece);
    if (at === -1) return false;
    rest = rest.slice(at + piece.length);
  }
  return rest.endsWith(last);
}
