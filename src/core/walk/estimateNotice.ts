import type { CarDetails } from '../car';
import type { NoticeDistance } from './choices';
import { findingKindOf, type Shows } from './findingKinds';
import { weightOf } from './howBad';
import type { Severity } from './severity';
import type { Finding } from './walkState';

type PaintTone = CarDetails['paintTone'];

/** Whether a distance was said while logging, answered on the step-back lap, or worked out. */
export type NoticeSource = 'said' | 'step-back-lap' | 'estimated';

/** Contrast with the paint, 0..1: dark paint shows every pale speck, pale paint shows rust and hides dents. House figures. */
const contrast: Record<Shows, Record<PaintTone, number>> = {
  pale: { black: 1, dark: 0.9, mid: 0.7, light: 0.4, silver: 0.35, white: 0.3 },
  bend: { black: 0.8, dark: 0.7, mid: 0.55, light: 0.35, silver: 0.3, white: 0.25 },
  dull: { black: 0.6, dark: 0.5, mid: 0.4, light: 0.25, silver: 0.25, white: 0.2 },
  brown: { black: 0.5, dark: 0.6, mid: 0.8, light: 1, silver: 1, white: 1 },
};
/** Of what is not in the paint. */
const PLAIN_CONTRAST = 0.6;

/** Seen size (millimetres × contrast) from which a finding is noticed at 1 m and at 3 m. House figures. */
const ONE_STEP_MM = 14;
const ACROSS_MM = 70;
/** How much further off a heavy mark is noticed than a plain one of its size, and a slight one less. House figures. */
const BY_WEIGHT: Record<Severity, number> = { slight: 0.6, plain: 1, heavy: 1.5 };
/** Contrast under which a heavy mark is noticed at 1 m but not at 3 m, where nobody measured it. House figure. */
const LOW_CONTRAST = 0.35;

/**
 * From where a finding is noticed when nobody has said: its size, worked up for how many there are and how bad it is, and down for marks a nail
 * does not feel, times its contrast with the paint, against two limits. Without a size, by how bad it is alone; without either nothing is known.
 * A house rule; always shown as an estimate.
 */
export function estimateNotice(
  { kind, details }: Pick<Finding, 'kind' | 'details'>,
  tone: PaintTone,
): NoticeDistance | undefined {
  const { shows, isThin } = findingKindOf(kind);
  const share = shows === undefined ? PLAIN_CONTRAST : contrast[shows][tone];
  const { lengthMm, widthMm, count = 1, nail } = details;
  const weight = weightOf(details);
  if (lengthMm === undefined) return weight && byWeight(weight, share);
  const across = widthMm === undefined ? lengthMm : Math.sqrt(lengthMm * widthMm);
  // A line is thin: half its length counts. Many small ones read as one larger patch.
  const thin = widthMm === undefined && isThin ? 0.5 : 1;
  const faint = nail === 'glides' ? 0.5 : 1;
  const bad = weight ? BY_WEIGHT[weight] : 1;
  const seen = across * thin * faint * bad * Math.sqrt(count) * share;
  if (seen >= ACROSS_MM) return 'across-the-bay';
  return seen >= ONE_STEP_MM ? 'one-step-back' : 'up-close';
}

function byWeight(weight: Severity, share: number): NoticeDistance {
  if (weight === 'slight') return 'up-close';
  return weight === 'heavy' && share > LOW_CONTRAST ? 'across-the-bay' : 'one-step-back';
}

/** The distance a reader is told, and where it comes from; neither where nothing tells. */
export function noticeOf(
  finding: Pick<Finding, 'kind' | 'details' | 'isNoticeWalked'>,
  tone: PaintTone,
): { notice?: NoticeDistance; source?: NoticeSource } {
  const { notice } = finding.details;
  if (notice) return { notice, source: finding.isNoticeWalked ? 'step-back-lap' : 'said' };
  const estimated = estimateNotice(finding, tone);
  return estimated ? { notice: estimated, source: 'estimated' } : {};
}
