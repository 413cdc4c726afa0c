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

/** How far agreement beyond chance goes, in words beside its figure (Landis and Koch, Biometrics 33, 1977). */
export function agreementWords(kappa: number): string {
  if (kappa < 0) return 'less than chance';
  if (kappa <= 0.2) return 'slight';
  if (kappa <= 0.4) return 'fair';
  if (kappa <= 0.6) return 'moderate';
  return kappa <= 0.8 ? 'substantial' : 'almost perfect';
}
