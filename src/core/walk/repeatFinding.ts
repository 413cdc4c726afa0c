import {
  type BodyStyle,
  type CarDetails,
  type FaceId,
  type PartId,
  twinPosition,
  type Vocabulary,
} from '../car';
import { MOST_DOTS, type NoticeDistance, noticeWords } from './choices';
import { estimateNotice } from './estimateNotice';
import type { Extent } from './extent';
import type { StoredDetails } from './families/findings/bodies';
import { kindFits } from './findingKinds';
import type { Cures } from './remedySchema';
import type { Spot } from './spot';
import { findingLine } from './tellFinding';
import { adviceLine } from './tellRemedy';
import { type Finding, isStanding } from './walkState';

/** What nobody has said of a finding, and what is likely. Shown as a guess; in the log only once somebody has confirmed it. */
export interface Guesses {
  notice?: NoticeDistance;
  cures?: Cures;
}

/** Guesses for what was not said of a finding: its distance by the rule a report would use, its cure by the last one of its kind. */
export function guessDetails(
  finding: Finding,
  findings: readonly Finding[],
  tone: CarDetails['paintTone'],
): Guesses {
  const { id, kind, details } = finding;
  const last = findings.findLast(
    (other) => other.id !== id && other.kind === kind && isStanding(other) && other.details.cures,
  );
  const notice = estimateNotice(finding, tone);
  return {
    ...(details.notice === undefined && notice && { notice }),
    ...(details.cures === undefined && last?.details.cures && { cures: last.details.cures }),
  };
}

/** All that is repeated with "same again"; where it lies and what tests said are its own, and a promise is made anew or not at all. */
export function sameAgain({
  details: { lengthMm, widthMm, howBad, severity, notice, cures },
}: Pick<Finding, 'details'>): StoredDetails {
  return {
    ...(lengthMm !== undefined && { lengthMm }),
    ...(widthMm !== undefined && { widthMm }),
    ...(howBad && { howBad }),
    ...(severity && { severity }),
    ...(notice && { notice }),
    ...(cures && { cures }),
  };
}

/** What a button that repeats a finding says with one tap, in full: "scratch, 40 mm long, up close, should polish out". */
export function repeatedWords(
  { kind, details }: Pick<Finding, 'kind' | 'details'>,
  vocabulary: Vocabulary,
): string {
  return [
    findingLine({ kind, details }, vocabulary),
    details.notice && noticeWords[details.notice].name.toLowerCase(),
    adviceLine(details, vocabulary),
  ]
    .filter(Boolean)
    .join(', ');
}

/**
 * One more of what is counted, tapped at a spot. A count that was said or set by hand is added to, never replaced by the number of
 * dots; beyond the most dots only the count goes on.
 */
export function oneMoreAt({ spot, details }: Pick<Finding, 'spot' | 'details'>, at: Spot): StoredDetails {
  const spots = details.extent?.form === 'dots' ? details.extent.spots : [spot];
  const count = Math.min(999, (details.count ?? spots.length) + 1);
  return spots.length < MOST_DOTS ? { count, extent: { form: 'dots', spots: [...spots, at] } } : { count };
}

export interface Mirrored {
  part: PartId;
  spot: Spot;
  details: StoredDetails;
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
  const { count, amount, howBad, severity, lengthMm, widthMm, extent } = details;
  return {
    part: twin.id,
    spot: turn(spot),
    details: {
      ...(details.notice && { notice: details.notice }),
      ...(howBad && { howBad }),
      ...(severity && { severity }),
      ...(amount && { amount }),
      ...(details.cures && { cures: details.cures }),
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
