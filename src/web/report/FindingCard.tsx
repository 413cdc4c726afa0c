import type { ReportDocument, ReportFinding } from '#core/report';
import { sentence } from '#core/wording';
import { AskButton } from './AskContext';
import { FindingSays } from './FindingSays';
import { FindingStrip } from './FindingStrip';
import { PhotoRow } from './PhotoRow';
import type { PhotoUrl } from './photoUrl';

/** A finding as a buyer reads it: what and where in words, then the place and the thing side by side. */
export function FindingCard({
  finding,
  report,
  photoUrl,
  news,
}: {
  finding: ReportFinding;
  report: ReportDocument;
  photoUrl: PhotoUrl;
  /** What an earlier revision did not say of it. */
  news: string | undefined;
}) {
  const photos = finding.photos.flatMap((n) => report.photos.find((photo) => photo.number === n) ?? []);
  return (
    <article id={`finding-${finding.number}`} className="scroll-mt-4 border-b border-line py-4">
      <div className="flex items-start gap-3">
        <FindingStrip finding={finding} />
        <div className="min-w-0 flex-1">
          <h3 className="text-lg leading-tight">{finding.line}</h3>
          <p>{sentence(finding.partName)}</p>
          {news && <p className="mt-1 inline-block rounded-sm bg-tape px-2 font-bold">{news}</p>}
        </div>
        <AskButton
          about={finding.id ? { finding: finding.id } : { part: finding.part }}
          title={`finding ${finding.number}, ${finding.partName}`}
        />
      </div>
      <FindingSays finding={finding} />
      <PhotoRow photos={photos} photoUrl={photoUrl} />
    </article>
  );
}
