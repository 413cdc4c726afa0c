import { type CarDetails, traitsOf } from '../car';

/** What of a car decides whether a function can be on it. */
export type FunctionCar = Pick<CarDetails, 'bodyStyle' | 'fuel' | 'extras' | 'year'>;

export interface FunctionFacts {
  uk: string;
  us?: string;
  /** The fault in words, where its name says that all is well: "Air-con does not blow cold". */
  wrong?: string;
  wrongUs?: string;
  /** On this car at all; everywhere when left out. */
  on?: (car: FunctionCar) => boolean;
  /** Most such cars have it: asked for at once. Others wait in the list of what may be fitted. */
  usual?: true;
  /** One of the handful a buyer asks about and a walk tries before the rest. Common practice. */
  first?: true;
  /** It takes so long to tell: a timer runs inside the walk. Seconds, or until the next morning. */
  takes?: number | 'overnight';
  caution?: string;
}

export const PLUGGED: ReadonlySet<CarDetails['fuel']> = new Set(['electric', 'plug-in hybrid']);
export const burns = ({ fuel }: FunctionCar): boolean => fuel !== 'electric';
export const isDiesel = ({ fuel }: FunctionCar): boolean => fuel === 'diesel';
export const isPlugged = ({ fuel }: FunctionCar): boolean => PLUGGED.has(fuel);
const traits = ({ bodyStyle }: FunctionCar) => traitsOf(bodyStyle);
export const isTruck = (car: FunctionCar): boolean => traits(car).isTruck === true;
export const isCar = (car: FunctionCar): boolean => !isTruck(car);
export const hasRearDoors = (car: FunctionCar): boolean => traits(car).hasRearDoors === true;
export const hasSlidingDoor = (car: FunctionCar): boolean => traits(car).hasSlidingDoor === true;
export const hasRearSeats = (car: FunctionCar): boolean => traits(car).hasRearSeats === true;
export const hasTailgate = (car: FunctionCar): boolean => traits(car).rear === 'tailgate';
/** Glass at the back that stands upright enough to want a wiper. */
export const hasRearWiper = (car: FunctionCar): boolean =>
  hasTailgate(car) || traits(car).rear === 'swingdoor';
export const hasBed = (car: FunctionCar): boolean => traits(car).rear === 'bed';
export const hasSoftTop = (car: FunctionCar): boolean => traits(car).hasSoftTop === true;
export const since =
  (year: number) =>
  (car: FunctionCar): boolean =>
    car.year >= year;
