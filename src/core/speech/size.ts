import { vocabularyOf } from '../car';
import { MM_PER_INCH } from '../measure';
import type { FindingDraft } from './drafts';
import type { Said } from './numbers';
import type { Talk } from './talk';

/** Takes a number as the size of a finding; one that cannot be meant is left out. */
export function size(talk: Talk, finding: FindingDraft, { high, second, unit }: Said): void {
  const isUs = vocabularyOf(talk.context.speech) === 'us';
  const scale =
    unit === 'in' ? MM_PER_INCH : unit === 'cm' ? 10 : unit === undefined && isUs ? MM_PER_INCH : 1;
  const mm = (value: number) => Math.round(value * scale * 10) / 10;
  const [a, b] = [mm(high), second === undefined ? undefined : mm(second)];
  if (a <= 0 || a > 6000) return;
  finding.lengthMm = b === undefined ? a : Math.max(a, b);
  if (b !== undefined) finding.widthMm = Math.min(a, b);
}
