import type { Part, PartKind, Vocabulary } from '../car';
import type { FindingKind } from '../walk';

/** What is counted of a car and held against its age and distance. */
interface MeasureFacts {
  /** Heading: "Stone chips at the front". */
  uk: string;
  us?: string;
  /** One of them, and many, as a count goes before it: "9 chips at the front". */
  one: string;
  many: string;
  /** The same in the US, where it differs. */
  usForms?: { one: string; many: string };
  kinds: readonly FindingKind[];
  /** On which parts it is counted. */
  on: readonly PartKind[];
  /** How many parts have it, rather than how many there are: a wheel is kerbed or not. */
  countsParts?: true;
}

const SIDE = ['wing', 'door', 'quarter', 'sill', 'arch'] as const satisfies readonly PartKind[];
const METAL = [
  ...SIDE,
  'bonnet',
  'roof',
  'tailgate',
  'swingdoor',
  'bootlid',
  'bedside',
  'frontunder',
  'rearunder',
  'floor',
  'sillunder',
  'frame',
] as const satisfies readonly PartKind[];
const CABIN = [
  'seat',
  'bolster',
  'seatback',
  'seat3',
  'steeringwheel',
  'doorcard',
  'carpet',
  'console',
  'armrest',
  'headlining',
  'sillplate',
] as const satisfies readonly PartKind[];

/** Zones and kinds that buyers excuse "for its age". Which they are is common practice of the trade. */
const facts = {
  'front-chips': {
    uk: 'Stone chips at the front',
    one: 'chip at the front',
    many: 'chips at the front',
    kinds: ['stone-chip'],
    on: ['bumper-front', 'grille', 'bonnet', 'wing', 'mirror'],
  },
  'side-dings': {
    uk: 'Dents along the sides',
    one: 'dent along the sides',
    many: 'dents along the sides',
    kinds: ['dent', 'ripple'],
    on: SIDE,
  },
  'door-edges': {
    uk: 'Nicks on door edges',
    one: 'nick on a door edge',
    many: 'nicks on door edges',
    kinds: ['edge-nick'],
    on: ['door'],
  },
  wheels: {
    uk: 'Kerbed wheels',
    us: 'Wheels with curb rash',
    one: 'kerbed wheel',
    many: 'kerbed wheels',
    usForms: { one: 'wheel with curb rash', many: 'wheels with curb rash' },
    kinds: ['kerbing'],
    on: ['wheel'],
    countsParts: true,
  },
  'cabin-wear': {
    uk: 'Wear in the cabin',
    one: 'worn place in the cabin',
    many: 'worn places in the cabin',
    kinds: ['wear', 'crease', 'flat-bolster', 'shiny', 'sag', 'cover-crack', 'worn'],
    on: CABIN,
  },
  rust: {
    uk: 'Rust',
    one: 'rusty place',
    many: 'rusty places',
    kinds: ['rust', 'bloom'],
    on: METAL,
  },
  lamps: {
    uk: 'Hazed, cracked or wet lamps',
    us: 'Hazed, cracked or wet lights',
    one: 'lamp fault',
    many: 'lamp faults',
    usForms: { one: 'light fault', many: 'light faults' },
    kinds: ['haze', 'moisture', 'lamp-crack', 'lamp-lug'],
    on: ['headlamp', 'foglamp', 'taillamp'],
  },
  glass: {
    uk: 'Chips, cracks and scratches in the glass',
    one: 'mark in the glass',
    many: 'marks in the glass',
    kinds: ['glass-chip', 'glass-crack', 'glass-scratch'],
    on: ['windscreen', 'sideglass', 'quarterglass', 'rearglass'],
  },
} as const satisfies Record<string, MeasureFacts>;

export type MeasureId = keyof typeof facts;
export const measureIds = Object.keys(facts) as [MeasureId, ...MeasureId[]];
const factsOf = (id: MeasureId): MeasureFacts => facts[id];

/** "Kerbed wheels", as a heading. */
export const measureName = (id: MeasureId, vocabulary: Vocabulary): string =>
  (vocabulary === 'us' ? factsOf(id).us : undefined) ?? factsOf(id).uk;

/** One and many of what it counts: "chip at the front", "kerbed wheels". */
export function measureForms(id: MeasureId, vocabulary: Vocabulary): { one: string; many: string } {
  const { one, many, usForms } = factsOf(id);
  return (vocabulary === 'us' ? usForms : undefined) ?? { one, many };
}

export const measureCounts = (id: MeasureId, kind: FindingKind): boolean => factsOf(id).kinds.includes(kind);
export const measureCovers = (id: MeasureId, { kind }: Pick<Part, 'kind'>): boolean =>
  factsOf(id).on.includes(kind);
export const countsParts = (id: MeasureId): boolean => factsOf(id).countsParts === true;
