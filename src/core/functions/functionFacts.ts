import type { BodyStyleId, CarDetails } from '../car';

/** What of a car decides whether a function can be on it. */
export type FunctionCar = Pick<CarDetails, 'bodyStyle' | 'fuel' | 'extras' | 'year'>;

export interface FunctionFacts {
  uk: string;
  us?: string;
  /** How it is spoken of when it is faulty, where its name says that all is well. */
  wrong?: string;
  /** On this car at all; everywhere when left out. */
  on?: (car: FunctionCar) => boolean;
  /** Most such cars have it: asked for at once. Others wait in the list of what may be fitted. */
  usual?: true;
  /** It takes so long to tell: a timer runs inside the walk. Seconds, or until the next morning. */
  takes?: number | 'overnight';
  caution?: string;
}

export const PLUGGED: ReadonlySet<CarDetails['fuel']> = new Set(['electric', 'plug-in hybrid']);
export const burns = ({ fuel }: FunctionCar): boolean => fuel !== 'electric';
export const isDiesel = ({ fuel }: FunctionCar): boolean => fuel === 'diesel';
export const isPlugged = ({ fuel }: FunctionCar): boolean => PLUGGED.has(fuel);
export const isTruck = ({ bodyStyle }: FunctionCar): boolean => bodyStyle === 'tractor';
export const isCar = (car: FunctionCar): boolean => !isTruck(car);
const twoDoors: ReadonlySet<BodyStyleId> = new Set([
  'hatch-3',
  'coupe',
  'convertible',
  'van',
  'pickup-single',
  'tractor',
]);
export const hasRearDoors = ({ bodyStyle }: FunctionCar): boolean => !twoDoors.has(bodyStyle);
export const hasRearSeats = (car: FunctionCar): boolean =>
  !['van', 'pickup-single', 'tractor'].includes(car.bodyStyle);
export const hasTailgate = ({ bodyStyle }: FunctionCar): boolean =>
  ['hatch-3', 'hatch-5', 'estate', 'suv', 'mpv', 'van'].includes(bodyStyle);
export const since =
  (year: number) =>
  (car: FunctionCar): boolean =>
    car.year >= year;
