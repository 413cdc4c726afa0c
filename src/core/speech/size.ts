import { vocabularyOf } from '../car';
import { MAX_SIZE_MM, MM_PER_INCH } from '../measure';
import type { FindingDraft } from './drafts';
import type { Said } from './numbers';
import { isAbout } from './readings';
import type { Talk } from './talk';

/** A count or a size that cannot be meant is asked about. */
export function askNumber(finding: FindingDraft): void {
  finding.questions = [...finding.questions, 'impossible-number'];
  finding.sure = 'ask';
  finding.why = [...finding.why, 'that number cannot be meant'];
}

/** Takes a number as the size of a finding; one that cannot be meant is left out. */
export function size(talk: Talk, finding: FindingDraft, { high, second, unit }: Said): void {
  const isUs = vocabularyOf(talk.context.speech) === 'us';
  const scale =
    unit === 'in' ? MM_PER_INCH : unit === 'cm' ? 10 : unit === undefined && isUs ? MM_PER_INCH : 1;
  const mm = (value: number) => Math.round(value * scale * 10) / 10;
  const [a, b] = [mm(high), second === undefined ? undefined : mm(second)];
  if (Math.min(a, b ?? a) <= 0 || Math.max(a, b ?? a) > MAX_SIZE_MM) {
    askNumber(finding);
    return;
  }
  finding.lengthMm = b === undefined ? a : Math.max(a, b);
  if (isAbout(talk)) finding.isAbout = true;
  if (b !== undefined) finding.widthMm = Math.min(a, b);
}
