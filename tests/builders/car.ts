import { type Car, carSchema } from '#core/car';
import { CAR } from './entries';

/** What a person fills in about the car of the test walks. */
export const details = {
  stockNumber: 'T-1',
  bodyStyle: 'hatch-5',
  make: 'Fenlark',
  model: 'Tessel',
  year: 2017,
  colour: 'Blue',
  paintTone: 'mid',
  fuel: 'petrol',
  country: 'GB',
  steering: 'right',
} as const;

const stamp = '2026-03-01T00:00:00.000Z';

/** That car as the server keeps it. */
export const testCar: Car = carSchema.parse({ ...details, id: CAR, createdAt: stamp, updatedAt: stamp });
