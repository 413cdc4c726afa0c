import type { Vocabulary } from '../car';
import { type Coverage, type NoticeDistance, noticeDistances, noticeWords, type PartStatus } from '../walk';
import { sentence } from '../wording';
import type { ReportDocument, ReportFinding } from './reportDocument';

const plural = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`;

const noticedFrom: Record<NoticeDistance, string> = {
  'across-the-bay': 'noticed from across the bay',
  'one-step-back': 'noticed from one step back',
  'up-close': 'seen only up close',
};

/** What decides before anything else: that the car is not to be driven, and what the papers leave open. */
export interface RedFlags {
  notToDrive: readonly string[];
  papers: readonly string[];
}

const NOT_TO_DRIVE = 'Not to be driven';

export const notToDriveSays = (reasons: readonly string[]): string =>
  `${NOT_TO_DRIVE} until a qualified person has checked it: ${reasons.join('; ')}.`;

/** Whether a line of the summary is the one that stops the drive: it is told loudest. */
export const stopsTheDrive = (line: string): boolean => line.startsWith(NOT_TO_DRIVE);

/** What the reader is told first: what decides, then from the far view inwards. */
export function summaryLines(
  findings: readonly ReportFinding[],
  cover: Coverage,
  { notToDrive, papers }: RedFlags = { notToDrive: [], papers: [] },
  remedies: ReportDocument['remedies'] = [],
): string[] {
  const lines: string[] = [
    ...(notToDrive.length > 0 ? [notToDriveSays(notToDrive)] : []),
    ...papers.map((says) => `Papers: ${says}`),
  ];
  const unseen = cover.visited - cover.looked;
  const gaps = [
    ...(unseen > 0 ? [`${unseen} could not be seen`] : []),
    ...(cover.left.length > 0
      ? [`${cover.left.length} ${cover.left.length === 1 ? 'was' : 'were'} not`]
      : []),
  ];
  lines.push(
    gaps.length === 0
      ? `All ${cover.total} parts on the route were looked at.`
      : `${cover.looked} of ${cover.total} parts on the route were looked at; ${gaps.join(', ')}.`,
  );
  const more = remedies.filter(({ promised }) => promised).length;
  const morePromised =
    more > 0
      ? [
          `${more === 1 ? 'One more thing is' : `${more} more things are`} promised before collection, beside the findings.`,
        ]
      : [];
  if (findings.length === 0) {
    lines.push(cover.looked === 0 ? 'Nothing has been looked at yet.' : 'No findings on what was looked at.');
    return [...lines, ...morePromised];
  }
  const groups = [...noticeDistances].reverse().flatMap((distance) => {
    const n = findings.filter((finding) => finding.notice === distance).length;
    return n > 0 ? [`${n} ${noticedFrom[distance]}`] : [];
  });
  const unsaid = findings.filter((finding) => finding.notice === undefined).length;
  if (unsaid > 0) groups.push(`${unsaid} with no distance noted`);
  lines.push(`${plural(findings.length, 'finding')}: ${groups.join(', ')}.`);
  const estimated = findings.filter((finding) => finding.noticeSource === 'estimated').length;
  if (estimated > 0)
    lines.push(
      `From where ${estimated === findings.length ? 'they are' : `${estimated} of them ${estimated === 1 ? 'is' : 'are'}`} noticed was worked out from kind, size and paint, not walked.`,
    );
  const promised = findings.filter((finding) => finding.promised).length;
  if (promised > 0) lines.push(`${promised} of them will be put right before collection.`);
  lines.push(...morePromised);
  const open = findings.filter((finding) => finding.suspected).length;
  if (open > 0) lines.push(`${plural(open, 'suspicion')} still to be looked at again.`);
  return lines;
}

/** From where a finding is noticed, as a reader is told it: a distance that was worked out says so. Empty where it is not known. */
export function noticedWords({
  notice,
  noticeSource,
}: Pick<ReportFinding, 'notice' | 'noticeSource'>): string {
  if (notice === undefined) return '';
  const name = noticeWords[notice].name.toLowerCase();
  return noticeSource === 'estimated' ? `likely ${name}, worked out and not walked` : name;
}

/** What is said of a part that is simply clear: looked at by itself, or in a sweep alone. */
const CLEAR = 'Clear';
const SWEPT = 'Clear, in a sweep';
/** Said of a part once its findings were noted. */
const REST_CLEAR = '; the rest of it clear';
const findingsAlone = new RegExp(`^Findings? [\\d, ]+(${REST_CLEAR})?$`);
/** Findings, told elsewhere by their numbers, and nothing else to say of it but perhaps that the rest is clear. */
export const saysFindingsAlone = (says: string): { isRestClear: boolean } | undefined => {
  const found = findingsAlone.exec(says);
  return found ? { isRestClear: found[1] !== undefined } : undefined;
};
export const isSimplyClear = (says: string): boolean => says === CLEAR || says === SWEPT;

/** Nobody said from where it is noticed: it is drawn open, as a guess. */
export const isNoticeUnsaid = ({
  notice,
  noticeSource,
}: Pick<ReportFinding, 'notice' | 'noticeSource'>): boolean =>
  notice === undefined || noticeSource === 'estimated';

export function statusSays(
  status: PartStatus,
  findings: readonly number[],
  why: string | undefined,
  { isSwept = false, isRestClear = false } = {},
): string {
  switch (status) {
    case 'clear':
      return isSwept ? SWEPT : CLEAR;
    case 'looked-at':
      return 'Looked at';
    case 'not-looked-at':
      return 'Not looked at';
    case 'not-seen':
      return `Could not be seen: ${why ?? ''}`;
    case 'findings':
    case 'second-look': {
      const listed = `${findings.length === 1 ? 'Finding' : 'Findings'} ${findings.join(', ')}`;
      const look = status === 'second-look' ? '; second look wanted' : '';
      const rest = isRestClear ? REST_CLEAR : '';
      return why ? `${listed}${look}; partly not seen: ${why}` : `${listed}${look}${rest}`;
    }
  }
}

/** What this walk does not cover, so that silence is not read as praise. */
export function outOfScope(done: { functions: boolean; papers: boolean }): string {
  const covered = [
    'what can be seen of the car',
    'its tread and paint depths where they were read',
    ...(done.functions ? ['whether its functions work'] : []),
    ...(done.papers ? ['its papers'] : []),
  ];
  const missing = [
    ...(done.functions ? [] : ['Whether everything works', 'a drive']),
    ...(done.papers ? [] : ['the papers']),
  ];
  const [first = '', ...others] = missing;
  const left = [sentence(first), ...others];
  const listed = left.length > 1 ? `${left.slice(0, -1).join(', ')} and ${left.at(-1)}` : left[0];
  return `This walk covers ${covered.join(', ')}, and its odometer.${missing.length > 0 ? ` ${listed} ${missing.length > 1 || !done.papers ? 'were' : 'was'} not part of it.` : ''}`;
}

/** The usual limits, printed on every report. */
export const generalCautions = [
  'This is a record of what was seen and tried. It is no roadworthiness test, no brake test and no safety inspection: those belong to licensed testers and local law.',
] as const;

export const tyreCaution = (vocabulary: Vocabulary): string =>
  `A ${vocabulary === 'us' ? 'tire' : 'tyre'} under the limit, with a bulge or with cord showing: do not drive until a qualified person has checked it.`;
