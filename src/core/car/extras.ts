import type { BodyStyleId } from './styles/bodyStyle';

interface ExtraFacts {
  uk: string;
  us: string;
  /** Only on these body styles; on all when left out. */
  on?: readonly BodyStyleId[];
}

const PICKUPS = ['pickup', 'pickup-single'] as const;
const CARS = [
  'hatch-5',
  'hatch-3',
  'saloon',
  'coupe',
  'convertible',
  'estate',
  'suv',
  'mpv',
  'van',
  ...PICKUPS,
] as const;

/** What a car may have beyond its body style. Each adds parts to look at, or what can be found on them. */
export const extras = {
  'roof-rails': {
    uk: 'Roof rails',
    us: 'Roof rails',
    on: ['hatch-5', 'saloon', 'mpv', 'van', 'pickup', 'pickup-single'],
  },
  'glass-roof': {
    uk: 'Glass roof or sunroof',
    us: 'Glass roof or sunroof',
    on: ['hatch-5', 'hatch-3', 'saloon', 'coupe', 'estate', 'suv', 'mpv'],
  },
  'hard-top': {
    uk: 'Hard top besides the soft one',
    us: 'Hardtop besides the soft one',
    on: ['convertible'],
  },
  'third-row': { uk: 'Third row (seven seats)', us: 'Third row (seven seats)', on: ['estate', 'suv', 'mpv'] },
  'leather-trim': { uk: 'Leather trim', us: 'Leather trim' },
  'side-steps': { uk: 'Side steps', us: 'Running boards', on: ['suv', 'mpv', 'van', ...PICKUPS] },
  'tow-bar': { uk: 'Tow bar', us: 'Trailer hitch', on: CARS },
  spoiler: {
    uk: 'Rear spoiler',
    us: 'Rear spoiler',
    on: CARS.filter((style) => !style.startsWith('pickup')),
  },
  'guard-bar': { uk: 'Guard bar', us: 'Grille guard', on: ['suv', 'van', 'tractor', ...PICKUPS] },
  'mud-flaps': { uk: 'Mud flaps', us: 'Mud flaps', on: CARS },
  film: { uk: 'Protective film', us: 'Protective film' },
  stripes: { uk: 'Stripes or lettering', us: 'Stripes or lettering' },
  'second-wheels': { uk: 'Second wheel set', us: 'Second wheel set', on: CARS },
  flares: { uk: 'Arch flares', us: 'Fender flares', on: ['suv', 'coupe', ...PICKUPS] },
  'twin-rear-wheels': { uk: 'Twin rear wheels', us: 'Dual rear wheels', on: PICKUPS },
  'bed-liner': { uk: 'Bed liner', us: 'Bed liner', on: PICKUPS },
  'bed-cover': { uk: 'Bed cover', us: 'Tonneau cover', on: PICKUPS },
} as const satisfies Record<string, ExtraFacts>;

export type ExtraId = keyof typeof extras;
export const extraIds = Object.keys(extras) as [ExtraId, ...ExtraId[]];

export function extraOf(id: ExtraId): ExtraFacts {
  return extras[id];
}

/** The extras a car of this body style can have. */
export function extrasFor(style: BodyStyleId): ExtraId[] {
  return extraIds.filter((id) => extraOf(id).on?.includes(style) ?? true);
}
