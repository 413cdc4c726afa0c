import { Film } from 'lucide-react';
import type { WalkFilm } from '#core/walk';
import { buttonLook } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import type { FilmLoad } from '../../../film/useFilmFile';
import type { OpenWalk } from '../../../sync/useWalk';
import { type Brought, FILM_ACCEPT, useBringFilm } from './useBringFilm';

interface WithoutFilmProps {
  walk: OpenWalk;
  film: WalkFilm;
  load: FilmLoad;
  hasFailed: boolean;
  brought: Brought;
}

/** The words are checked without their film where it is not at hand, or cannot be shown here. */
export function WithoutFilm({ walk, film, load, hasFailed, brought }: WithoutFilmProps) {
  const { problem, bringFiles } = useBringFilm(walk, film, brought);
  if (load.is === 'looking') return <p className="p-2">Opening the film…</p>;
  const why =
    load.is === 'broken'
      ? load.why
      : hasFailed
        ? 'This device cannot show this film: it has no player for its kind. Its words can be checked all the same.'
        : film.seconds === undefined
          ? 'Only the words were brought, so there are no pictures of them.'
          : `The film “${film.name}” is not on this device, so there are no pictures of what it says. Choose it here, or go on with its words alone.`;
  return (
    <div className="space-y-2 p-1">
      <Notice>{why}</Notice>
      {problem && <Notice look="warn">{problem}</Notice>}
      <label className={`${buttonLook()} cursor-pointer focus-within:outline-3`}>
        <Film aria-hidden size={20} /> Choose the film
        <input
          className="sr-only"
          type="file"
          accept={FILM_ACCEPT}
          onChange={({ target }) => {
            void bringFiles([...(target.files ?? [])]);
            target.value = '';
          }}
        />
      </label>
    </div>
  );
}
