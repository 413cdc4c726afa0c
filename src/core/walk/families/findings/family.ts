import { noticeWords } from '../../choices';
import { decidedAnew } from '../../remedy';
import type { Finding } from '../../walkState';
import { changeWords } from '../changeWords';
import { familyOf } from '../family';
import type { FindingChanges, findingBodies } from './bodies';
import { change } from './change';
import { readDetails, withChanges } from './readDetails';

export const findings = familyOf<typeof findingBodies>()({
  empty: () => ({ findings: [] }),
  noters: {
    'finding-noted': ({ findings }, { body, at, who }) => {
      if (findings.has(body.finding)) return;
      findings.set(body.finding, {
        id: body.finding,
        number: findings.size + 1,
        part: body.part,
        ...(body.sub && { sub: body.sub }),
        spot: body.spot,
        kind: body.kind,
        standing: { status: body.suspected ? 'suspected' : 'confirmed' },
        details: withChanges({}, readDetails(body.details)),
        at,
        who,
      });
    },
    'finding-amended': (walk, { body }) =>
      change(walk, body.finding, (finding) => amended(finding, body.changes)),
    'notice-answered': (walk, { body: { finding: id, notice } }) =>
      change(walk, id, (finding) => ({
        ...finding,
        details: { ...finding.details, notice },
        isNoticeWalked: true,
      })),
    'finding-dismissed': (walk, { body: { finding: id, why } }) =>
      change(walk, id, (finding) => ({ ...finding, standing: { status: 'dismissed', why } })),
    'put-right': (walk, { body: { finding: id, says }, at }) =>
      change(walk, id, (finding) => ({ ...finding, standing: { status: 'put-right', says, at } })),
  },
  words: {
    'finding-noted': ({ finding, suspected }, { about }) =>
      `${about(finding)}: ${suspected ? 'suspected' : 'logged'}`,
    'finding-amended': ({ finding, changes }, { about }) =>
      `${about(finding)}: ${Object.entries(changes).map(changeWords).join(', ')}`,
    'notice-answered': ({ finding, notice }, { about }) =>
      `${about(finding)}: noticed ${noticeWords[notice].name.toLowerCase()}`,
    'finding-dismissed': ({ finding, why }, { about }) => `${about(finding)}: it was ${why}`,
    'put-right': ({ finding, says }, { about }) => `${about(finding)}: put right, ${says}`,
  },
});

function amended(finding: Finding, changes: FindingChanges): Finding {
  const { kind, sub, spot, suspected, ...details } = changes;
  const { measured, sub: subBefore, ...rest } = finding;
  const subNow = sub === undefined ? subBefore : sub;
  const isSizeTyped = changes.lengthMm !== undefined || changes.areaMm2 !== undefined;
  return {
    ...rest,
    ...(measured && !isSizeTyped && { measured }),
    ...(subNow && { sub: subNow }),
    kind: kind ?? finding.kind,
    spot: spot ?? finding.spot,
    standing: suspected === undefined ? finding.standing : { status: suspected ? 'suspected' : 'confirmed' },
    details: withChanges(finding.details, decided(finding, readDetails(details))),
  };
}

const decided = ({ details }: Finding, changes: ReturnType<typeof readDetails>) =>
  changes.decision ? { ...changes, decision: decidedAnew(details.decision, changes.decision) } : changes;
