import { left, promised } from './remedies';
import { arcMm, type Script } from './script';
import { estateTold, pickupTold } from './toldOf';

/** The saloon, half walked when the rain came. */
export const saloonScript: Script = {
  name: 'saloon',
  hoursAgo: 3,
  sky: 'wet',
  whole: [{ azimuthDeg: 322 }, { azimuthDeg: 142 }],
  findings: {
    bonnet: [
      {
        kind: 'etching',
        spot: { u: 0.4, v: 0.5 },
        details: { lengthMm: 25, widthMm: 16, wipe: 'stays', notice: 'one-step-back' },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'etching', widthMm: 32, heightMm: 22 },
          scale: 'blank-24.26',
        },
      },
    ],
    'wheel-fl': [
      {
        kind: 'kerbing',
        spot: { u: 0.5, v: 0.95 },
        details: { lengthMm: arcMm(432, 20), notice: 'up-close' },
        shots: { what: true, kerbing: { fromDeg: 172, toDeg: 192, depthMm: 1.6 } },
      },
    ],
    'mirror-l': [{ kind: 'scuff', spot: { u: 0.5, v: 0.3 }, suspected: true, details: {} }],
    'door-fl': [
      {
        kind: 'scratch',
        spot: { u: 0.5, v: 0.4 },
        suspected: true,
        details: { lengthMm: 90, note: 'All drops: look again when it is dry.' },
        shots: { what: true, mark: { kind: 'drops', widthMm: 200, heightMm: 150 } },
      },
    ],
  },
  notSeen: {},
  treads: { 'tyre-fl': [4.8, 4.8] },
  stops: 17,
};

/** The estate: nothing was said of paint, but the right rear was painted once. */
export const estateScript: Script = {
  name: 'estate',
  asksSpots: 'left',
  hoursAgo: 50,
  promisedFor: 4,
  sky: 'overcast',
  whole: [{ azimuthDeg: 40 }, { azimuthDeg: 320 }, { azimuthDeg: 220 }, { azimuthDeg: 140 }],
  findings: {
    'quarter-rr': [
      {
        kind: 'respray-sign',
        spot: { u: 0.3, v: 0.46 },
        details: {
          lengthMm: 160,
          feel: 'clear-edge',
          notice: 'up-close',
          decision: left,
          note: 'A masking edge under the glass: felt with a finger, straight as tape, dull below it.',
        },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'tape-line', lengthMm: 170, stepUm: 110 },
          scale: 'tape-measure',
        },
      },
      {
        kind: 'peel',
        spot: { u: 0.5, v: 0.52 },
        details: {
          lengthMm: 85,
          widthMm: 47,
          feel: 'clear-edge',
          notice: 'one-step-back',
          ...promised('full-panel'),
        },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'peel', widthMm: 100, heightMm: 66 },
          scale: 'marker-tape',
        },
      },
    ],
    'door-rr': [
      {
        kind: 'respray-sign',
        spot: { u: 0.9, v: 0.45 },
        details: {
          lengthMm: 130,
          widthMm: 80,
          feel: 'slight',
          notice: 'up-close',
          ...promised('polish'),
          note: 'Mist of paint on the edge of the door: rough to the hand, wipes not off.',
        },
        shots: {
          what: true,
          mark: { kind: 'overspray', widthMm: 130, heightMm: 80 },
          scale: 'card',
        },
      },
    ],
    bonnet: [
      {
        kind: 'stone-chip',
        spot: { u: 0.5, v: 0.9 },
        details: { count: 14, lengthMm: 3, notice: 'up-close', decision: left },
      },
    ],
    'wheel-rl': [
      {
        kind: 'kerbing',
        spot: { u: 0.9, v: 0.5 },
        details: { lengthMm: arcMm(432, 30), notice: 'up-close', decision: left },
      },
    ],
  },
  swept: { face: 'left', absent: ['straight'] },
  said: estateTold,
  notSeen: {},
  readings: {
    paint: {
      levelUm: 128,
      times: { 'quarter-rr': 1.85, 'door-rr': 1.55, 'wing-fl': 1.5 },
      seed: 131,
    },
  },
  treads: { 'tyre-fl': [6, 6], 'tyre-rl': [6, 6.5], 'tyre-rr': [6, 6.5], 'tyre-fr': [6, 6] },
  odometer: { value: 131_870, unit: 'km', lamps: ['belt', 'engine'] },
};

