import type { ReportDocument } from '#core/report';
import { sentence, shortDay } from '#core/wording';
import type { PhotoUrl } from './photoUrl';
import { ReportPhotoFigure } from './ReportPhotoFigure';
import { Section } from './Section';

/** What was found and has been mended since, with pictures of before and after. */
export function PutRightSection({ report, photoUrl }: { report: ReportDocument; photoUrl: PhotoUrl }) {
  if (!report.putRight) return null;
  const shown = (numbers: readonly number[]) =>
    numbers.flatMap((number) => report.photos.find((photo) => photo.number === number) ?? []);
  return (
    <Section title="Put right since it was found">
      {report.putRight.map((mended) => (
        <article
          key={mended.number}
          id={`put-right-${mended.number}`}
          className="scroll-mt-4 border-b border-line py-3"
        >
          <h3 className="text-lg leading-tight">
            {mended.number}. {mended.line}
          </h3>
          <p>
            {sentence(mended.partName)}: <span className="font-bold">{mended.says}</span>,{' '}
            {shortDay(mended.at)}
          </p>
          <div className="mt-2 grid grid-cols-2 gap-2">
            {[...shown(mended.before), ...shown(mended.after)].map((photo) => (
              <ReportPhotoFigure key={photo.number} photo={photo} photoUrl={photoUrl} />
            ))}
          </div>
        </article>
      ))}
    </Section>
  );
}
