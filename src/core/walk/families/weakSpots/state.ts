import type { z } from 'zod';
import type { PartId } from '../../../car';
import { type Finding, isStanding, type WalkState } from '../../walkState';
import type { SpotAnswer, weakSpotBodies } from './bodies';

/** A weak spot as it was asked of this car, with what was answered. */
export interface SpotAsked
  extends Readonly<z.output<(typeof weakSpotBodies)['weak-spots-listed']>['spots'][number]> {
  answered?: { answer: SpotAnswer; finding?: string; why?: string; at: string; who: string };
}

export const spotKey = (spot: string, part: PartId): string => `${spot} ${part}`;

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
