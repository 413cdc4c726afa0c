import type { CarBody } from '../body';
import { hatch5 } from './hatch5';

export const hatch3: CarBody = {
  uk: 'Three-door hatch',
  us: 'Three-door hatchback',
  traits: { rear: 'tailgate', hasRearSeats: true, hasLoadCover: true, takes: ['glass-roof'] },
  profile: {
    ...hatch5.profile,
    length: 3960,
    width: 1740,
    rearAxle: 3260,
    tyreRadius: 300,
    rimRadius: 200,
    roof: [
      [1100, 985],
      [1440, 1205],
      [1780, 1390],
      [2150, 1455],
      [2750, 1448],
      [3330, 1385],
      [3540, 1345],
    ],
    bonnet: [
      [30, 560],
      [70, 690],
      [220, 800],
      [580, 905],
      [1100, 985],
    ],
    tail: [
      [3540, 1345],
      [3740, 1120],
      [3840, 960],
      [3915, 830],
      [3935, 640],
    ],
    doors: { front: 1230, middle: 2420 },
    glassEnd: 3330,
    fillerFlap: 'l',
  },
};
