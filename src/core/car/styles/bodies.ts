import { convertible } from './bodies/convertible';
import { coupe } from './bodies/coupe';
import { estate } from './bodies/estate';
import { hatch3 } from './bodies/hatch3';
import { hatch5 } from './bodies/hatch5';
import { mpv } from './bodies/mpv';
import { pickup } from './bodies/pickup';
import { pickupSingle } from './bodies/pickupSingle';
import { saloon } from './bodies/saloon';
import { suv } from './bodies/suv';
import { suv3 } from './bodies/suv3';
import { tractor } from './bodies/tractor';
import { tractorBonnet } from './bodies/tractorBonnet';
import { van } from './bodies/van';
import type { Body } from './body';

/** The body styles Zelk knows. A new one is a file of its own and a line here. */
export const bodies = {
  'hatch-5': hatch5,
  'hatch-3': hatch3,
  saloon,
  coupe,
  convertible,
  estate,
  suv,
  'suv-3': suv3,
  mpv,
  van,
  pickup,
  'pickup-single': pickupSingle,
  tractor,
  'tractor-bonnet': tractorBonnet,
} as const satisfies Record<string, Body>;
