import type { BodyTraits, ShapeOption } from './styles/traits';

interface ExtraFacts {
  uk: string;
  us: string;
  /** Only on bodies of these traits; on all when left out. */
  on?: (traits: BodyTraits) => boolean;
}

const takes =
  (option: ShapeOption) =>
  (traits: BodyTraits): boolean =>
    traits.takes.includes(option);
const isCar = ({ isTruck }: BodyTraits): boolean => !isTruck;
const hasBed = ({ rear }: BodyTraits): boolean => rear === 'bed';

/** What a car may have beyond its body style. Each adds parts to look at, or what can be found on them. */
export const extras = {
  'roof-rails': {
    uk: 'Roof rails',
    us: 'Roof rails',
    on: takes('roof-rails'),
  },
  'glass-roof': {
    uk: 'Glass roof or sunroof',
    us: 'Glass roof or sunroof',
    on: takes('glass-roof'),
  },
  'hard-top': {
    uk: 'Hard top besides the soft one',
    us: 'Hardtop besides the soft one',
    on: ({ hasSoftTop }) => hasSoftTop === true,
  },
  'third-row': { uk: 'Third row (seven seats)', us: 'Third row (seven seats)', on: takes('third-row') },
  'leather-trim': { uk: 'Leather trim', us: 'Leather trim' },
  'side-steps': { uk: 'Side steps', us: 'Running boards', on: takes('side-steps') },
  'tow-bar': { uk: 'Tow bar', us: 'Trailer hitch', on: isCar },
  spoiler: {
    uk: 'Rear spoiler',
    us: 'Rear spoiler',
    on: (traits) => isCar(traits) && !hasBed(traits),
  },
  'guard-bar': { uk: 'Guard bar', us: 'Grille guard', on: takes('guard-bar') },
  'mud-flaps': { uk: 'Mud flaps', us: 'Mud flaps', on: isCar },
  film: { uk: 'Protective film', us: 'Protective film' },
  stripes: { uk: 'Stripes or lettering', us: 'Stripes or lettering' },
  'second-wheels': { uk: 'Second wheel set', us: 'Second wheel set', on: isCar },
  flares: { uk: 'Arch flares', us: 'Fender flares', on: takes('flares') },
  'twin-rear-wheels': { uk: 'Twin rear wheels', us: 'Dual rear wheels', on: hasBed },
  'bed-liner': { uk: 'Bed liner', us: 'Bed liner', on: hasBed },
  'bed-cover': { uk: 'Bed cover', us: 'Tonneau cover', on: hasBed },
} as const satisfies Record<string, ExtraFacts>;

export type ExtraId = keyof typeof extras;
export const extraIds = Object.keys(extras) as [ExtraId, ...ExtraId[]];

export function extraOf(id: ExtraId): ExtraFacts {
  return extras[id];
}
