import type { FindingKind, StoredDetails } from '#core/walk';
import { car, type DemoCar } from './cars';
import { nell, tomas } from './people';
import { advised, promised } from './remedies';
import type { Script, ScriptedFinding } from './script';
import type { DemoWalk } from './walks';

const at = (u: number, v: number) => ({ u, v });
const found = (
  kind: FindingKind,
  details: StoredDetails,
  spot: { u: number; v: number } = at(0.5, 0.5),
): ScriptedFinding => ({ kind, spot, details });

/** A walk in words alone: what was found, everything else clear. */
const walked = (
  name: string,
  daysAgo: number,
  findings: Script['findings'],
  more: Partial<Script> = {},
): Script => ({
  name,
  hoursAgo: 24 * daysAgo,
  sky: 'overcast',
  whole: [],
  findings,
  notSeen: {},
  treads: {},
  odometer: { value: 21_000 + 2600 * daysAgo, unit: 'mi', lamps: [] },
  ...more,
});

const look = { rims: { spokes: 5, forked: false, finish: 'silver' }, dirt: 0.2 } as const;
const paint = (colour: string) => ({ paint: { colour, flake: 0.1, metal: 0.4, rough: 0.45 }, ...look });

const plain = (
  n: number,
  colour: string,
  details: Pick<
    DemoCar['details'],
    | 'stockNumber'
    | 'bodyStyle'
    | 'make'
    | 'model'
    | 'variant'
    | 'year'
    | 'colour'
    | 'paintTone'
    | 'fuel'
    | 'plate'
  >,
) => car(n, paint(colour), { ...details, country: 'GB', steering: 'right', identityNumber: '' });

const fenlark = plain(9, '#7c1f2a', {
  stockNumber: 'BT-151',
  bodyStyle: 'hatch-5',
  make: 'Fenlark',
  model: 'Tessel',
  variant: '1.4',
  year: 2019,
  colour: 'Damson',
  paintTone: 'dark',
  fuel: 'petrol',
  plate: 'QX19 DMS',
});
const corrie = plain(10, '#e8e6df', {
  stockNumber: 'BT-152',
  bodyStyle: 'suv',
  make: 'Corrie',
  model: 'Strand',
  variant: '2.0',
  year: 2020,
  colour: 'Chalk',
  paintTone: 'white',
  fuel: 'diesel',
  plate: 'QX20 CHK',
});
const ostrel = plain(11, '#5d6a74', {
  stockNumber: 'BT-153',
  bodyStyle: 'saloon',
  make: 'Ostrel',
  model: 'Weir',
  variant: '1.8',
  year: 2017,
  colour: 'Slate',
  paintTone: 'mid',
  fuel: 'petrol',
  plate: 'QX17 SLT',
});
const plover = plain(12, '#b9bdbf', {
  stockNumber: 'BT-154',
  bodyStyle: 'estate',
  make: 'Plover',
  model: 'Sedge',
  variant: '1.6',
  year: 2018,
  colour: 'Pewter',
  paintTone: 'silver',
  fuel: 'diesel',
  plate: 'QX18 PWT',
});
const tern = plain(13, '#23406b', {
  stockNumber: 'BT-155',
  bodyStyle: 'hatch-3',
  make: 'Tern',
  model: 'Fleck',
  variant: '1.0',
  year: 2021,
  colour: 'Night blue',
  paintTone: 'dark',
  fuel: 'petrol',
  plate: 'QX21 NGT',
});
const garron = plain(14, '#2f3a2e', {
  stockNumber: 'BT-156',
  bodyStyle: 'mpv',
  make: 'Garron',
  model: 'Drove',
  variant: '2.0',
  year: 2016,
  colour: 'Moss',
  paintTone: 'dark',
  fuel: 'diesel',
  plate: 'QX16 MSS',
});
const marl = plain(15, '#c9b98f', {
  stockNumber: 'BT-157',
  bodyStyle: 'coupe',
  make: 'Marl',
  model: 'Ebb',
  variant: '2.5',
  year: 2015,
  colour: 'Straw',
  paintTone: 'light',
  fuel: 'petrol',
  plate: 'QX15 STR',
});

