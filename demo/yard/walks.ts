import type { Person } from '#core/exchange';
import { convertible, type DemoCar, estate, hatch, pickup, saloon } from './cars';
import { hatchScript } from './hatchScript';
import {
  convertibleScript,
  estateArrivalScript,
  estateScript,
  pickupScript,
  saloonScript,
} from './otherScripts';
import { nell, tomas } from './people';
import type { Script } from './script';

export interface DemoWalk {
  script: Script;
  car: DemoCar;
  who: Person;
  /** Frozen and signed by the person who walked it. */
  isFrozen: boolean;
}

/** Walks of five cars, one of them twice; three cars of the yard were not begun. */
export const walks: readonly DemoWalk[] = [
  { script: hatchScript, car: hatch, who: nell, isFrozen: true },
  { script: estateArrivalScript, car: estate, who: tomas, isFrozen: false },
  { script: estateScript, car: estate, who: nell, isFrozen: true },
  { script: pickupScript, car: pickup, who: tomas, isFrozen: true },
  { script: convertibleScript, car: convertible, who: nell, isFrozen: false },
  { script: saloonScript, car: saloon, who: tomas, isFrozen: false },
];
