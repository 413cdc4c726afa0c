import { isStanding, type WalkState } from './walkState';

/** Something that was promised and is not put right yet. */
export interface OpenPromise {
  /** The finding it is about; absent for what is no finding. */
  finding?: string;
  owner?: string;
  /** The day it is promised for. */
  by?: string;
}

/** What was promised of a car and is not kept: findings that still stand, and whatever else was not found gone when it was looked at again. */
export function openPromises({
  findings,
  remedies,
}: Pick<WalkState, 'findings' | 'remedies'>): OpenPromise[] {
  const told = (decision: { owner?: string | undefined; by?: string | undefined }) => ({
    ...(decision.owner && { owner: decision.owner }),
    ...(decision.by && { by: decision.by }),
  });
  return [
    ...findings.flatMap((finding): OpenPromise[] => {
      const { decision } = finding.details;
      return isStanding(finding) && decision?.is === 'promised'
        ? [{ finding: finding.id, ...told(decision) }]
        : [];
    }),
    ...[...remedies.values()].flatMap(({ decision, checked }): OpenPromise[] =>
      decision?.is === 'promised' && checked?.found !== 'gone' ? [told(decision)] : [],
    ),
  ];
}