/** Cars in the middle of being put right, so that the board has something to say. Walked in words, without pictures. */
export const workWalks: readonly DemoWalk[] = [
  {
    car: fenlark,
    who: nell,
    isFrozen: false,
    script: walked(
      'work-fenlark',
      9,
      {
        'door-fl': [
          found(
            'dent',
            { lengthMm: 40, notice: 'one-step-back', ...promised('dent-removal') },
            at(0.4, 0.45),
          ),
        ],
        'wheel-fl': [
          found('kerbing', {
            lengthMm: 120,
            severity: 'plain',
            notice: 'one-step-back',
            ...promised('wheel-refurbish'),
          }),
        ],
        'wheel-rl': [found('kerbing', { lengthMm: 60, severity: 'slight', notice: 'up-close' })],
      },
      { promisedFor: 6 },
    ),
  },
  {
    car: corrie,
    who: tomas,
    isFrozen: false,
    script: walked(
      'work-corrie',
      8,
      {
        bonnet: [
          found('stone-chip', {
            count: 9,
            lengthMm: 3,
            severity: 'plain',
            notice: 'one-step-back',
            ...promised('full-panel'),
          }),
        ],
        'door-rr': [
          found(
            'scratch',
            {
              lengthMm: 260,
              nail: 'catches',
              severity: 'plain',
              notice: 'across-the-bay',
              ...promised('local-paint'),
            },
            at(0.5, 0.85),
          ),
        ],
        'headlamp-l': [
          found('haze', { howBad: 'slight', notice: 'one-step-back', ...advised('lamp-polish') }),
        ],
      },
      { promisedFor: 9 },
    ),
  },
  {
    car: ostrel,
    who: nell,
    isFrozen: false,
    script: walked('work-ostrel', 15, {
      roof: [found('dent', { lengthMm: 15, notice: 'up-close' })],
      'door-fr': [found('swirls', { howBad: 'plain', notice: 'one-step-back', ...advised('polish') })],
      'quarter-rl': [
        found(
          'rust',
          { areaMm2: 900, severity: 'slight', notice: 'one-step-back', ...advised('treat-rust') },
          at(0.6, 0.9),
        ),
      ],
    }),
  },
  {
    car: plover,
    who: tomas,
    isFrozen: false,
    script: walked(
      'work-plover',
      5,
      {
        windscreen: [
          found(
            'glass-chip',
            { lengthMm: 6, severity: 'slight', notice: 'up-close', ...advised('glass-repair') },
            at(0.75, 0.4),
          ),
        ],
        tailgate: [
          found('dent', {
            lengthMm: 70,
            severity: 'plain',
            notice: 'across-the-bay',
            ...promised('dent-removal'),
          }),
        ],
        'seat-fl': [
          found('tear', { lengthMm: 25, severity: 'plain', notice: 'one-step-back', ...advised('refit') }),
        ],
      },
      { promisedFor: 12 },
    ),
  },
  {
    car: tern,
    who: nell,
    isFrozen: false,
    script: walked('work-tern', 3, {
      'door-fl': [
        found('scuff', {
          lengthMm: 90,
          nail: 'glides',
          severity: 'slight',
          notice: 'one-step-back',
          ...advised('polish'),
        }),
      ],
      'wheel-fr': [
        found('kerbing', {
          lengthMm: 80,
          severity: 'plain',
          notice: 'one-step-back',
          ...advised('wheel-refurbish'),
        }),
      ],
    }),
  },
  {
    car: garron,
    who: tomas,
    isFrozen: false,
    script: walked('work-garron', 21, {
      'door-rl': [
        found('dent', {
          lengthMm: 120,
          severity: 'heavy',
          notice: 'across-the-bay',
          ...advised('repair-panel'),
        }),
      ],
      'wing-fl': [
        found('rust', {
          areaMm2: 2400,
          severity: 'plain',
          notice: 'across-the-bay',
          ...advised('local-paint', 'may'),
        }),
      ],
    }),
  },
  {
    car: marl,
    who: nell,
    isFrozen: false,
    script: walked(
      'work-marl',
      12,
      {
        bonnet: [found('swirls', { howBad: 'bad', notice: 'across-the-bay', ...promised('polish') })],
        roof: [found('swirls', { howBad: 'plain', notice: 'one-step-back', ...advised('polish') })],
        'door-fl': [found('swirls', { howBad: 'plain', notice: 'one-step-back', ...advised('polish') })],
      },
      { promisedFor: 5 },
    ),
  },
];
export const workCars: readonly DemoCar[] = workWalks.map((walk) => walk.car);
