import { listed, type Text, type Told } from '../../told';
import { type Coverage, noticeDistances } from '../../walk';
import type { ReportDocument } from '../reportDocument';
import type { FindingTold } from '../rowsTold';
import { say } from '../words';

/** What decides before anything else: that the car is not to be driven, and what the papers leave open. */
export interface RedFlags {
  notToDrive: Text | undefined;
  papers: readonly Text[];
}

export const notToDriveTold = (reasons: readonly Text[]): Text | undefined =>
  reasons.length > 0 ? say('summary.notToDrive', { reasons: listed('semicolon', reasons) }) : undefined;

/** What the reader is told first: what decides, then from the far view inwards. */
export function summaryLines(
  findings: readonly FindingTold[],
  cover: Coverage,
  { notToDrive, papers }: RedFlags,
  remedies: Told<NonNullable<ReportDocument['remedies']>> = [],
): Text[] {
  const more = remedies.filter(({ promised }) => promised).length;
  const lines = [
    ...(notToDrive ? [notToDrive] : []),
    ...papers.map((says) => say('summary.papers', { says })),
    coverageTold(cover),
  ];
  const morePromised = more > 0 ? [say('summary.morePromised', { n: more })] : [];
  if (findings.length === 0)
    return [...lines, say(cover.looked === 0 ? 'summary.nothingYet' : 'summary.noFindings'), ...morePromised];
  const estimated = findings.filter(({ noticeSource }) => noticeSource === 'estimated').length;
  const promised = findings.filter((finding) => finding.promised).length;
  const open = findings.filter(({ suspected }) => suspected).length;
  return [
    ...lines,
    say('summary.findings', { n: findings.length, groups: groupsOf(findings) }),
    ...(estimated === 0
      ? []
      : [
          estimated === findings.length
            ? say('summary.allEstimated')
            : say('summary.estimated', { n: estimated }),
        ]),
    ...(promised > 0 ? [say('summary.promised', { n: promised })] : []),
    ...morePromised,
    ...(open > 0 ? [say('summary.open', { n: open })] : []),
  ];
}

function coverageTold({ visited, looked, left, total }: Coverage): Text {
  const unseen = visited - looked;
  if (unseen <= 0 && left.length === 0) return say('summary.allLooked', { total });
  const gaps = listed('comma', [
    unseen > 0 ? say('summary.unseen', { n: unseen }) : undefined,
    left.length > 0 ? say('summary.notLooked', { n: left.length }) : undefined,
  ]);
  return say('summary.looked', { looked, total, gaps });
}

/** How many are noticed from where, the farthest first. */
function groupsOf(findings: readonly FindingTold[]): Text {
  const from = (distance: FindingTold['notice']) =>
    findings.filter(({ notice }) => notice === distance).length;
  const groups = [...noticeDistances].reverse().map((distance) => {
    const n = from(distance);
    return n > 0 ? say(`summary.from.${distance}`, { n }) : undefined;
  });
  const unsaid = from(undefined);
  return listed('comma', [...groups, unsaid > 0 ? say('summary.from.unsaid', { n: unsaid }) : undefined]);
}
