import { X } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { AttachedPhoto } from '#core/walk';
import { usePhotoUrl } from '../components/usePhotoUrl';

const roleWords = {
  what: 'close-up',
  where: 'where it is',
  'whole-car': 'whole car',
  after: 'put right',
} as const;

/** An attached photo, with the way to take it off again. */
export function PhotoThumb({
  photo,
  walk,
  onRemove,
}: {
  photo: AttachedPhoto;
  walk: string;
  onRemove: () => void;
}) {
  const url = usePhotoUrl(photo.sha256, 320);
  const [failed, setFailed] = useState<string>();
  return (
    <figure className="relative w-28 shrink-0">
      {url && failed === url ? (
        <div className="grid aspect-4/3 place-items-center rounded-md border border-dashed border-soft p-1 text-center text-sm">
          No picture yet
        </div>
      ) : (
        <Link to={`/walks/${walk}/pictures/${photo.sha256}`} title="Mark, hide, measure">
          <img
            src={url}
            alt={roleWords[photo.role]}
            onError={() => setFailed(url)}
            className="aspect-4/3 w-full rounded-md border border-line object-cover"
          />
        </Link>
      )}
      <figcaption className="text-sm text-soft">{roleWords[photo.role]}</figcaption>
      <button
        type="button"
        aria-label="Take this photo off"
        onClick={onRemove}
        className="absolute top-0 right-0 grid size-12 place-items-start justify-end p-1"
      >
        <span className="rounded-md bg-night p-1 text-white">
          <X aria-hidden size={16} />
        </span>
      </button>
    </figure>
  );
}
