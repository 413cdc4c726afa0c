import type { ResultsTold } from '#core/api';
import { type FindingKind, findingKindName } from '#core/walk';

type Rate = ResultsTold['falseAlarms']['pictures'];

const percent = (share: number) => Math.round(share * 100);

/** "7 of 9 (78 %, likely 45 to 94 %)": a share is never told without how sure it is. */
export const rateWords = ({ met, of, low, high }: Rate): string =>
  of === 0
    ? 'none yet'
    : `${met} of ${of} (${percent(met / of)} %, likely ${percent(low)} to ${percent(high)} %)`;

export function skillName(skill: string): string {
  if (skill === 'dirt') return 'Dirt, left alone';
  if (skill === 'nothing') return 'Nothing there, left alone';
  return findingKindName(skill as FindingKind, 'uk');
}

/** "A fifth too large (likely 2 % to 41 % too large), over 6". */
export function sizeWords({
  ratio,
  low,
  high,
  of,
}: NonNullable<ResultsTold['skills'][number]['size']>): string {
  return `${percent(ratio)} % of the true size (likely ${percent(low)} to ${percent(high)} %), over ${of}`;
}

/** How far agreement beyond chance goes, in words for what it likely is rather than for one figure: "moderate to almost perfect". */
export function agreementWords({ low, high }: { low: number; high: number }): string {
  if (high < 0) return 'less than chance';
  if (low <= 0) return 'may be chance alone';
  const [least, most] = [degreeOf(low), degreeOf(high)];
  return least === most ? least : `${least} to ${most}`;
}

/** The words of Landis and Koch, Biometrics 33, 1977. */
function degreeOf(kappa: number): string {
  if (kappa <= 0.2) return 'slight';
  if (kappa <= 0.4) return 'fair';
  if (kappa <= 0.6) return 'moderate';
  return kappa <= 0.8 ? 'substantial' : 'almost perfect';
}
