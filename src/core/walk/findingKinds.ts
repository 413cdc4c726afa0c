import type { Material, Part, Vocabulary } from '../car';

/** How the size of a kind is told. */
export type MeasuredBy = 'count' | 'length' | 'area' | 'diameter';
export type Test = 'nail' | 'feel' | 'wipe';

interface FindingKindFacts {
  uk: string;
  us: string;
  measuredBy: MeasuredBy;
  on: readonly Material[];
  /** Only on these part kinds, where the material alone does not say enough. */
  parts?: readonly Part['kind'][];
  /** Never on these, although the material would allow it. */
  notOn?: readonly Part['kind'][];
  tests: readonly Test[];
  caution?: string;
}

const PAINTED = ['steel', 'plastic'] as const;
const UNPAINTED = ['grille', 'aerial', 'roofrail'] as const;
const STOP_DRIVING = 'Do not drive until a qualified person has checked it.';

/** Kinds of finding, in the order they are usually met. */
export const findingKinds = {
  'stone-chip': {
    uk: 'Stone chip',
    us: 'Stone chip',
    measuredBy: 'count',
    on: PAINTED,
    notOn: UNPAINTED,
    tests: ['wipe', 'feel'],
  },
  scratch: {
    uk: 'Scratch',
    us: 'Scratch',
    measuredBy: 'length',
    on: [...PAINTED, 'none'],
    tests: ['wipe', 'nail'],
  },
  dent: { uk: 'Dent', us: 'Dent', measuredBy: 'diameter', on: PAINTED, notOn: UNPAINTED, tests: ['feel'] },
  scuff: { uk: 'Scuff', us: 'Scuff', measuredBy: 'area', on: PAINTED, tests: ['wipe', 'nail'] },
  'edge-nick': {
    uk: 'Door-edge nick',
    us: 'Door-edge nick',
    measuredBy: 'count',
    on: ['steel'],
    parts: ['door'],
    tests: ['feel'],
  },
  'paint-loss': {
    uk: 'Paint worn through',
    us: 'Paint worn through',
    measuredBy: 'area',
    on: PAINTED,
    notOn: UNPAINTED,
    tests: ['feel'],
  },
  ripple: {
    uk: 'Ripple or hollow',
    us: 'Ripple or low spot',
    measuredBy: 'area',
    on: ['steel'],
    tests: ['feel'],
  },
  etching: {
    uk: 'Etching',
    us: 'Etching',
    measuredBy: 'area',
    on: PAINTED,
    notOn: UNPAINTED,
    tests: ['wipe', 'feel'],
  },
  swirls: { uk: 'Swirls', us: 'Swirls', measuredBy: 'area', on: PAINTED, notOn: UNPAINTED, tests: ['wipe'] },
  peel: { uk: 'Lacquer peel', us: 'Clear coat peel', measuredBy: 'area', on: PAINTED, tests: ['feel'] },
  'respray-sign': {
    uk: 'Sign of respray',
    us: 'Sign of repaint',
    measuredBy: 'area',
    on: PAINTED,
    notOn: UNPAINTED,
    tests: ['feel'],
  },
  'old-repair': {
    uk: 'Earlier repair',
    us: 'Earlier repair',
    measuredBy: 'area',
    on: PAINTED,
    notOn: UNPAINTED,
    tests: ['feel'],
  },
  rust: {
    uk: 'Rust',
    us: 'Rust',
    measuredBy: 'area',
    on: ['steel'],
    tests: ['feel'],
    caution:
      'Rust right through near a mounting or the structure: do not drive until a qualified person has checked it.',
  },
  gap: { uk: 'Uneven gap', us: 'Uneven gap', measuredBy: 'length', on: [...PAINTED, 'glass'], tests: [] },
  loose: {
    uk: 'Loose or missing',
    us: 'Loose or missing',
    measuredBy: 'count',
    on: ['steel', 'plastic', 'glass', 'rubber'],
    notOn: ['tyre'],
    tests: [],
  },
  broken: {
    uk: 'Cracked or broken',
    us: 'Cracked or broken',
    measuredBy: 'length',
    on: ['plastic', 'glass', 'none'],
    notOn: ['windscreen', 'rearglass', 'sideglass', 'quarterglass'],
    tests: [],
  },
  'glass-chip': {
    uk: 'Chip in the glass',
    us: 'Chip in the glass',
    measuredBy: 'diameter',
    on: ['glass'],
    tests: ['wipe', 'feel'],
  },
  'glass-crack': {
    uk: 'Crack in the glass',
    us: 'Crack in the glass',
    measuredBy: 'length',
    on: ['glass'],
    parts: ['windscreen', 'rearglass', 'sideglass', 'quarterglass'],
    tests: ['nail'],
  },
  'glass-scratch': {
    uk: 'Scratch in the glass',
    us: 'Scratch in the glass',
    measuredBy: 'length',
    on: ['glass'],
    tests: ['wipe', 'nail'],
  },
  haze: {
    uk: 'Haze or yellowing',
    us: 'Haze or yellowing',
    measuredBy: 'area',
    on: ['glass'],
    parts: ['headlamp', 'foglamp', 'taillamp'],
    tests: ['wipe'],
  },
  moisture: {
    uk: 'Moisture inside',
    us: 'Moisture inside',
    measuredBy: 'area',
    on: ['glass'],
    parts: ['headlamp', 'foglamp', 'taillamp'],
    tests: [],
  },
  worn: {
    uk: 'Split or worn',
    us: 'Split or worn',
    measuredBy: 'length',
    on: ['rubber'],
    parts: ['wipers'],
    tests: [],
  },
  kerbing: { uk: 'Kerbing', us: 'Curb rash', measuredBy: 'length', on: ['alloy'], tests: ['nail'] },
  'wheel-corrosion': {
    uk: 'Corrosion under lacquer',
    us: 'Corrosion under clear coat',
    measuredBy: 'area',
    on: ['alloy'],
    tests: ['feel'],
  },
  'wheel-flaking': {
    uk: 'Coating flaking',
    us: 'Coating flaking',
    measuredBy: 'area',
    on: ['alloy'],
    tests: ['feel'],
  },
  'wheel-bent': {
    uk: 'Bent or cracked rim',
    us: 'Bent or cracked rim',
    measuredBy: 'length',
    on: ['alloy'],
    tests: [],
    caution: STOP_DRIVING,
  },
  'tyre-bulge': {
    uk: 'Bulge',
    us: 'Bulge',
    measuredBy: 'diameter',
    on: ['rubber'],
    parts: ['tyre'],
    tests: ['feel'],
    caution: STOP_DRIVING,
  },
  'tyre-cut': {
    uk: 'Cut',
    us: 'Cut',
    measuredBy: 'length',
    on: ['rubber'],
    parts: ['tyre'],
    tests: ['feel'],
    caution: 'If cord shows, do not drive until a qualified person has checked it.',
  },
  'tyre-cracks': {
    uk: 'Cracks in the rubber',
    us: 'Cracks in the rubber',
    measuredBy: 'area',
    on: ['rubber'],
    parts: ['tyre'],
    tests: ['feel'],
  },
  'tyre-wear': {
    uk: 'Uneven wear',
    us: 'Uneven wear',
    measuredBy: 'area',
    on: ['rubber'],
    parts: ['tyre'],
    tests: ['feel'],
  },
  other: {
    uk: 'Something else',
    us: 'Something else',
    measuredBy: 'area',
    on: ['steel', 'plastic', 'glass', 'alloy', 'rubber', 'none'],
    tests: ['wipe', 'feel'],
  },
} as const satisfies Record<string, FindingKindFacts>;

