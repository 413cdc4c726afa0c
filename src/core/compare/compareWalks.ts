import type { PartId } from '../car';
import { type Finding, isStanding, partStatus, type WalkState } from '../walk';

export type WalkDifference =
  /** Not there on the earlier walk, although the part was looked at. */
  | { is: 'new'; part: PartId; after: Finding }
  /** There now, and nobody looked at the part before: nobody can say since when. */
  | { is: 'not-known-before'; part: PartId; after: Finding }
  | { is: 'grown'; part: PartId; before: Finding; after: Finding }
  | { is: 'same'; part: PartId; before: Finding; after: Finding }
  /** No longer found, although the part was looked at again. */
  | { is: 'gone'; part: PartId; before: Finding }
  /** Mended, says the later walk, which knew of it. */
  | { is: 'put-right'; part: PartId; before: Finding; mended: Finding }
  /** The part was not looked at again. */
  | { is: 'not-looked-again'; part: PartId; before: Finding };

/** So far may a finger be off on the same thing, in shares of the part's own box. House rule. */
const SAME_SPOT = 0.18;
/** A size that differs by less than this is the same thing measured twice. House rule. */
const GROWN = 1.25;

/**
 * What two walks of one car say of it. A finding is the same when kind and part are, and the spots lie near each other; of several the nearest
 * pair first. A part that was not looked at proves nothing either way.
 */
export function compareWalks(before: WalkState, after: WalkState): WalkDifference[] {
  const was = before.findings.filter((finding) => isStanding(finding));
  const is = after.findings.filter((finding) => isStanding(finding));
  const pairs = was
    .flatMap((a) => is.flatMap((b) => (mayBeSame(a, b) ? [{ a, b, far: distance(a, b) }] : [])))
    .filter(({ far }) => far <= SAME_SPOT)
    .toSorted((p, q) => p.far - q.far || p.a.number - q.a.number || p.b.number - q.b.number);
  const partner = new Map<Finding, Finding>();
  for (const { a, b } of pairs) {
    if (partner.has(a) || partner.has(b)) continue;
    partner.set(a, b);
    partner.set(b, a);
  }
  const mendedOf = nearestOf(after.findings.filter(({ standing }) => standing.status === 'put-right'));
  const wasSeen = (part: PartId) => isLookedAt(before, part);
  const isSeen = (part: PartId) => isLookedAt(after, part);
  return [
    ...is.map((finding): WalkDifference => {
      const { part } = finding;
      const earlier = partner.get(finding);
      if (earlier)
        return { is: hasGrown(earlier, finding) ? 'grown' : 'same', part, before: earlier, after: finding };
      return { is: wasSeen(part) ? 'new' : 'not-known-before', part, after: finding };
    }),
    ...was
      .filter((finding) => !partner.has(finding))
      .map((finding): WalkDifference => {
        const { part } = finding;
        const mended = mendedOf(finding);
        if (mended) return { is: 'put-right', part, before: finding, mended };
        return { is: isSeen(part) ? 'gone' : 'not-looked-again', part, before: finding };
      }),
  ];
}

/** Finds the nearest of them that may be the same thing; each is given once. */
function nearestOf(findings: readonly Finding[]) {
  const left = new Set(findings);
  return (finding: Finding): Finding | undefined => {
    const [nearest] = [...left]
      .filter((each) => mayBeSame(finding, each) && distance(finding, each) <= SAME_SPOT)
      .toSorted((a, b) => distance(finding, a) - distance(finding, b));
    if (nearest) left.delete(nearest);
    return nearest;
  };
}

const mayBeSame = (a: Finding, b: Finding) => a.part === b.part && a.kind === b.kind;
const distance = ({ spot: a }: Finding, { spot: b }: Finding) => Math.hypot(a.u - b.u, a.v - b.v);

const isLookedAt = (state: WalkState, part: PartId): boolean => {
  const status = partStatus(state, part);
  return status !== 'not-looked-at' && status !== 'not-seen';
};

/** Longer, larger or more of them than measuring twice would explain; without figures nothing is said to have grown. */
function hasGrown({ details: was }: Finding, { details: is }: Finding): boolean {
  const more = (a: number | undefined, b: number | undefined) =>
    a !== undefined && b !== undefined && b > a * GROWN;
  return more(was.lengthMm, is.lengthMm) || more(was.areaMm2, is.areaMm2) || more(was.count, is.count);
}
