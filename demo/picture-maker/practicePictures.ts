import type { PartId } from '../../src/core/car';
import { convertible, type DemoCar, estate, hatch3, pickup, saloon, suv, van } from '../yard/cars';
import { onPart } from './onPart';
import { range, seeded } from './random';
import { type Picture, phone } from './spec';
import type { Mark } from './stage/damage/kinds';
import type { SkyName } from './stage/light/skies';

/** What a person learns to tell apart: a place with something on it, or with nothing. */
interface Place {
  car: DemoCar;
  part: PartId;
  spot: readonly [u: number, v: number];
  sky: SkyName;
  distanceMm: number;
  mark?: Mark;
}

/** Dirt that looks like damage, places with nothing on them, and faults on coats that hide or show them. */
const places: readonly Place[] = [
  // What a wipe takes off.
  {
    car: suv,
    part: 'door-fl',
    spot: [0.5, 0.4],
    sky: 'bright',
    distanceMm: 420,
    mark: { kind: 'mud', widthMm: 80, heightMm: 50 },
  },
  {
    car: suv,
    part: 'wing-fr',
    spot: [0.45, 0.45],
    sky: 'overcast',
    distanceMm: 380,
    mark: { kind: 'dust', widthMm: 120, heightMm: 60 },
  },
  {
    car: van,
    part: 'door-fr',
    spot: [0.5, 0.5],
    sky: 'overcast',
    distanceMm: 400,
    mark: { kind: 'water-run', lengthMm: 110 },
  },
  {
    car: hatch3,
    part: 'bonnet',
    spot: [0.4, 0.5],
    sky: 'wet',
    distanceMm: 420,
    mark: { kind: 'drops', widthMm: 150, heightMm: 100 },
  },
  {
    car: saloon,
    part: 'quarter-rl',
    spot: [0.4, 0.5],
    sky: 'bright',
    distanceMm: 360,
    mark: { kind: 'residue', widthMm: 70, heightMm: 40 },
  },
  {
    car: convertible,
    part: 'door-fr',
    spot: [0.5, 0.4],
    sky: 'bright',
    distanceMm: 380,
    mark: { kind: 'water-run', lengthMm: 100 },
  },
  {
    car: estate,
    part: 'door-fl',
    spot: [0.5, 0.4],
    sky: 'overcast',
    distanceMm: 400,
    mark: { kind: 'mud', widthMm: 100, heightMm: 70 },
  },
  {
    car: convertible,
    part: 'door-fl',
    spot: [0.5, 0.45],
    sky: 'bright',
    distanceMm: 380,
    mark: { kind: 'dust', widthMm: 100, heightMm: 60 },
  },
  {
    car: pickup,
    part: 'door-fl',
    spot: [0.5, 0.5],
    sky: 'bright',
    distanceMm: 400,
    mark: { kind: 'residue', widthMm: 90, heightMm: 50 },
  },
  // Nothing there.
  { car: suv, part: 'door-fr', spot: [0.5, 0.45], sky: 'overcast', distanceMm: 420 },
  { car: saloon, part: 'wing-fr', spot: [0.4, 0.45], sky: 'bright', distanceMm: 400 },
  { car: estate, part: 'quarter-rl', spot: [0.4, 0.5], sky: 'overcast', distanceMm: 420 },
  { car: convertible, part: 'bonnet', spot: [0.5, 0.5], sky: 'bright', distanceMm: 450 },
  { car: van, part: 'door-fl', spot: [0.5, 0.5], sky: 'overcast', distanceMm: 420 },
  { car: hatch3, part: 'quarter-rr', spot: [0.45, 0.5], sky: 'overcast', distanceMm: 400 },
  // Faults.
  {
    car: saloon,
    part: 'door-fr',
    spot: [0.5, 0.45],
    sky: 'bright',
    distanceMm: 380,
    mark: { kind: 'scratch', lengthMm: 110, widthMm: 0.9, depthUm: 60, angleDeg: 18 },
  },
  {
    car: suv,
    part: 'door-rl',
    spot: [0.5, 0.4],
    sky: 'overcast',
    distanceMm: 400,
    mark: { kind: 'scratch', lengthMm: 70, widthMm: 1.8, depthUm: 110, angleDeg: -8 },
  },
  {
    car: suv,
    part: 'quarter-rl',
    spot: [0.4, 0.5],
    sky: 'bright',
    distanceMm: 420,
    mark: { kind: 'dent', diameterMm: 38, depthMm: 1.8 },
  },
  {
    car: saloon,
    part: 'door-rl',
    spot: [0.5, 0.45],
    sky: 'bright',
    distanceMm: 380,
    mark: { kind: 'dent', diameterMm: 26, depthMm: 1.1 },
  },
  {
    car: estate,
    part: 'bonnet',
    spot: [0.4, 0.5],
    sky: 'overcast',
    distanceMm: 420,
    mark: { kind: 'chips', count: 7, largestMm: 4, spreadMm: 100, depthUm: 120 },
  },
  {
    car: convertible,
    part: 'bonnet',
    spot: [0.4, 0.55],
    sky: 'bright',
    distanceMm: 380,
    mark: { kind: 'chips', count: 5, largestMm: 4.5, spreadMm: 90, depthUm: 140 },
  },
  {
    car: van,
    part: 'quarter-rl',
    spot: [0.4, 0.4],
    sky: 'overcast',
    distanceMm: 460,
    mark: { kind: 'scuff', lengthMm: 140, heightMm: 50, depthUm: 110, angleDeg: -4 },
  },
  {
    car: hatch3,
    part: 'door-fl',
    spot: [0.6, 0.45],
    sky: 'overcast',
    distanceMm: 380,
    mark: { kind: 'dent', diameterMm: 42, depthMm: 2 },
  },
  {
    car: hatch3,
    part: 'quarter-rl',
    spot: [0.45, 0.6],
    sky: 'overcast',
    distanceMm: 380,
    mark: { kind: 'rust', widthMm: 48, heightMm: 24 },
  },
  {
    car: estate,
    part: 'door-rl',
    spot: [0.5, 0.45],
    sky: 'bright',
    distanceMm: 420,
    mark: { kind: 'crease', lengthMm: 90, depthMm: 2, angleDeg: 12 },
  },
  {
    car: pickup,
    part: 'bonnet',
    spot: [0.5, 0.5],
    sky: 'bright',
    distanceMm: 420,
    mark: { kind: 'chips', count: 9, largestMm: 4.5, spreadMm: 110, depthUm: 130 },
  },
  {
    car: van,
    part: 'door-rl',
    spot: [0.45, 0.5],
    sky: 'overcast',
    distanceMm: 420,
    mark: { kind: 'scuff', lengthMm: 90, heightMm: 36, depthUm: 90, angleDeg: 6 },
  },
  {
    car: convertible,
    part: 'quarter-rl',
    spot: [0.4, 0.5],
    sky: 'bright',
    distanceMm: 380,
    mark: { kind: 'etching', widthMm: 36, heightMm: 24 },
  },
];

/** Pictures for the practice yard, beside those of the walks. */
export const practicePictures: readonly Picture[] = places.map(
  ({ car, part, spot: [u, v], sky, distanceMm, mark }, i) => {
    const random = seeded(4100 + i);
    const isUpwards = part === 'bonnet' || part === 'roof';
    return {
      name: `practice-${String(i + 1).padStart(2, '0')}`,
      seed: 900 + i,
      sky,
      car: car.look,
      view: {
        ...onPart(car, part, { spot: { u, v }, ...(mark && { mark }) }),
        distanceMm,
        swingDeg: range(random, 8, 24) * (random() < 0.5 ? -1 : 1),
        liftDeg: isUpwards ? -range(random, 18, 28) : range(random, 4, 16),
        // Not in the middle: the eye has to look for it.
        aim: [range(random, -60, 60), range(random, -45, 45)],
      },
      camera: { ...phone, rollDeg: range(random, -2, 2), noise: 3 },
      minute: 0,
    };
  },
);
