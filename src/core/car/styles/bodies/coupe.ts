import type { CarBody } from '../body';
import { saloon } from './saloon';

export const coupe: CarBody = {
  uk: 'Coupé',
  us: 'Coupe',
  traits: { rear: 'bootlid', hasRearSeats: true, takes: ['glass-roof', 'flares'] },
  profile: {
    ...saloon.profile,
    length: 4480,
    width: 1830,
    height: 1370,
    rearAxle: 3560,
    roof: [
      [1230, 950],
      [1600, 1145],
      [1990, 1315],
      [2380, 1366],
      [2800, 1345],
      [3220, 1250],
    ],
    bonnet: [
      [30, 530],
      [70, 660],
      [240, 770],
      [680, 880],
      [1230, 950],
    ],
    tail: [
      [3220, 1250],
      [3520, 1120],
      [3830, 1005],
      [4170, 985],
      [4400, 940],
      [4450, 760],
      [4460, 610],
    ],
    belt: [930, 985],
    doors: { front: 1370, middle: 2620 },
    glassEnd: 3480,
  },
};
