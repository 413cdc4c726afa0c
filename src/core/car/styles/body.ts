import type { Profile } from './profile';
import type { BodyTraits } from './traits';
import type { TruckProfile } from './truckProfile';

interface Named {
  uk: string;
  us: string;
  traits: BodyTraits;
}

/** All that is told of a body style: what it is called, what can be on it, and what it is drawn from. */
export interface CarBody extends Named {
  profile: Profile;
}

export interface TruckBody extends Named {
  truck: TruckProfile;
}

export type Body = CarBody | TruckBody;
