import { isNoticeUnsaid, type ReportFinding } from '#core/report';
import { Strip } from '../map/Strip';

/** The strip of a finding, with all it says: from where it is noticed, whether that is a guess, doubt, caution. */
export const FindingStrip = ({ finding, small = false }: { finding: ReportFinding; small?: boolean }) => (
  <Strip
    small={small}
    number={finding.number}
    notice={finding.notice}
    standing={finding.suspected ? 'suspected' : 'confirmed'}
    isGuess={isNoticeUnsaid(finding)}
    warns={finding.caution !== undefined}
  />
);
