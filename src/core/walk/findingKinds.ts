import type { Material, Part, Vocabulary } from '../car';
import type { Cure } from './cures';
import { anyKinds } from './findingKinds/anyKinds';
import { filmKinds } from './findingKinds/filmKinds';
import type { FindingKindFacts } from './findingKinds/findingKindFacts';
import { glassKinds } from './findingKinds/glassKinds';
import { insideKinds } from './findingKinds/insideKinds';
import { mechanicalKinds } from './findingKinds/mechanicalKinds';
import { paintKinds } from './findingKinds/paintKinds';
import { wheelKinds } from './findingKinds/wheelKinds';
import { type Severity, severities } from './severity';

export type { FindingKindFacts, Shows, Test } from './findingKinds/findingKindFacts';

/** Kinds of finding, group by group of what they are found on, each in the order its kinds are usually met. */
export const findingKinds = {
  ...paintKinds,
  ...filmKinds,
  ...glassKinds,
  ...wheelKinds,
  ...insideKinds,
  ...mechanicalKinds,
  ...anyKinds,
} as const;

export type FindingKind = keyof typeof findingKinds;
export const findingKindIds = Object.keys(findingKinds) as [FindingKind, ...FindingKind[]];

export function findingKindOf(kind: FindingKind): FindingKindFacts {
  return findingKinds[kind];
}

export function findingKindName(kind: FindingKind, vocabulary: Vocabulary): string {
  return findingKindOf(kind)[vocabulary];
}

/** What usually mends it, the likeliest for how bad it is first. */
export function likelyCures(kind: FindingKind, severity?: Severity): readonly Cure[] {
  const { mends = [] } = findingKindOf(kind);
  const at = severity ? Math.min(severities.indexOf(severity), mends.length - 1) : 0;
  return [...mends.slice(at), ...mends.slice(0, at)];
}

/** True when the kind makes sense on this part. */
export function kindFits(kind: FindingKind, part: Pick<Part, 'kind' | 'material' | 'underFilm'>): boolean {
  const facts = findingKindOf(kind);
  if (facts.onFilm && !part.underFilm && part.kind !== 'film') return false;
  if (!facts.on.includes(part.material)) return false;
  if (facts.notOn?.includes(part.kind)) return false;
  return facts.parts === undefined || facts.parts.includes(part.kind);
}

type PartLike = Pick<Part, 'kind' | 'material' | 'underFilm'>;

/** Kinds for a part: those logged most in this walk first, then the usual order. Others may be logged too: they only come later. */
export function kindsFor(
  part: PartLike,
  timesUsed: ReadonlyMap<FindingKind, number> = new Map(),
): FindingKind[] {
  return findingKindIds
    .filter((kind) => kindFits(kind, part))
    .sort(
      (a, b) =>
        Number(findingKindOf(a).isLast ?? false) - Number(findingKindOf(b).isLast ?? false) ||
        (timesUsed.get(b) ?? 0) - (timesUsed.get(a) ?? 0),
    );
}

/** All kinds that are not usual on a part: offered after the usual ones, in the order of the catalogue. */
export const otherKindsFor = (part: PartLike): FindingKind[] =>
  findingKindIds.filter((kind) => !kindFits(kind, part));

/** Materials that take the same faults. */
const families: readonly (readonly Material[])[] = [
  ['steel', 'aluminium', 'plastic', 'chrome', 'carbon', 'wood', 'alloy', 'vinyl'],
  ['leather', 'fabric', 'vinyl'],
  ['glass'],
  ['rubber'],
  ['mechanical', 'steel', 'aluminium', 'alloy', 'plastic'],
];

/** Whether a person should be asked once if it is meant so: a dent in glass, kerbing on a seat. */
export function isOdd(kind: FindingKind, part: PartLike): boolean {
  if (kindFits(kind, part) || part.material === 'none') return false;
  const { on, onFilm, parts, isAnywhere } = findingKindOf(kind);
  if (onFilm || isAnywhere) return false;
  const isAlike = families.some(
    (alike) => alike.includes(part.material) && alike.some((each) => on.includes(each)),
  );
  // Faults of wheels and tyres are theirs alone.
  const isElsewhere =
    parts?.every((each) => each === 'tyre' || each === 'tyre-inner') || on.every((each) => each === 'alloy');
  return !isAlike || (isElsewhere === true && part.material !== 'alloy');
}
