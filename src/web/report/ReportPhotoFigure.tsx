import { useState } from 'react';
import type { ReportPhoto } from '#core/report';
import { AskButton } from './AskContext';
import type { PhotoUrl } from './photoUrl';
import { useView } from './ViewContext';
import { useIsWithdrawn } from './WithdrawnContext';

/** A photo with its number and caption; opens large. Its place is kept while it loads. */
export function ReportPhotoFigure({
  photo,
  photoUrl,
  eager,
}: {
  photo: ReportPhoto;
  photoUrl: PhotoUrl;
  eager?: boolean;
}) {
  const { sha256, width = 4, height = 3, caption, number } = photo;
  const [missing, setMissing] = useState(false);
  const view = useView();
  const isWithdrawn = useIsWithdrawn(sha256);
  const large = photoUrl(sha256, 1600);
  return (
    <figure className="min-w-0">
      {missing || isWithdrawn ? (
        <div
          className="grid place-items-center border border-dashed border-soft p-2 text-center text-sm"
          style={{ aspectRatio: `${width} / ${height}` }}
        >
          {isWithdrawn ? 'Withdrawn by the yard.' : 'This picture has not been sent yet.'}
        </div>
      ) : (
        <a
          href={large}
          target="_blank"
          rel="noreferrer"
          className="block"
          onClick={(event) => {
            // Asked for in a tab of its own, it opens there.
            if (!view || event.metaKey || event.ctrlKey) return;
            event.preventDefault();
            view(photo);
          }}
        >
          <img
            src={eager ? large : photoUrl(sha256, 320)}
            srcSet={`${photoUrl(sha256, 320)} 320w, ${large} 1600w`}
            sizes="(min-width: 640px) 360px, 92vw"
            alt={caption}
            width={width}
            height={height}
            loading={eager ? 'eager' : 'lazy'}
            decoding="async"
            onError={() => setMissing(true)}
            className="h-auto w-full bg-fill"
          />
        </a>
      )}
      <figcaption className="mt-1 flex items-center text-sm text-soft">
        <span className="min-w-0 flex-1">
          <span className="font-bold text-ink">Photo {number}</span> {caption}
        </span>
        <AskButton about={{ photo: sha256 }} title={`photo ${number}`} />
      </figcaption>
    </figure>
  );
}
