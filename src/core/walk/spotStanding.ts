import type { SpotAsked } from './families/weakSpots/state';
import { type Finding, isStanding, type WalkState } from './walkState';

/** Where a weak spot stands: as answered, unless what was found since says otherwise. */
export type SpotStanding =
  | { status: 'left' }
  | { status: 'not-there' }
  | { status: 'there'; findings: readonly Finding[] }
  | { status: 'could-not-tell'; why?: string };

/**
 * What holds of a weak spot. A fault of its kinds that stands on its part is there, whatever was answered; "there" with a finding that was dismissed since
 * is an open question again, since a denied fault is none and nobody said that nothing is there.
 */
export function spotStanding(
  { findings }: Pick<WalkState, 'findings'>,
  { part, kinds, answered }: Pick<SpotAsked, 'part' | 'kinds' | 'answered'>,
): SpotStanding {
  const here = findings.filter(
    (finding) =>
      isStanding(finding) &&
      (finding.id === answered?.finding || (finding.part === part && kinds.includes(finding.kind))),
  );
  if (here.length > 0) return { status: 'there', findings: here };
  if (!answered || answered.answer === 'there') return { status: 'left' };
  return answered.answer === 'not-there'
    ? { status: 'not-there' }
    : { status: 'could-not-tell', ...(answered.why && { why: answered.why }) };
}
