import type { CarBody } from '../body';
import { suv } from './suv';

export const van: CarBody = {
  uk: 'Van with windows',
  us: 'Passenger van',
  traits: {
    rear: 'tailgate',
    hasSlidingDoor: true,
    takes: ['roof-rails', 'glass-roof', 'side-steps', 'guard-bar'],
  },
  profile: {
    ...suv.profile,
    length: 4980,
    width: 1920,
    height: 1940,
    frontAxle: 930,
    rearAxle: 4020,
    tyreRadius: 340,
    rimRadius: 216,
    sill: [230, 400],
    bonnet: [
      [30, 640],
      [60, 860],
      [180, 990],
      [460, 1100],
      [800, 1190],
    ],
    roof: [
      [800, 1190],
      [1120, 1480],
      [1440, 1760],
      [1800, 1900],
      [2600, 1936],
      [4200, 1936],
      [4860, 1918],
    ],
    tail: [
      [4860, 1918],
      [4925, 1640],
      [4950, 1180],
      [4960, 900],
      [4960, 700],
    ],
    belt: [1090, 1150],
    doors: { front: 1060, middle: 2100, rear: 3180 },
    glassEnd: 3160,
    fillerFlap: 'l',
    roofRails: false,
    quarterGlass: false,
    boxy: true,
  },
};
