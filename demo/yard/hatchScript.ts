import { hatchEnd } from './hatchEnd';
import { advised, left, promised } from './remedies';
import { arcMm, type Script } from './script';
import { hatchTold } from './toldOf';

const RIM_MM = 432;

/** The flagship: a whole walk in dry, broken light, with second thoughts left in. */
export const hatchScript: Script = {
  name: 'hatch',
  asksSpots: 'answered',
  hoursAgo: 26,
  promisedFor: 12,
  sky: 'bright',
  whole: [
    ...[35, 0, 325, 270, 215, 180, 145, 90].map((azimuthDeg) => ({ azimuthDeg })),
    { azimuthDeg: 60, high: true },
    { azimuthDeg: 240, high: true },
  ],
  findings: {
    'bumper-front': [
      {
        kind: 'stone-chip',
        spot: { u: 0.36, v: 0.2 },
        details: { count: 12, lengthMm: 4, notice: 'up-close', decision: left, wipe: 'stays' },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'chips', count: 12, largestMm: 4, spreadMm: 120, depthUm: 150 },
          scale: 'blank-23.25',
        },
      },
      {
        kind: 'scuff',
        spot: { u: 0.93, v: 0.5 },
        details: {
          lengthMm: 90,
          widthMm: 30,
          nail: 'just-catches',
          wipe: 'stays',
          notice: 'one-step-back',
          ...promised('local-paint'),
        },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'scuff', lengthMm: 90, heightMm: 30, depthUm: 80, angleDeg: -6 },
          scale: 'card',
        },
      },
    ],
    'headlamp-l': [
      {
        kind: 'haze',
        spot: { u: 0.55, v: 0.45 },
        details: {
          lengthMm: 165,
          widthMm: 80,
          notice: 'one-step-back',
          ...promised('lamp-polish'),
          wipe: 'stays',
        },
        shots: { where: true, what: true, mark: { kind: 'haze', widthMm: 190, heightMm: 80 } },
      },
    ],
    'headlamp-r': [
      {
        kind: 'haze',
        spot: { u: 0.5, v: 0.45 },
        details: { lengthMm: 120, widthMm: 60, notice: 'up-close', ...promised('lamp-polish') },
      },
    ],
    bonnet: [
      {
        kind: 'stone-chip',
        spot: { u: 0.61, v: 0.84 },
        details: {
          count: 6,
          lengthMm: 5,
          notice: 'one-step-back',
          feel: 'clear-edge',
          ...promised('touch-in'),
          note: 'Two are through to the primer.',
        },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'chips', count: 6, largestMm: 5, spreadMm: 90, depthUm: 110 },
          scale: 'blank-24.26',
        },
      },
      {
        kind: 'etching',
        spot: { u: 0.3, v: 0.45 },
        details: {
          lengthMm: 28,
          widthMm: 18,
          wipe: 'stays',
          feel: 'slight',
          notice: 'up-close',
          ...promised('polish'),
        },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'etching', widthMm: 34, heightMm: 22 },
          scale: 'blank-23.25',
        },
      },
      {
        kind: 'scratch',
        spot: { u: 0.44, v: 0.3 },
        suspected: true,
        dismissed: 'polish residue, gone with a cloth',
        details: { lengthMm: 70, wipe: 'gone' },
        shots: { what: true, mark: { kind: 'residue', widthMm: 80, heightMm: 46 }, scale: 'rod' },
      },
    ],
    windscreen: [
      {
        kind: 'glass-chip',
        spot: { u: 0.26, v: 0.62 },
        details: { lengthMm: 9, notice: 'up-close', ...promised('glass-repair'), feel: 'slight' },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'glass-chip', diameterMm: 9, legs: 5 },
          scale: 'blank-24.26',
        },
      },
      {
        kind: 'glass-scratch',
        spot: { u: 0.7, v: 0.55 },
        details: {
          lengthMm: 240,
          nail: 'glides',
          notice: 'up-close',
          decision: left,
          note: 'An arc where the wiper runs.',
        },
      },
    ],
    wipers: [
      {
        kind: 'worn',
        spot: { u: 0.3, v: 0.5 },
        details: { lengthMm: 60, notice: 'up-close', ...promised('replace') },
      },
    ],
    'wing-fl': [
      {
        kind: 'scratch',
        spot: { u: 0.3, v: 0.34 },
        details: {
          lengthMm: 140,
          nail: 'just-catches',
          wipe: 'stays',
          notice: 'one-step-back',
          ...promised('local-paint'),
        },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'scratch', lengthMm: 140, widthMm: 1.1, depthUm: 70, angleDeg: 12 },
          scale: 'tape-measure',
          isMeasured: true,
        },
      },
      {
        kind: 'stone-chip',
        spot: { u: 0.86, v: 0.7 },
        details: { count: 4, lengthMm: 2, notice: 'up-close', ...promised('touch-in') },
        shots: {
          what: true,
          mark: { kind: 'chips', count: 4, largestMm: 2.4, spreadMm: 46, depthUm: 90 },
          scale: 'blank-23.25',
        },
      },
    ],
    'pillar-a-l': [
      {
        kind: 'stone-chip',
        spot: { u: 0.06, v: 0.85 },
        details: { count: 3, lengthMm: 2, notice: 'up-close', ...promised('touch-in') },
      },
    ],
    'wheel-fl': [
      {
        kind: 'kerbing',
        spot: { u: 0.82, v: 0.82 },
        details: {
          lengthMm: arcMm(RIM_MM, 65),
          nail: 'catches',
          notice: 'one-step-back',
          ...promised('wheel-refurbish'),
          note: 'From about three to half past five on the clock face, nearly a fifth of the rim.',
        },
        shots: { where: true, what: true, kerbing: { fromDeg: 100, toDeg: 165, depthMm: 2.2 } },
      },
    ],
    'door-fl': [
      {
        kind: 'dent',
        spot: { u: 0.44, v: 0.42 },
        details: {
          lengthMm: 46,
          feel: 'clear-edge',
          notice: 'across-the-bay',
          ...promised('dent-removal'),
          note: 'No crease, paint unbroken.',
        },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'dent', diameterMm: 46, depthMm: 2.6 },
          scale: 'blank-23.25',
        },
      },
      {
        kind: 'edge-nick',
        spot: { u: 0.985, v: 0.5 },
        details: { count: 2, lengthMm: 4, notice: 'up-close', ...promised('touch-in') },
        shots: {
          what: true,
          mark: { kind: 'chips', count: 2, largestMm: 4, spreadMm: 26, depthUm: 140 },
          scale: 'marker-tape',
        },
      },
    ],
    'door-rl': [
      {
        kind: 'scratch',
        spot: { u: 0.4, v: 0.4 },
        suspected: true,
        dismissed: 'a dried run of water',
        details: { lengthMm: 120, wipe: 'gone' },
        shots: { what: true, mark: { kind: 'water-run', lengthMm: 120 }, scale: 'rod' },
      },
      {
        kind: 'edge-nick',
        spot: { u: 0.03, v: 0.35 },
        details: { count: 1, lengthMm: 3, notice: 'up-close', ...promised('touch-in') },
      },
    ],
    'sill-l': [
      {
        kind: 'paint-loss',
        spot: { u: 0.36, v: 0.4 },
        details: {
          lengthMm: 60,
          widthMm: 16,
          feel: 'slight',
          notice: 'one-step-back',
          ...promised('local-paint'),
        },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'wear', widthMm: 62, heightMm: 17, depthUm: 130 },
          scale: 'card',
        },
      },
    ],
    'quarter-rl': [
      {
        kind: 'dent',
        spot: { u: 0.62, v: 0.52 },
        details: {
          lengthMm: 80,
          feel: 'clear-edge',
          notice: 'across-the-bay',
          ...promised('local-paint'),
          note: 'Creased: it cannot be pressed out from behind.',
        },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'crease', lengthMm: 80, depthMm: 2.4, angleDeg: 24 },
          scale: 'tape-measure',
        },
      },
    ],
    'arch-rl': [
      {
        kind: 'rust',
        spot: { u: 0.7, v: 0.1 },
        details: {
          lengthMm: 40,
          widthMm: 18,
          feel: 'clear-edge',
          severity: 'plain',
          notice: 'one-step-back',
          ...promised('local-paint'),
          note: 'Blisters on the lip; firm when pressed.',
        },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'rust', widthMm: 42, heightMm: 20 },
          scale: 'blank-24.26',
        },
      },
    ],
    'wheel-rl': [
      {
        kind: 'kerbing',
        spot: { u: 0.2, v: 0.2 },
        details: { lengthMm: arcMm(RIM_MM, 12), notice: 'up-close', decision: left },
      },
    ],
    tailgate: [
      {
        kind: 'scratch',
        spot: { u: 0.3, v: 0.24 },
        details: { lengthMm: 95, nail: 'glides', wipe: 'stays', notice: 'up-close', ...advised('polish') },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'scratch', lengthMm: 95, widthMm: 0.7, depthUm: 24, angleDeg: -20 },
          scale: 'card',
        },
      },
      {
        kind: 'rust',
        spot: { u: 0.5, v: 0.86 },
        details: {
          lengthMm: 12,
          widthMm: 6,
          feel: 'slight',
          severity: 'slight',
          notice: 'up-close',
          ...promised('local-paint'),
        },
      },
    ],
    'taillamp-l': [
      {
        kind: 'moisture',
        spot: { u: 0.5, v: 0.7 },
        details: { lengthMm: 70, widthMm: 30, notice: 'up-close', decision: left },
      },
    ],
    'bumper-rear': [
      {
        kind: 'scuff',
        spot: { u: 0.9, v: 0.42 },
        details: {
          lengthMm: 120,
          widthMm: 50,
          nail: 'catches',
          wipe: 'fainter',
          notice: 'across-the-bay',
          ...promised('local-paint'),
        },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'scuff', lengthMm: 120, heightMm: 50, depthUm: 120, angleDeg: -8 },
          scale: 'card',
        },
      },
      {
        kind: 'paint-loss',
        spot: { u: 0.25, v: 0.1 },
        details: {
          lengthMm: 70,
          widthMm: 9,
          feel: 'slight',
          notice: 'up-close',
          ...promised('touch-in'),
          note: 'Loading edge.',
        },
        shots: {
          what: true,
          mark: { kind: 'wear', widthMm: 72, heightMm: 10, depthUm: 150 },
          scale: 'tape-measure',
        },
      },
    ],
    'quarter-rr': [
      {
        kind: 'stone-chip',
        spot: { u: 0.84, v: 0.68 },
        suspected: true,
        dismissed: 'mud thrown up by the wheel',
        details: { count: 9, wipe: 'gone' },
        shots: { what: true, mark: { kind: 'mud', widthMm: 90, heightMm: 60 }, scale: 'blank-23.25' },
      },
    ],
    'fillerflap-r': [
      {
        kind: 'scratch',
        spot: { u: 0.7, v: 0.4 },
        details: { lengthMm: 22, nail: 'glides', notice: 'up-close', ...advised('polish') },
      },
    ],
    'wheel-rr': [
      {
        kind: 'kerbing',
        spot: { u: 0.2, v: 0.8 },
        details: { lengthMm: arcMm(RIM_MM, 24), notice: 'up-close', decision: left },
        shots: { what: true, kerbing: { fromDeg: 206, toDeg: 230, depthMm: 1.4 } },
      },
    ],
    'door-rr': [
      {
        kind: 'ripple',
        spot: { u: 0.5, v: 0.3 },
        suspected: true,
        details: {
          lengthMm: 160,
          widthMm: 70,
          feel: 'not-felt',
          note: 'Look again along the side in flatter light.',
        },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'ripple', widthMm: 170, heightMm: 90, depthMm: 0.35 },
          scale: 'card',
        },
      },
      {
        kind: 'dent',
        spot: { u: 0.25, v: 0.42 },
        details: {
          lengthMm: 16,
          severity: 'slight',
          feel: 'slight',
          notice: 'up-close',
          cures: [{ cure: 'dent-removal', sure: 'should' }],
          decision: { is: 'buyer-chooses', price: { amount: 90, currency: 'GBP' } },
        },
        shots: { what: true, mark: { kind: 'dent', diameterMm: 17, depthMm: 0.7 }, scale: 'blank-24.26' },
      },
    ],
    'door-fr': [
      {
        kind: 'scratch',
        spot: { u: 0.45, v: 0.5 },
        suspected: true,
        dismissed: 'dust, wiped off',
        details: { lengthMm: 60, wipe: 'gone' },
        shots: { what: true, mark: { kind: 'dust', widthMm: 110, heightMm: 60 }, scale: 'rod' },
      },
      {
        kind: 'old-repair',
        spot: { u: 0.8, v: 0.28 },
        details: {
          lengthMm: 9,
          widthMm: 9,
          feel: 'clear-edge',
          notice: 'up-close',
          decision: left,
          note: 'Touched in by brush, a shade too dark.',
        },
        shots: { what: true, mark: { kind: 'touch-in', diameterMm: 10 }, scale: 'blank-23.25' },
      },
    ],
    'arch-fr': [
      {
        kind: 'stone-chip',
        spot: { u: 0.2, v: 0.3 },
        details: { count: 5, lengthMm: 2, notice: 'up-close', ...promised('touch-in') },
      },
    ],
    'wing-fr': [
      {
        kind: 'dent',
        spot: { u: 0.82, v: 0.4 },
        details: { lengthMm: 24, feel: 'slight', notice: 'one-step-back', ...promised('dent-removal') },
        shots: {
          where: true,
          what: true,
          mark: { kind: 'dent', diameterMm: 24, depthMm: 1.2 },
          scale: 'blank-24.26',
        },
      },
    ],
    'tyre-fr': [
      {
        kind: 'tyre-wear',
        spot: { u: 0.5, v: 0.95 },
        details: {
          lengthMm: 70,
          widthMm: 40,
          feel: 'clear-edge',
          notice: 'up-close',
          ...promised('replace'),
          note: 'Inner edge lower: have the alignment looked at.',
        },
        shots: { what: true, tread: { outerMm: 4.6, centreMm: 4.4, innerMm: 2.2 } },
      },
    ],
    'mirror-r': [
      {
        kind: 'stone-chip',
        spot: { u: 0.5, v: 0.4 },
        details: { count: 2, lengthMm: 2, notice: 'up-close', ...promised('touch-in') },
      },
    ],
    roof: [
      {
        kind: 'swirls',
        spot: { u: 0.35, v: 0.35 },
        details: { lengthMm: 220, widthMm: 220, notice: 'up-close', ...advised('polish') },
        shots: { where: true, what: true, mark: { kind: 'swirls', diameterMm: 220 }, scale: 'card' },
      },
      {
        kind: 'etching',
        spot: { u: 0.66, v: 0.7 },
        suspected: true,
        dismissed: 'drops from the tree, dried off',
        details: { lengthMm: 90, wipe: 'gone' },
        shots: { what: true, mark: { kind: 'drops', widthMm: 120, heightMm: 80 }, scale: 'blank-24.26' },
      },
    ],
  },
  looked: {
    'wing-fl': ['straight', 'no-rust'],
    'door-rl': ['straight', 'edge-clean'],
    'taillamp-l': ['no-water', 'lamp-whole'],
    'taillamp-r': ['no-water', 'lamp-whole'],
    windscreen: ['no-delamination'],
    roof: ['straight', 'no-scratches'],
    'seat-fr': ['firm', 'no-tears'],
    'seat-rl': ['no-tears', 'no-stains'],
    'seat-rr': ['no-tears', 'no-stains'],
    headlining: ['no-stains', 'no-sag'],
  },
  swept: { face: 'right', absent: ['straight', 'no-rust'] },
  said: hatchTold,
  notSeen: {
    'sill-r': 'parked close to a fence',
    frontunder: 'on the ground, no lift',
    rearunder: 'on the ground, no lift',
    floor: 'on the ground, no lift',
  },
  treads: { 'tyre-fl': [4, 5], 'tyre-rl': [5, 5], 'tyre-rr': [5.5, 5.5], 'tyre-fr': [2.2, 4.6] },
  treadPictures: ['tyre-fl', 'tyre-rl', 'tyre-rr'],
  readings: {
    paint: { levelUm: 112, times: { 'wing-fr': 1.62 }, seed: 104 },
    tyres: {
      'tyre-fl': { brand: 'Ortal', size: '205/45R17 88V', made: { week: 23, year: 2021 }, fittedAt: 31_400 },
      'tyre-fr': {
        brand: 'Venn',
        size: '205/45R17 88V',
        made: { week: 7, year: 2022 },
        thirds: [4.6, 4.4, 2.2],
        fittedAt: 31_400,
      },
      'tyre-rl': { brand: 'Ortal', size: '205/45R17 88V', made: { week: 41, year: 2018 }, flags: ['cracks'] },
      'tyre-rr': { brand: 'Ortal', size: '205/45R17 88V', made: { week: 41, year: 2018 } },
    },
    atTheEnd: hatchEnd,
    wheels: { finish: 'painted', rimIn: 17, lip: 'slight', padMm: 6 },
  },
  odometer: { value: 48_213, unit: 'mi', lamps: ['belt', 'engine', 'oil'], isPictured: true },
};
