import { CheckCheck, Download, FolderInput } from 'lucide-react';
import { Button, buttonLook } from '../../../components/Button';
import { PHOTO_ACCEPT } from '../../../pictures/photoFiles';
import type { OpenWalk } from '../../../sync/useWalk';
import type { filmOf } from './pictureList';
import { acceptFacts } from './placing';

interface PicturesBarProps {
  walk: OpenWalk;
  film: ReturnType<typeof filmOf>;
  onBring: (files: File[]) => void;
  /** Shows all of them, where one is in hand. */
  onAll?: () => void;
}

/** Brings pictures in, takes all proposals at once, hands all pictures out. */
export function PicturesBar({ walk, film, onBring, onAll }: PicturesBarProps) {
  const { state, page, record } = walk;
  const proposals = film.filter(({ proposal }) => proposal);
  return (
    <div className="flex flex-wrap items-center gap-2 border-b border-line p-2">
      <label className={`${buttonLook('tape')} cursor-pointer focus-within:outline-3`}>
        <FolderInput aria-hidden size={20} /> Bring pictures
        <input
          className="sr-only"
          type="file"
          data-testid="bring"
          accept={PHOTO_ACCEPT}
          multiple
          onChange={(event) => {
            onBring([...(event.target.files ?? [])]);
            event.target.value = '';
          }}
        />
      </label>
      {proposals.length > 0 && (
        <Button look="main" onClick={() => record(...acceptFacts(state, film))}>
          <CheckCheck aria-hidden size={20} /> Accept all {proposals.length}
        </Button>
      )}
      {onAll && <Button onClick={onAll}>All {film.length}</Button>}
      <a href={`/api/walks/${page.walk}/pictures.zip`} download className={buttonLook()}>
        <Download aria-hidden size={18} />
        <span className="max-sm:sr-only">Pictures as ZIP</span>
      </a>
      <p className="ml-auto text-soft tabular-nums max-sm:hidden">
        {state.photos.length} placed · {state.brought.length} waiting
      </p>
    </div>
  );
}
