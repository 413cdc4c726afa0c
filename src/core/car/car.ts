import type { CarDetails } from './carSchema';
import type { Vocabulary } from './countries';

/** "Fenlark Brio 1.4 (2017)" */
export function carTitle(car: Pick<CarDetails, 'make' | 'model' | 'variant' | 'year'>): string {
  return [car.make, car.model, car.variant].filter(Boolean).join(' ').concat(` (${car.year})`);
}

/** A fuel as people there call it. */
export const fuelName = (fuel: CarDetails['fuel'], vocabulary: Vocabulary): string =>
  vocabulary === 'us' && fuel === 'petrol' ? 'gasoline' : fuel;
