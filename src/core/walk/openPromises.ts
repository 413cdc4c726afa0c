import { isStanding, type WalkState } from './walkState';

/** Something that was promised and is not put right yet. */
export interface OpenPromise {
  /** The finding it is about; absent for what is no finding. */
  finding?: string;
  owner?: string;
  /** The day it was promised for. */
  by?: string;
}

/** What was promised of a car and is not kept: findings that still stand, and whatever else was promised, since nothing says of that that it was done. */
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
    ...[...remedies.values()].flatMap(({ decision }): OpenPromise[] =>
      decision?.is === 'promised' ? [told(decision)] : [],
    ),
  ];
}
