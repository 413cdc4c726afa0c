import type { PartId } from '#core/car';
import type { FindingDetails, FindingKind, PhotoRole, Spot } from '#core/walk';

export interface ScriptedPhoto {
  /** File in `demo/pictures`, without its ending. */
  file: string;
  role: PhotoRole;
}

export interface ScriptedFinding {
  kind: FindingKind;
  spot: Spot;
  suspected?: true;
  dismissed?: string;
  details: FindingDetails;
  photos?: readonly ScriptedPhoto[];
}

/** What is said at the stops of a walk; parts not named are clear. */
export interface Script {
  hoursAgo: number;
  whole: readonly string[];
  findings: Readonly<Record<PartId, readonly ScriptedFinding[]>>;
  notSeen: Readonly<Record<PartId, string>>;
  treads: Readonly<Record<PartId, readonly [lowMm: number, highMm: number]>>;
  partPhotos: Readonly<Record<PartId, ScriptedPhoto>>;
  odometer?: number;
  /** Walk only so far: the number of stops. */
  stops?: number;
}

/** Length of an arc of a rim: π × diameter × share of the circle. */
const arcMm = (rimMm: number, degrees: number) => Math.round((Math.PI * rimMm * degrees) / 360);

const both = (name: string): ScriptedPhoto[] => [
  { file: `${name}-where`, role: 'where' },
  { file: `${name}-what`, role: 'what' },
];

/** The hatch, walked whole: an honest seven-year-old on its way to a buyer overseas. */
export const hatchScript: Script = {
  hoursAgo: 26,
  whole: ['whole-front', 'whole-rear'],
  findings: {
    'bumper-front': [
      {
        kind: 'stone-chip',
        spot: { u: 0.42, v: 0.3 },
        details: { count: 9, lengthMm: 2, notice: 'up-close', action: 'leave', wipe: 'stays' },
      },
    ],
    'headlamp-l': [
      {
        kind: 'haze',
        spot: { u: 0.5, v: 0.4 },
        details: { lengthMm: 120, widthMm: 60, notice: 'one-step-back', action: 'lamp-polish' },
      },
    ],
    bonnet: [
      {
        kind: 'stone-chip',
        spot: { u: 0.61, v: 0.86 },
        details: {
          count: 6,
          lengthMm: 5,
          notice: 'one-step-back',
          feel: 'clear-edge',
          action: 'touch-in',
          note: 'Two are through to the primer.',
        },
        photos: both('bonnet-chips'),
      },
    ],
    windscreen: [
      {
        kind: 'glass-chip',
        spot: { u: 0.22, v: 0.71 },
        details: { lengthMm: 3, notice: 'up-close', action: 'glass-repair', feel: 'slight' },
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
          action: 'local-paint',
        },
        photos: both('wing-scratch'),
      },
    ],
    'wheel-fl': [
      {
        kind: 'kerbing',
        spot: { u: 0.82, v: 0.82 },
        details: {
          lengthMm: arcMm(432, 65),
          notice: 'one-step-back',
          action: 'wheel-refurbish',
          note: 'From four to half past five on the clock face, about a fifth of the rim.',
        },
        photos: both('wheel-kerbing'),
      },
    ],
    'door-fl': [
      {
        kind: 'dent',
        spot: { u: 0.44, v: 0.42 },
        details: {
          lengthMm: 42,
          feel: 'clear-edge',
          notice: 'across-the-bay',
          action: 'dent-removal',
          note: 'No crease, paint unbroken.',
        },
        photos: both('door-dent'),
      },
    ],
    'door-rl': [
      {
        kind: 'edge-nick',
        spot: { u: 0.97, v: 0.3 },
        details: { count: 2, lengthMm: 4, notice: 'up-close', action: 'touch-in' },
      },
    ],
    'bumper-rear': [
      {
        kind: 'scuff',
        spot: { u: 0.86, v: 0.45 },
        details: {
          lengthMm: 120,
          widthMm: 55,
          nail: 'catches',
          wipe: 'fainter',
          notice: 'across-the-bay',
          action: 'local-paint',
        },
        photos: [{ file: 'bumper-scuff-what', role: 'what' }],
      },
    ],
    'wheel-rr': [
      {
        kind: 'kerbing',
        spot: { u: 0.2, v: 0.8 },
        details: { lengthMm: arcMm(432, 15), notice: 'up-close', action: 'leave' },
      },
    ],
    'door-rr': [
      {
        kind: 'ripple',
        spot: { u: 0.5, v: 0.55 },
        suspected: true,
        details: { lengthMm: 90, widthMm: 40, feel: 'not-felt', note: 'Wet panel: look again when dry.' },
      },
    ],
    'door-fr': [
      {
        kind: 'scratch',
        spot: { u: 0.4, v: 0.5 },
        suspected: true,
        dismissed: 'water',
        details: { lengthMm: 60 },
      },
    ],
    roof: [{ kind: 'swirls', spot: { u: 0.5, v: 0.4 }, details: { notice: 'up-close', action: 'polish' } }],
  },
  notSeen: { 'sill-r': 'parked close to a fence' },
  treads: { 'tyre-fl': [4, 5], 'tyre-rl': [5, 5], 'tyre-rr': [5.5, 5.5], 'tyre-fr': [4, 4] },
  partPhotos: { 'tyre-fl': { file: 'tyre-tread', role: 'what' } },
  odometer: 48_213,
};

/** The saloon, half walked when the rain came. */
export const saloonScript: Script = {
  hoursAgo: 3,
  whole: [],
  findings: {
    bonnet: [
      {
        kind: 'etching',
        spot: { u: 0.4, v: 0.4 },
        details: { lengthMm: 25, widthMm: 10, wipe: 'stays', notice: 'one-step-back' },
      },
    ],
    'wheel-fl': [
      { kind: 'kerbing', spot: { u: 0.5, v: 0.95 }, details: { lengthMm: 76, notice: 'up-close' } },
    ],
    'mirror-l': [{ kind: 'scuff', spot: { u: 0.5, v: 0.3 }, suspected: true, details: {} }],
  },
  notSeen: {},
  treads: { 'tyre-fl': [4.8, 4.8] },
  partPhotos: {},
  stops: 17,
};
