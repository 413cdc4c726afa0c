import { useMemo } from 'react';
import { bodyStyle, type FaceId, faceName, sentence } from '#core/car';
import type { ReportDocument } from '#core/report';
import type { PartStatus } from '#core/walk';
import { FaceMap, type MapFinding } from '../map/FaceMap';

/** Ends beside each other, sides below. */
const order: readonly FaceId[] = ['front', 'rear', 'left', 'right', 'top'];

/** Where the findings are. Tapping a part goes to its first finding. */
export default function ReportMap({ report }: { report: ReportDocument }) {
  const style = bodyStyle(report.car.bodyStyle);
  const statuses = useMemo(() => new Map(report.parts.map((part) => [part.part, part.status])), [report]);
  const statusOf = (part: string): PartStatus => statuses.get(part) ?? 'not-looked-at';
  const findings = report.findings.map(
    (finding): MapFinding => ({
      id: String(finding.number),
      number: finding.number,
      part: finding.part,
      spot: finding.spot,
      notice: finding.notice,
      standing: finding.suspected ? 'suspected' : 'confirmed',
    }),
  );
  const go = (part: string) => {
    const first = report.findings.find((finding) => finding.part === part);
    if (first) document.getElementById(`finding-${first.number}`)?.scrollIntoView({ behavior: 'smooth' });
  };
  const height: Record<FaceId, string> = {
    front: 'h-56 sm:h-64',
    rear: 'h-56 sm:h-64',
    left: 'h-36 sm:h-44',
    right: 'h-36 sm:h-44',
    top: 'h-64',
  };
  return (
    <section aria-label="Where the findings are" className="mt-6 px-4">
      <h2 className="mb-2 text-2xl">Where the findings are</h2>
      <div className="grid grid-cols-2 gap-2">
        {order
          .filter(
            (face) =>
              face !== 'top' || findings.some((finding) => style.parts.get(finding.part)?.face === 'top'),
          )
          .map((face) => (
            <figure
              key={face}
              className={`relative pt-5 ${face === 'front' || face === 'rear' ? '' : 'col-span-2'}`}
            >
              <FaceMap
                style={style}
                face={face}
                speech={report.car}
                statusOf={statusOf}
                findings={findings}
                onPart={go}
                className={`w-full overflow-visible ${height[face]}`}
              />
              <figcaption className="absolute top-0 left-0 text-sm text-soft">
                {sentence(faceName(face, report.car))}
              </figcaption>
            </figure>
          ))}
      </div>
      <p className="mt-1 text-sm text-soft">
        A ✓ is a part looked at and clear. The longer the strip of tape, the farther off the finding is
        noticed.
      </p>
    </section>
  );
}