/** The estate on the day it came in, with the gauge alone: before its left wing was painted. */
export const estateArrivalScript: Script = {
  name: 'estate-arrival',
  hoursAgo: 1300,
  sky: 'overcast',
  whole: [],
  findings: {},
  notSeen: {},
  treads: {},
  gaugeOnly: true,
  readings: {
    paint: { levelUm: 128, times: { 'quarter-rr': 1.85, 'door-rr': 1.55 }, seed: 131 },
  },
};

/** The convertible with its hard top on, late on a clear day. */
export const convertibleScript: Script = {
  name: 'convertible',
  asksSpots: 'answered',
  hoursAgo: 98,
  promisedFor: -1,
  sky: 'low-sun',
  whole: [{ azimuthDeg: 140 }, { azimuthDeg: 48 }],
  findings: {
    'bumper-front': [
      {
        kind: 'stone-chip',
        spot: { u: 0.5, v: 0.25 },
        details: { count: 8, lengthMm: 3, notice: 'one-step-back', ...promised('local-paint') },
      },
    ],
    'sill-l': [
      {
        kind: 'film-lift',
        spot: { u: 0.7, v: 0.3 },
        details: {
          nail: 'under-film',
          notice: 'up-close',
          ...promised('refit'),
          note: 'Protective film lifting at its edge; whether a stone went through it cannot be told.',
        },
        shots: { what: true, mark: { kind: 'film-edge', lengthMm: 130, liftMm: 1.1 }, scale: 'card' },
      },
    ],
    hardtop: [
      {
        kind: 'paint-loss',
        spot: { u: 0.9, v: 0.55 },
        details: {
          lengthMm: 30,
          widthMm: 10,
          notice: 'up-close',
          ...promised('touch-in'),
          note: 'Where it rests in its stand.',
        },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'wear', widthMm: 32, heightMm: 11, depthUm: 120 },
          scale: 'blank-23.25',
        },
      },
    ],
  },
  notSeen: {
    softtop: 'hard top on',
    frontunder: 'on the ground, no lift',
    rearunder: 'on the ground, no lift',
    floor: 'on the ground, no lift',
  },
  treads: { 'tyre-fl': [5, 5], 'tyre-rl': [3, 3.5], 'tyre-rr': [3, 3], 'tyre-fr': [5, 5] },
  odometer: { value: 88_140, unit: 'km', lamps: ['belt'] },
};

/** The pick-up, straight off a farm and after rain. */
export const pickupScript: Script = {
  name: 'pickup',
  asksSpots: 'answered',
  hoursAgo: 74,
  promisedFor: -2,
  sky: 'overcast',
  whole: [{ azimuthDeg: 318 }, { azimuthDeg: 215 }, { azimuthDeg: 70, high: true }],
  findings: {
    'quarter-rr': [
      {
        kind: 'rust',
        spot: { u: 0.8, v: 0.8 },
        details: {
          lengthMm: 60,
          widthMm: 26,
          feel: 'clear-edge',
          severity: 'plain',
          notice: 'across-the-bay',
          ...promised('local-paint'),
          note: 'Firm when pressed.',
        },
        shots: { what: true, mark: { kind: 'rust', widthMm: 62, heightMm: 28 }, scale: 'card' },
      },
    ],
    'quarter-rl': [
      {
        kind: 'scuff',
        spot: { u: 0.66, v: 0.62 },
        details: {
          lengthMm: 220,
          widthMm: 70,
          nail: 'catches',
          notice: 'across-the-bay',
          ...promised('full-panel'),
        },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'scuff', lengthMm: 220, heightMm: 70, depthUm: 140, angleDeg: 3 },
          scale: 'card',
        },
      },
    ],
    'tyre-rl': [
      {
        kind: 'tyre-wear',
        spot: { u: 0.5, v: 0.95 },
        details: {
          lengthMm: 90,
          widthMm: 60,
          notice: 'up-close',
          ...promised('replace'),
          note: 'Centre low: ran hard for years.',
        },
        shots: { what: true, tread: { outerMm: 3.6, centreMm: 1.4, innerMm: 3.4 } },
      },
    ],
  },
  swept: { face: 'cabin', absent: ['no-tears'] },
  said: pickupTold,
  notSeen: { roof: 'too high to see without a step' },
  treads: { 'tyre-fl': [5, 5], 'tyre-rl': [1.4, 3.6], 'tyre-rr': [2, 3.6] },
  odometer: { value: 214_306, unit: 'km', lamps: ['belt', 'tyre', 'brake'] },
};
