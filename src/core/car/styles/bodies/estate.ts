import type { CarBody } from '../body';
import { saloon } from './saloon';

export const estate: CarBody = {
  uk: 'Estate',
  us: 'Station wagon',
  traits: {
    rear: 'tailgate',
    hasRearDoors: true,
    hasRearSeats: true,
    hasLoadCover: true,
    takes: ['glass-roof', 'third-row'],
  },
  profile: {
    ...saloon.profile,
    height: 1480,
    roof: [
      [1180, 975],
      [1560, 1200],
      [1960, 1400],
      [2400, 1468],
      [3200, 1475],
      [4000, 1440],
      [4300, 1400],
    ],
    tail: [
      [4300, 1400],
      [4470, 1180],
      [4560, 1000],
      [4630, 830],
      [4655, 640],
    ],
    belt: [960, 1030],
    glassEnd: 4180,
    rearLid: 'tailgate',
    roofRails: true,
    quarterGlass: true,
  },
};
