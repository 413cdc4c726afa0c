import type { CarBody } from '../body';
import { suv } from './suv';

export const suv3: CarBody = {
  uk: 'Three-door off-roader',
  us: 'Two-door off-roader',
  traits: {
    rear: 'swingdoor',
    hasRearSeats: true,
    hasLoadCover: true,
    takes: ['roof-rails', 'glass-roof', 'side-steps', 'guard-bar', 'flares'],
  },
  profile: {
    ...suv.profile,
    length: 3990,
    width: 1800,
    height: 1790,
    frontAxle: 760,
    rearAxle: 3140,
    tyreRadius: 372,
    rimRadius: 205,
    sill: [310, 470],
    bonnet: [
      [30, 690],
      [60, 900],
      [160, 1020],
      [520, 1110],
      [1080, 1160],
    ],
    roof: [
      [1080, 1160],
      [1300, 1440],
      [1560, 1690],
      [1950, 1772],
      [2700, 1784],
      [3500, 1768],
      [3700, 1745],
    ],
    tail: [
      [3700, 1745],
      [3800, 1450],
      [3850, 1190],
      [3890, 950],
      [3900, 760],
    ],
    belt: [1130, 1175],
    doors: { front: 1220, middle: 2380 },
    glassEnd: 3500,
    rearLid: 'swingdoor',
    roofRails: false,
  },
};
