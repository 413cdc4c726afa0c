/** What the stage is asked to show. Sizes in metres, angles in degrees. */
export type Shot =
  | { scene: 'car'; azimuth: number; height: number; distance: number }
  | {
      scene: 'panel';
      damage: Damage;
      distance: number;
      tilt: number;
      handle?: true;
      offset: readonly [number, number];
    }
  | { scene: 'wheel'; kerbFrom: number; kerbTo: number; distance: number; aim: readonly [number, number] }
  | { scene: 'tread'; depthMm: number; distance: number };

export type Damage =
  | { kind: 'dent'; diameterMm: number; depthMm: number }
  | { kind: 'scratch'; lengthMm: number; widthMm: number }
  | { kind: 'chips'; count: number; largestMm: number; spreadMm: number }
  | { kind: 'scuff'; lengthMm: number; heightMm: number };

export interface Picture {
  name: string;
  seed: number;
  paint: string;
  /** Minutes after the walk began, for the camera's clock. */
  minute: number;
  shot: Shot;
  /** The camera also wrote down a place; sharing must lose it. */
  withPlace?: true;
}

const paint = '#36748d';
const dent = { kind: 'dent', diameterMm: 42, depthMm: 3.4 } as const;
const scratch = { kind: 'scratch', lengthMm: 140, widthMm: 1.1 } as const;
const chips = { kind: 'chips', count: 6, largestMm: 5, spreadMm: 110 } as const;
const scuff = { kind: 'scuff', lengthMm: 120, heightMm: 55 } as const;

export const pictures: readonly Picture[] = [
  {
    name: 'whole-front',
    seed: 1,
    paint,
    minute: 0,
    shot: { scene: 'car', azimuth: 38, height: 1.5, distance: 6.6 },
    withPlace: true,
  },
  {
    name: 'whole-rear',
    seed: 2,
    paint,
    minute: 1,
    shot: { scene: 'car', azimuth: 218, height: 1.6, distance: 6.8 },
  },
  {
    name: 'bonnet-chips-where',
    seed: 3,
    paint,
    minute: 2,
    shot: { scene: 'panel', damage: chips, distance: 1.1, tilt: 38, offset: [0.12, 0.05] },
  },
  {
    name: 'bonnet-chips-what',
    seed: 3,
    paint,
    minute: 2,
    shot: { scene: 'panel', damage: chips, distance: 0.3, tilt: 26, offset: [0, 0] },
  },
  {
    name: 'wing-scratch-where',
    seed: 4,
    paint,
    minute: 4,
    shot: { scene: 'panel', damage: scratch, distance: 1, tilt: 12, offset: [-0.14, 0.06] },
  },
  {
    name: 'wing-scratch-what',
    seed: 4,
    paint,
    minute: 4,
    shot: { scene: 'panel', damage: scratch, distance: 0.32, tilt: 16, offset: [0, 0] },
  },
  {
    name: 'wheel-kerbing-where',
    seed: 5,
    paint,
    minute: 5,
    shot: { scene: 'wheel', kerbFrom: 100, kerbTo: 165, distance: 1.25, aim: [0, 0] },
  },
  {
    name: 'wheel-kerbing-what',
    seed: 5,
    paint,
    minute: 5,
    shot: { scene: 'wheel', kerbFrom: 100, kerbTo: 165, distance: 0.42, aim: [0.13, -0.17] },
  },
  { name: 'tyre-tread', seed: 6, paint, minute: 6, shot: { scene: 'tread', depthMm: 4.5, distance: 0.36 } },
  {
    name: 'door-dent-where',
    seed: 7,
    paint,
    minute: 8,
    shot: { scene: 'panel', damage: dent, distance: 1.05, tilt: 14, handle: true, offset: [0.06, 0.1] },
  },
  {
    name: 'door-dent-what',
    seed: 7,
    paint,
    minute: 8,
    shot: { scene: 'panel', damage: dent, distance: 0.36, tilt: 28, offset: [0, 0] },
  },
  {
    name: 'bumper-scuff-what',
    seed: 8,
    paint,
    minute: 12,
    shot: { scene: 'panel', damage: scuff, distance: 0.42, tilt: 20, offset: [0, 0.02] },
  },
];
