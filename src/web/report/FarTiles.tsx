import type { ReportDocument, ReportFinding } from '#core/report';
import { noticeWords } from '#core/walk';
import { sentence } from '#core/wording';
import { Strip } from '../map/Strip';
import type { PhotoUrl } from './photoUrl';

const far = ['across-the-bay', 'one-step-back'] as const;

/** What one notices without looking for it, as pictures: each leads to all that is told of it. Nothing where there is none. */
export function FarTiles({ report, photoUrl }: { report: ReportDocument; photoUrl: PhotoUrl }) {
  return far.map((distance) => {
    const here = report.findings.filter(({ notice }) => notice === distance);
    if (here.length === 0) return null;
    return (
      <section
        key={distance}
        data-on-screen
        className="mt-6 px-4"
        aria-label={`Noticed: ${noticeWords[distance].name}`}
      >
        <h2 className="text-xl">{noticeWords[distance].name}</h2>
        <p className="mb-2 text-sm text-soft">
          {here.length > 1 && `${here.length} findings. `}
          {sentence(noticeWords[distance].hint)}
        </p>
        <ul className="-mx-4 flex snap-x snap-mandatory gap-3 overflow-x-auto scroll-px-4 px-4 sm:mx-0 sm:grid sm:grid-cols-2 sm:gap-y-4 sm:px-0">
          {here.map((finding) => (
            <li
              key={finding.number}
              className={`shrink-0 snap-start sm:w-auto ${here.length > 1 ? 'w-[84%]' : 'w-full'}`}
            >
              <Tile finding={finding} report={report} photoUrl={photoUrl} />
            </li>
          ))}
        </ul>
      </section>
    );
  });
}

interface TileProps {
  finding: ReportFinding;
  report: ReportDocument;
  photoUrl: PhotoUrl;
}

function Tile({ finding, report, photoUrl }: TileProps) {
  const { number, line, partName, notice, suspected, photos, promised } = finding;
  const photo = report.photos.find((each) => each.number === photos[0]);
  return (
    <a href={`#finding-${number}`} className="block hover:bg-fill">
      {photo ? (
        <img
          src={photoUrl(photo.sha256, 320)}
          srcSet={`${photoUrl(photo.sha256, 320)} 320w, ${photoUrl(photo.sha256, 1600)} 1600w`}
          sizes="(min-width: 640px) 256px, 84vw"
          alt={photo.caption}
          loading="lazy"
          width={320}
          height={240}
          className="aspect-4/3 w-full bg-fill object-cover"
        />
      ) : (
        <span className="grid aspect-4/3 w-full place-items-center bg-fill text-sm text-soft">
          no picture
        </span>
      )}
      <span className="mt-1 flex items-start gap-2">
        <Strip
          small
          number={number}
          standing={suspected ? 'suspected' : 'confirmed'}
          {...(notice && { notice })}
        />
        <span className="min-w-0 flex-1 text-sm leading-snug">
          <span className="font-bold">{sentence(partName)}</span>: {line}
          {promised && <span className="block text-soft">Promised to be put right</span>}
        </span>
      </span>
    </a>
  );
}
