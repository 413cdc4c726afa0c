import type { CarBody } from '../body';
import { estate } from './estate';

export const suv: CarBody = {
  uk: 'SUV',
  us: 'SUV',
  traits: {
    rear: 'tailgate',
    hasRearDoors: true,
    hasRearSeats: true,
    hasLoadCover: true,
    takes: ['glass-roof', 'third-row', 'side-steps', 'guard-bar', 'flares'],
  },
  profile: {
    ...estate.profile,
    length: 4520,
    width: 1870,
    height: 1680,
    frontAxle: 900,
    rearAxle: 3620,
    tyreRadius: 358,
    rimRadius: 230,
    sill: [270, 430],
    bonnet: [
      [30, 650],
      [60, 830],
      [190, 950],
      [600, 1060],
      [1180, 1125],
    ],
    roof: [
      [1180, 1125],
      [1500, 1370],
      [1850, 1585],
      [2300, 1668],
      [3100, 1672],
      [3900, 1630],
      [4120, 1590],
    ],
    tail: [
      [4120, 1590],
      [4300, 1350],
      [4390, 1140],
      [4470, 950],
      [4495, 740],
    ],
    belt: [1095, 1165],
    doors: { front: 1330, middle: 2330, rear: 3290 },
    glassEnd: 3990,
  },
};
