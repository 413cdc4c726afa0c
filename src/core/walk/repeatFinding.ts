import { type BodyStyle, type FaceId, type PartId, twinPosition } from '../car';
import { type Extent, MOST_DOTS } from './extent';
import type { FindingDetails } from './families/findings/bodies';
import { kindFits } from './findingKinds';
import type { Spot } from './spot';
import { type Finding, isStanding } from './walkState';

/** What carries over to the next finding of a kind: what was decided about it, never what was found by testing. */
function carriedOver({ notice, action }: FindingDetails): FindingDetails {
  return { ...(notice && { notice }), ...(action && { action }) };
}

/** The details a new finding of this kind starts with: the last one's distance and action. */
export function repeatFinding(findings: readonly Finding[], kind: Finding['kind']): FindingDetails {
  const last = findings.findLast((finding) => finding.kind === kind && isStanding(finding));
  return last ? carriedOver(last.details) : {};
}

/**
 * One more of what is counted, tapped at a spot. A count that was said or set by hand is added to, never replaced by the number of
 * dots; beyond the most dots only the count goes on.
 */
export function oneMoreAt({ spot, details }: Pick<Finding, 'spot' | 'details'>, at: Spot): FindingDetails {
  const spots = details.extent?.form === 'dots' ? details.extent.spots : [spot];
  const count = Math.min(999, (details.count ?? spots.length) + 1);
  return spots.length < MOST_DOTS ? { count, extent: { form: 'dots', spots: [...spots, at] } } : { count };
}

export interface Mirrored {
  part: PartId;
  spot: Spot;
  details: FindingDetails;
}

/** The same finding on the same part of the other side, or undefined where there is no such part. Tests are not repeated: they were done on one side. */
export function mirrorFinding(
  { part: partId, spot, kind, details }: Pick<Finding, 'part' | 'spot' | 'kind' | 'details'>,
  style: BodyStyle,
): Mirrored | undefined {
  const part = style.parts.get(partId);
  if (!part?.position) return undefined;
  const twin = style.parts.get(`${part.kind}-${twinPosition(part.position)}`);
  if (!twin || !kindFits(kind, twin)) return undefined;
  const turn = mirrorsAcross(part.face) ? turned : same;
  const { count, lengthMm, widthMm, extent } = details;
  return {
    part: twin.id,
    spot: turn(spot),
    details: {
      ...carriedOver(details),
      ...(count !== undefined && { count }),
      ...(lengthMm !== undefined && { lengthMm }),
      ...(widthMm !== undefined && { widthMm }),
      ...(extent && { extent: extentOf(extent, turn) }),
    },
  };
}

const same = (spot: Spot): Spot => spot;
const turned = ({ u, v }: Spot): Spot => ({ u: Math.round((1 - u) * 1000) / 1000, v });

/** On the sides u runs from nose to tail on both; elsewhere from left to right, so a twin's is turned over. */
const mirrorsAcross = (face: FaceId | undefined) => face !== 'left' && face !== 'right';

function extentOf(extent: Extent, turn: (spot: Spot) => Spot): Extent {
  switch (extent.form) {
    case 'dots':
      return { form: 'dots', spots: extent.spots.map(turn) };
    case 'line':
    case 'box':
      return { ...extent, from: turn(extent.from), to: turn(extent.to) };
    // Mirrored, what ran clockwise runs back.
    case 'arc':
      return { ...extent, fromDeg: (720 - extent.fromDeg - extent.spanDeg) % 360 };
  }
}
