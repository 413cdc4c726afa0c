import type { CarBody } from '../body';
import { suv } from './suv';

export const mpv: CarBody = {
  uk: 'MPV',
  us: 'Minivan',
  traits: {
    rear: 'tailgate',
    hasRearDoors: true,
    hasSlidingDoor: true,
    hasRearSeats: true,
    hasLoadCover: true,
    takes: ['roof-rails', 'glass-roof', 'third-row', 'side-steps'],
  },
  profile: {
    ...suv.profile,
    length: 4620,
    width: 1850,
    height: 1640,
    frontAxle: 930,
    rearAxle: 3760,
    tyreRadius: 328,
    rimRadius: 216,
    sill: [200, 350],
    bonnet: [
      [30, 600],
      [65, 770],
      [190, 880],
      [500, 985],
      [950, 1075],
    ],
    roof: [
      [950, 1075],
      [1330, 1330],
      [1700, 1545],
      [2150, 1632],
      [3100, 1638],
      [4000, 1600],
      [4260, 1560],
    ],
    tail: [
      [4260, 1560],
      [4430, 1310],
      [4510, 1080],
      [4580, 880],
      [4600, 680],
    ],
    belt: [1045, 1100],
    doors: { front: 1210, middle: 2290, rear: 3330 },
    glassEnd: 4110,
    roofRails: false,
  },
};
