import type { CarBody } from '../body';
import { pickup } from './pickup';

export const pickupSingle: CarBody = {
  uk: 'Single-cab pick-up',
  us: 'Regular cab pickup',
  traits: { rear: 'bed', takes: ['roof-rails', 'glass-roof', 'side-steps', 'guard-bar', 'flares'] },
  profile: {
    ...pickup.profile,
    roof: [
      [1230, 1165],
      [1540, 1430],
      [1870, 1660],
      [2180, 1768],
      [2420, 1776],
      [2560, 1748],
      [2660, 1700],
    ],
    tail: [
      [2660, 1700],
      [2740, 1190],
      [2840, 1160],
      [5180, 1165],
      [5240, 1000],
      [5270, 720],
    ],
    doors: { front: 1370, middle: 2560 },
    glassEnd: 2660,
    rows: 1,
    quarterGlass: false,
    bed: { from: 2880, to: 5150, floor: 800 },
  },
};
