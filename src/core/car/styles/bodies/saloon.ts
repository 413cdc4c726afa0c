import type { CarBody } from '../body';
import { hatch5 } from './hatch5';

export const saloon: CarBody = {
  uk: 'Saloon',
  us: 'Sedan',
  traits: { rear: 'bootlid', hasRearDoors: true, hasRearSeats: true, takes: ['roof-rails', 'glass-roof'] },
  profile: {
    ...hatch5.profile,
    length: 4680,
    width: 1820,
    height: 1450,
    frontAxle: 890,
    rearAxle: 3690,
    roof: [
      [1180, 975],
      [1560, 1195],
      [1960, 1390],
      [2400, 1445],
      [2950, 1432],
      [3420, 1340],
    ],
    bonnet: [
      [30, 560],
      [70, 690],
      [230, 800],
      [640, 905],
      [1180, 975],
    ],
    tail: [
      [3420, 1340],
      [3720, 1190],
      [3990, 1055],
      [4330, 1030],
      [4590, 985],
      [4640, 800],
      [4655, 640],
    ],
    belt: [955, 1015],
    doors: { front: 1330, middle: 2380, rear: 3370 },
    glassEnd: 3700,
    rearGlassBase: 2,
    rearLid: 'bootlid',
  },
};
