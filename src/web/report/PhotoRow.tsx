import type { ReportPhoto } from '#core/report';
import type { PhotoUrl } from './photoUrl';
import { ReportPhotoFigure } from './ReportPhotoFigure';

interface PhotoRowProps {
  photos: readonly ReportPhoto[];
  photoUrl: PhotoUrl;
}

/** Pictures that belong together: one over the whole width of a phone, the next a swipe away; two beside each other where there is room. */
export function PhotoRow({ photos, photoUrl }: PhotoRowProps) {
  if (photos.length === 0) return null;
  return (
    <ul className="mt-2 flex snap-x snap-mandatory gap-2 overflow-x-auto sm:grid sm:grid-cols-2">
      {photos.map((photo) => (
        <li
          key={photo.number}
          className={`shrink-0 snap-center ${photos.length > 1 ? 'w-[92%] sm:w-auto' : 'w-full sm:w-auto'}`}
        >
          <ReportPhotoFigure photo={photo} photoUrl={photoUrl} />
        </li>
      ))}
    </ul>
  );
}
