import { useMemo } from 'react';
import { type FaceId, faceIds, faceName, outsideFaces, sentence, styleOf } from '#core/car';
import type { ReportDocument } from '#core/report';
import type { PartStatus } from '#core/walk';
import { FaceMap, type MapFinding } from '../map/FaceMap';

/** Ends beside each other, sides below, then the places with a map of their own. */
const order: readonly FaceId[] = [
  'front',
  'rear',
  'left',
  'right',
  ...faceIds.slice(outsideFaces.length - 1),
];
/** Always shown; the others only where something was found. */
const always: ReadonlySet<FaceId> = new Set(['front', 'rear', 'left', 'right']);
const heightOf = (face: FaceId) => {
  if (face === 'front' || face === 'rear') return 'h-56 sm:h-64';
  return face === 'left' || face === 'right' ? 'h-36 sm:h-44' : 'h-64';
};

/** Where the findings are. Tapping a part goes to its first finding. */
export default function ReportMap({ report }: { report: ReportDocument }) {
  const style = styleOf(report.car);
  const statuses = useMemo(() => new Map(report.parts.map((part) => [part.part, part.status])), [report]);
  const statusOf = (part: string): PartStatus => statuses.get(part) ?? 'not-looked-at';
  const findings = report.findings.map(
    (finding): MapFinding => ({
      id: String(finding.number),
      number: finding.number,
      part: finding.part,
      spot: finding.spot,
      notice: finding.notice,
      ...(finding.extent && { extent: finding.extent }),
      standing: finding.suspected ? 'suspected' : 'confirmed',
    }),
  );
  const go = (part: string) => {
    const first = report.findings.find((finding) => finding.part === part);
    if (first) document.getElementById(`finding-${first.number}`)?.scrollIntoView({ behavior: 'smooth' });
  };
  return (
    <section aria-label="Where the findings are" className="mt-6 px-4">
      <h2 className="mb-2 text-2xl">Where the findings are</h2>
      <div className="grid grid-cols-2 gap-2">
        {order
          .filter(
            (face) =>
              always.has(face) || findings.some((finding) => style.parts.get(finding.part)?.face === face),
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
                className={`w-full overflow-visible ${heightOf(face)}`}
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
