import { useMemo, useState } from 'react';
import { type FaceId, faceIds, faceName, outsideFaces, styleOf } from '#core/car';
import type { ReportDocument, ReportFinding } from '#core/report';
import { isNoticeUnsaid } from '#core/report';
import type { PartStatus, Spot } from '#core/walk';
import { sentence } from '#core/wording';
import { FaceMap, type MapFinding } from '../map/FaceMap';
import { FindingSheet } from './later';
import type { PhotoUrl } from './photoUrl';

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
  if (face === 'front' || face === 'rear') return 'h-44 sm:h-64 xl:h-40';
  return face === 'left' || face === 'right' ? 'h-36 sm:h-44 xl:h-28' : 'h-44 sm:h-64 xl:h-48';
};

/** A finger may miss a strip by so much of the drawing's width. */
const REACH = 0.09;

/** Where the findings are. Tapping a strip shows it with its pictures. */
export default function ReportMap({ report, photoUrl }: { report: ReportDocument; photoUrl: PhotoUrl }) {
  const [picked, setPicked] = useState<ReportFinding>();
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
      isGuess: isNoticeUnsaid(finding),
      warns: finding.caution !== undefined,
      ...(finding.extent && { extent: finding.extent }),
      standing: finding.suspected ? 'suspected' : 'confirmed',
    }),
  );
  const placeOf = (id: string, { u, v }: Spot) => {
    const { box } = style.parts.get(id) ?? {};
    return box && ([box.x + u * box.width, box.y + v * box.height] as const);
  };
  // A strip often hangs over the next part: the nearest one under the finger is meant, whatever it is stuck on.
  const pick = (part: string, spot: Spot) => {
    const at = placeOf(part, spot);
    const face = style.parts.get(part)?.face;
    if (!at || !face) return;
    const [nearest] = report.findings
      .flatMap((finding) => {
        const place = style.parts.get(finding.part)?.face === face && placeOf(finding.part, finding.spot);
        return place ? [{ finding, far: Math.hypot(place[0] - at[0], place[1] - at[1]) }] : [];
      })
      .toSorted((a, b) => a.far - b.far);
    const isNear = nearest && nearest.far < REACH * style.faces[face].width;
    if (nearest && (isNear || nearest.finding.part === part)) setPicked(nearest.finding);
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
                onPart={pick}
                className={`w-full overflow-visible ${heightOf(face)}`}
              />
              <figcaption className="absolute top-0 left-0 text-sm text-soft">
                {sentence(faceName(face, report.car))}
              </figcaption>
            </figure>
          ))}
      </div>
      <p className="mt-1 text-sm text-soft">
        A ✓ is a part looked at and clear, a dot one that was looked at and of which more is said below. The
        longer the strip of tape, the farther off the finding is noticed; one that is open and dashed was
        worked out or only suspected. ! has a caution. Tap one to see it.
      </p>
      {picked && (
        <FindingSheet
          finding={picked}
          report={report}
          photoUrl={photoUrl}
          onFinding={setPicked}
          onClose={() => setPicked(undefined)}
        />
      )}
    </section>
  );
}
