import { Camera, X } from 'lucide-react';
import { MOST_LOOK_PHOTOS } from '#core/diary';
import { buttonLook } from '../../../components/Button';
import { LookPhoto } from '../../../diary/LookPhoto';
import { PHOTO_ACCEPT } from '../../../pictures/photoFiles';

interface MorningPhotosProps {
  photos: readonly string[];
  onFile: (file: File) => void;
  onRemove: (sha256: string) => void;
}

/** What was photographed this morning, to be seen and taken out again, and a button for more. */
export function MorningPhotos({ photos, onFile, onRemove }: MorningPhotosProps) {
  return (
    <div className="space-y-2">
      {photos.length > 0 && (
        <ul aria-label="Photos" className="flex flex-wrap gap-2">
          {photos.map((sha256, i) => (
            <li key={sha256} className="relative">
              <LookPhoto sha256={sha256} says={`Taken this morning, ${i + 1}`} />
              <button
                type="button"
                aria-label={`Take out what was taken, ${i + 1}`}
                className="absolute top-0 right-0 grid size-11 place-items-center"
                onClick={() => onRemove(sha256)}
              >
                <span className="grid size-8 place-items-center rounded-full border border-ink bg-sheet">
                  <X aria-hidden size={18} />
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
      {photos.length < MOST_LOOK_PHOTOS ? (
        <label className={`${buttonLook()} w-full cursor-pointer`}>
          <Camera aria-hidden size={20} /> {photos.length > 0 ? 'Another photo' : 'Photo'}
          <input
            type="file"
            accept={PHOTO_ACCEPT}
            capture="environment"
            className="sr-only"
            onChange={({ target }) => {
              const [file] = target.files ?? [];
              if (file) onFile(file);
              target.value = '';
            }}
          />
        </label>
      ) : (
        <p className="text-soft">{MOST_LOOK_PHOTOS} photos are the most for a morning.</p>
      )}
    </div>
  );
}
