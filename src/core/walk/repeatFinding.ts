import {
  type BodyStyle,
  type CarDetails,
  type FaceId,
  type PartId,
  twinPosition,
  type Vocabulary,
} from '../car';
import { type Action, type NoticeDistance, noticeWords } from './choices';
import { actionLine, findingLine } from './describeFinding';
import { estimateNotice } from './estimateNotice';
import { type Extent, MOST_DOTS } from './extent';
import type { FindingDetails } from './families/findings/bodies';
import { kindFits } from './findingKinds';
import type { Spot } from './spot';
import { type Finding, isStanding } from './walkState';

/** What nobody has said of a finding, and what is likely. Shown as a guess; in the log only once somebody has confirmed it. */
export interface Guesses {
  notice?: NoticeDistance;
  action?: Action;
}

/** Guesses for what was not said of a finding: its distance by the rule a report would use, its action by the last one of its kind. */
export function guessDetails(
  finding: Finding,
  findings: readonly Finding[],
  tone: CarDetails['paintTone'],
): Guesses {
  const { id, kind, details } = finding;
  const last = findings.findLast(
    (other) => other.id !== id && other.kind === kind && isStanding(other) && other.details.action,
  );
  return {
    ...(details.notice === undefined && { notice: estimateNotice(finding, tone) }),
    ...(details.action === undefined && last?.details.action && { action: last.details.action }),
  };
}

/** All that is repeated with "same again"; where it lies and what tests said are its own. */
export function sameAgain({
  details: { lengthMm, widthMm, notice, action },
}: Pick<Finding, 'details'>): FindingDetails {
  return {
    ...(lengthMm !== undefined && { lengthMm }),
    ...(widthMm !== undefined && { widthMm }),
    ...(notice && { notice }),
    ...(action && { action }),
  };
}

/** What a button that repeats a finding says with one tap, in full: "scratch, 40 mm long, up close, machine polish". */
export function repeatedWords(
  { kind, details }: Pick<Finding, 'kind' | 'details'>,
  vocabulary: Vocabulary,
): string {
  return [
    findingLine({ kind, details }, vocabulary),
    details.notice && noticeWords[details.notice].name.toLowerCase(),
    actionLine({ details }, vocabulary).toLowerCase(),
  ]
    .filter(Boolean)
    .join(', ');
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
      ...(details.notice && { notice: details.notice }),
      ...(details.action && { action: details.action }),
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
