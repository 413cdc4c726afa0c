import { type PartId, partIdOf, styleOf, twinPosition } from '#core/car';
import type { ReportDocument } from '#core/report';
import { PhotoRow } from './PhotoRow';
import type { PhotoUrl } from './photoUrl';

interface OtherSideProps {
  part: PartId;
  report: ReportDocument;
  photoUrl: PhotoUrl;
}

/** What the report says of the same part on the other side of the car: worn alike, or this side alone? */
export function OtherSide({ part, report, photoUrl }: OtherSideProps) {
  const here = styleOf(report.car).parts.get(part);
  const position = here?.position && twinPosition(here.position);
  const twin = here && position && report.parts.find((each) => each.part === partIdOf(here.kind, position));
  if (!twin) return null;
  const findings = report.findings.filter((finding) => finding.part === twin.part);
  const photos = [
    ...report.photos.filter((photo) => findings.some(({ photos: shown }) => shown.includes(photo.number))),
    ...report.photos.filter((photo) => photo.part === twin.part && photo.finding === undefined),
  ].slice(0, 2);
  return (
    <details className="mt-3 border-t border-line">
      <summary className="min-h-12 cursor-pointer py-3 font-bold">Compare with the other side</summary>
      <p>
        {twin.name}:{' '}
        {findings.length === 0
          ? twin.says
          : findings.map(({ number, line }) => `${number}. ${line}`).join('; ')}
      </p>
      <PhotoRow photos={photos} photoUrl={photoUrl} />
    </details>
  );
}
