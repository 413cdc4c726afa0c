import { speakTread } from '../../measure';
import { partStatus } from '../../walk';
import { sentence } from '../../wording';
import type { ReportDocument, ReportFinding } from '../reportDocument';
import type { WalkTold } from '../walkTold';
import { statusSays } from '../wording';

/** Every part in walk order, clear ones said to be clear. */
export function partsInOrder(
  { state, route, concerns, nameOf }: WalkTold,
  findings: readonly ReportFinding[],
  putRight: NonNullable<ReportDocument['putRight']>,
): ReportDocument['parts'] {
  return route.map(({ part, face }) => {
    const here = findings.filter((finding) => finding.part === part).map(({ number }) => number);
    const look = state.looks.get(part);
    const status = partStatus(state, part, concerns);
    const known = concerns.get(part) ?? [];
    return {
      part,
      name: sentence(nameOf(part)),
      face,
      status,
      says: [
        statusSays(status, here, look?.status === 'not-seen' ? look.why : undefined),
        ...known,
        ...putRight.flatMap((each) => (each.part === part ? [`${each.number} put right`] : [])),
      ].join('; '),
      findings: here,
    };
  });
}

export function treadsInOrder({ state, route, nameOf }: WalkTold): ReportDocument['treads'] {
  return route.flatMap(({ part }) => {
    const read = state.treads.get(part);
    return read ? [{ part, name: sentence(nameOf(part)), depth: speakTread(read.depth, read.unit) }] : [];
  });
}
