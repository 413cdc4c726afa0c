import { isStanding, type WalkState } from '../walk';
import type { StoodTrend } from './stood';

/** Whether a walk says of what repeats that it is a fault. */
export function isConfirmed(
  { becomes }: StoodTrend,
  { functions, findings }: Pick<WalkState, 'functions' | 'findings'>,
): boolean {
  if ('function' in becomes) return functions.tried.get(becomes.function)?.state === 'faulty';
  if ('lamps' in becomes) return (functions.lampsOn ?? []).length > 0;
  return findings.some(
    (finding) => isStanding(finding) && finding.part === becomes.part && finding.kind === becomes.kind,
  );
}