export type FindingKind = keyof typeof findingKinds;
export const findingKindIds = Object.keys(findingKinds) as [FindingKind, ...FindingKind[]];

export function findingKindOf(kind: FindingKind): FindingKindFacts {
  return findingKinds[kind];
}

export function findingKindName(kind: FindingKind, vocabulary: Vocabulary): string {
  return findingKindOf(kind)[vocabulary];
}

/** True when the kind makes sense on this part. */
export function kindFits(kind: FindingKind, part: Pick<Part, 'kind' | 'material'>): boolean {
  const facts = findingKindOf(kind);
  if (!facts.on.includes(part.material)) return false;
  if (facts.notOn?.includes(part.kind)) return false;
  return facts.parts === undefined || facts.parts.includes(part.kind);
}

/** Kinds for a part: those logged most in this walk first, then the usual order. */
export function kindsFor(
  part: Pick<Part, 'kind' | 'material'>,
  timesUsed: ReadonlyMap<FindingKind, number> = new Map(),
): FindingKind[] {
  return findingKindIds
    .filter((kind) => kindFits(kind, part))
    .sort(
      (a, b) =>
        Number(a === 'other') - Number(b === 'other') || (timesUsed.get(b) ?? 0) - (timesUsed.get(a) ?? 0),
    );
}
