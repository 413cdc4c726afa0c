import type { CarBody } from '../body';
import { coupe } from './coupe';

export const convertible: CarBody = {
  uk: 'Convertible',
  us: 'Convertible',
  traits: { rear: 'bootlid', hasRearSeats: true, hasSoftTop: true, takes: [] },
  profile: {
    ...coupe.profile,
    length: 4180,
    width: 1780,
    height: 1300,
    frontAxle: 860,
    rearAxle: 3290,
    roof: [
      [1230, 930],
      [1560, 1105],
      [1900, 1250],
      [2230, 1296],
      [2600, 1280],
      [2900, 1215],
    ],
    bonnet: [
      [30, 520],
      [70, 640],
      [240, 750],
      [680, 862],
      [1230, 930],
    ],
    tail: [
      [2900, 1215],
      [3120, 1080],
      [3330, 975],
      [3820, 955],
      [4090, 915],
      [4150, 740],
      [4160, 600],
    ],
    belt: [910, 950],
    doors: { front: 1370, middle: 2560 },
    glassEnd: 2990,
    fillerFlap: 'l',
    softTop: true,
    rows: 1,
  },
};
