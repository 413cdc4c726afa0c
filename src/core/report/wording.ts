import { noticeWords } from '../walk';
import type { ReportDocument, ReportFinding } from './reportDocument';

/** Whether a line of the summary is the one that stops the drive: it is told loudest. Reports frozen by an earlier Zelk say so in their words alone. */
export const stopsTheDrive = (line: string, { notToDrive }: Pick<ReportDocument, 'notToDrive'>): boolean =>
  line === notToDrive || line.startsWith('Not to be driven until');

/** From where a finding is noticed, as a reader is told it: a distance that was worked out says so. Empty where it is not known. */
export function noticedWords({
  notice,
  noticeSource,
}: Pick<ReportFinding, 'notice' | 'noticeSource'>): string {
  if (notice === undefined) return '';
  const name = noticeWords[notice].name.toLowerCase();
  return noticeSource === 'estimated' ? `likely ${name}, worked out and not walked` : name;
}

type ReportPart = ReportDocument['parts'][number];

/** Whether nothing is known of a part beside its status and its findings. Reports frozen by an earlier Zelk say so in their words alone. */
const isAlone = ({ isAlone, says }: ReportPart): boolean =>
  isAlone === true || /^(Clear(, in a sweep)?|Findings? [\d, ]+(; the rest of it clear)?)$/.test(says);

/** Findings, told elsewhere by their numbers, and nothing else to say of it but perhaps that the rest is clear. */
export const findingsAlone = (part: ReportPart): { isRestClear: boolean } | undefined =>
  part.status === 'findings' && isAlone(part)
    ? { isRestClear: part.isRestClear === true || part.says.endsWith('; the rest of it clear') }
    : undefined;
/** Clear, and nothing else to say of it. */
export const isSimplyClear = (part: ReportPart): boolean => part.status === 'clear' && isAlone(part);

/** Nobody said from where it is noticed: it is drawn open, as a guess. */
export const isNoticeUnsaid = ({
  notice,
  noticeSource,
}: Pick<ReportFinding, 'notice' | 'noticeSource'>): boolean =>
  notice === undefined || noticeSource === 'estimated';
