import type { Finding } from '../../walkState';
import type { Replaying } from '../family';

/** Entries about a finding that is not (or not yet) here wait without effect. */
export function change(
  { findings }: Pick<Replaying, 'findings'>,
  id: string,
  to: (finding: Finding) => Finding,
): void {
  const finding = findings.get(id);
  if (finding) findings.set(id, to(finding));
}
