import { convertible, coupe, estate, hatch3, hatch5, saloon } from './lowProfiles';
import type { Profile } from './profile';
import { mpv, pickup, pickupSingle, suv, van } from './tallProfiles';

/** Body styles of cars the map can draw. */
export const profiles = {
  'hatch-5': hatch5,
  'hatch-3': hatch3,
  saloon,
  coupe,
  convertible,
  estate,
  suv,
  mpv,
  van,
  pickup,
  'pickup-single': pickupSingle,
} as const satisfies Record<string, Profile>;
