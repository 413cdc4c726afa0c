import { faceName, styleOf } from '#core/car';
import { isNoticeUnsaid, type ReportDocument, type ReportFinding } from '#core/report';
import { FaceMap } from '../map/FaceMap';

interface WhereOnCarProps {
  report: ReportDocument;
  part: string;
  /** Drawn where it is; without one the part alone is marked. */
  finding?: ReportFinding | undefined;
  className: string;
}

const unmarked = () => 'not-looked-at' as const;

/** The side of the car with one part marked: which part is it, and where on the car? Nothing for what lies on no side. */
export function WhereOnCar({ report, part, finding, className }: WhereOnCarProps) {
  const style = styleOf(report.car);
  const face = style.parts.get(part)?.face;
  if (!face) return null;
  return (
    <div
      role="img"
      aria-label={`Where it is: ${faceName(face, report.car)}`}
      className={`pointer-events-none ${className}`}
    >
      <div aria-hidden inert className="h-full w-full">
        <FaceMap
          style={style}
          face={face}
          speech={report.car}
          statusOf={unmarked}
          current={part}
          findings={
            finding
              ? [
                  {
                    id: String(finding.number),
                    number: finding.number,
                    part: finding.part,
                    spot: finding.spot,
                    notice: finding.notice,
                    isGuess: isNoticeUnsaid(finding),
                    standing: finding.suspected ? 'suspected' : 'confirmed',
                  },
                ]
              : []
          }
          className="h-full w-full"
        />
      </div>
    </div>
  );
}
