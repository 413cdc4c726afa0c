import { MessageCircleQuestion } from 'lucide-react';
import type { ReportDocument, ReportPhoto } from '#core/report';
import { sentence } from '#core/wording';
import { FindingStrip } from '../FindingStrip';
import type { PhotoUrl } from '../photoUrl';
import { WhereOnCar } from '../WhereOnCar';

interface GalleryWordsProps {
  report: ReportDocument;
  photo: ReportPhoto;
  /** All that can be swiped through. */
  photos: readonly ReportPhoto[];
  photoUrl: PhotoUrl;
  onPhoto: (photo: ReportPhoto) => void;
  onAsk?: () => void;
  onRead: (finding: number) => void;
}

const roles: Partial<Record<ReportPhoto['role'], string>> = {
  where: 'its place',
  what: 'close up',
  after: 'afterwards',
};
const action =
  'inline-flex min-h-12 items-center gap-2 px-1 font-bold text-white underline underline-offset-4';

/** What the picture in hand shows: which finding, on which part, its other pictures, and what one may do about it. */
export function GalleryWords({ report, photo, photos, photoUrl, onPhoto, onAsk, onRead }: GalleryWordsProps) {
  const finding = report.findings.find(
    ({ number, photos: shown }) => number === photo.finding || shown.includes(photo.number),
  );
  const together = finding ? photos.filter(({ number }) => finding.photos.includes(number)) : [];
  const part = finding?.part ?? photo.part;
  return (
    <div className="pswp-words">
      <div className="flex items-start gap-2">
        {finding && <FindingStrip small finding={finding} />}
        <p className="line-clamp-3 min-w-0 flex-1 leading-tight" role="status">
          <span className="font-bold">{finding ? finding.line : `Photo ${photo.number}`}</span>{' '}
          {finding ? sentence(finding.partName) : photo.caption}
        </p>
      </div>
      <div className="mt-2 flex items-stretch gap-2">
        {part && (
          <WhereOnCar report={report} part={part} finding={finding} className="h-16 w-28 shrink-0 bg-paper" />
        )}
        {together.length > 1 && (
          <ul aria-label="Pictures of this finding" className="flex min-w-0 flex-1 gap-2 overflow-x-auto">
            {together.map((each) => (
              <li key={each.number} className="shrink-0">
                <button
                  type="button"
                  aria-current={each === photo}
                  onClick={() => onPhoto(each)}
                  className="block border-4 border-transparent aria-[current=true]:border-tape"
                >
                  <img
                    src={photoUrl(each.sha256, 320)}
                    alt={`Number ${each.number}, ${roles[each.role] ?? 'the car'}`}
                    className="h-14 w-20 object-cover"
                  />
                </button>
              </li>
            ))}
          </ul>
        )}
      </div>
      <div className="flex flex-wrap gap-x-4">
        {onAsk && (
          <button type="button" className={action} onClick={onAsk}>
            <MessageCircleQuestion aria-hidden size={20} /> Ask about this spot
          </button>
        )}
        {finding && (
          <button type="button" className={action} onClick={() => onRead(finding.number)}>
            Read it in the report
          </button>
        )}
      </div>
    </div>
  );
}
