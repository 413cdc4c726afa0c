import type { Part, Vocabulary } from '../car';
import { anyKinds } from './findingKinds/anyKinds';
import { filmKinds } from './findingKinds/filmKinds';
import type { FindingKindFacts } from './findingKinds/findingKindFacts';
import { glassKinds } from './findingKinds/glassKinds';
import { insideKinds } from './findingKinds/insideKinds';
import { mechanicalKinds } from './findingKinds/mechanicalKinds';
import { paintKinds } from './findingKinds/paintKinds';
import { wheelKinds } from './findingKinds/wheelKinds';

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

/** True when the kind makes sense on this part. */
export function kindFits(kind: FindingKind, part: Pick<Part, 'kind' | 'material' | 'underFilm'>): boolean {
  const facts = findingKindOf(kind);
  if (facts.onFilm && !part.underFilm && part.kind !== 'film') return false;
  if (!facts.on.includes(part.material)) return false;
  if (facts.notOn?.includes(part.kind)) return false;
  return facts.parts === undefined || facts.parts.includes(part.kind);
}

/** Kinds for a part: those logged most in this walk first, then the usual order. */
export function kindsFor(
  part: Pick<Part, 'kind' | 'material' | 'underFilm'>,
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
