import type { Part } from '../car';
import { kindFits } from './findingKinds';
import { type LookId, lookIds, lookOf } from './lookTable';
import { type Finding, isStanding } from './walkState';

/** So many are offered at a part: more are not read. */
const MOST_LOOKS = 5;

/** Whether it makes sense to say so of this part. */
export function lookFits(id: LookId, part: Pick<Part, 'kind' | 'material' | 'underFilm'>): boolean {
  const { kinds, on } = lookOf(id);
  return (on === undefined || on.includes(part.kind)) && kinds.some((kind) => kindFits(kind, part));
}

/** What a person looks for on this part: at most five, the most telling first; none where there is nothing but to see whether it is there. */
export const looksFor = (part: Pick<Part, 'kind' | 'material' | 'underFilm'>): LookId[] =>
  lookIds.filter((id) => lookFits(id, part)).slice(0, MOST_LOOKS);

/** What many parts at once are looked for: what fits most of them first. */
export function looksForAll(parts: readonly Part[]): LookId[] {
  const times = new Map<LookId, number>();
  for (const part of parts) for (const id of looksFor(part)) times.set(id, (times.get(id) ?? 0) + 1);
  return lookIds.filter((id) => times.has(id)).sort((a, b) => (times.get(b) ?? 0) - (times.get(a) ?? 0));
}

/** What was said not to be there and is not contradicted: a fault of those kinds that stands on the part takes its sentence away. */
export function standingLooks(
  said: readonly LookId[],
  part: Pick<Part, 'id' | 'kind' | 'material' | 'underFilm'>,
  findings: readonly Pick<Finding, 'part' | 'kind' | 'standing'>[],
): LookId[] {
  const there = new Set(
    findings.filter((finding) => finding.part === part.id && isStanding(finding)).map(({ kind }) => kind),
  );
  return lookIds.filter(
    (id) => said.includes(id) && lookFits(id, part) && !lookOf(id).kinds.some((kind) => there.has(kind)),
  );
}
