import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { MoreHorizontal } from 'lucide-react';
import { useState } from 'react';
import type { WalkFilm } from '#core/walk';
import { buttonLook } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { dropFilm, type FilmLoad } from '../../../film/useFilmFile';
import { sizeWords } from '../../../recordings/recordingProblem';
import type { OpenWalk } from '../../../sync/useWalk';
import { CutEngine } from './CutButtons';
import { useKeeping } from './useKeeping';

interface FilmMoreProps {
  walk: OpenWalk;
  film: WalkFilm;
  load: FilmLoad;
  onAnother: (what: 'film' | 'words') => void;
  /** The film was taken off this device. */
  onDropped: () => void;
  now: () => number;
}

/** What is seldom wanted: keeping the film at the yard, and another film. */
export function FilmMore({ walk, film, load, onAnother, onDropped, now }: FilmMoreProps) {
  const file = load.is === 'open' ? load.file : undefined;
  const { keep } = useKeeping(walk, film, file);
  const [engineAt, setEngineAt] = useState<number>();
  const [says, setSays] = useState<string>();
  const item =
    'flex min-h-12 w-full items-center gap-2 px-3 text-left data-focus:bg-accent-fill disabled:text-soft';
  return (
    <>
      <Menu>
        <MenuButton className={buttonLook()} aria-label="More">
          <MoreHorizontal aria-hidden size={22} />
        </MenuButton>
        <MenuItems
          anchor="top start"
          className="z-40 w-72 rounded-md border border-ink bg-sheet py-1 shadow-md focus:outline-none"
        >
          {file && !film.kept && (
            <MenuItem>
              <button type="button" className={item} onClick={() => void keep().then(setSays)}>
                Keep the film at the yard ({sizeWords(file.size)})
              </button>
            </MenuItem>
          )}
          {load.is === 'open' && load.told.hasSound && (
            <MenuItem>
              <button type="button" className={item} onClick={() => setEngineAt(now())}>
                Cut the engine’s start out, from here on
              </button>
            </MenuItem>
          )}
          {film.kept && <p className="px-3 py-2 text-soft">The film is kept at the yard.</p>}
          {file && (
            <MenuItem>
              <button type="button" className={item} onClick={() => void dropFilm(film.id).then(onDropped)}>
                Take the film off this device
              </button>
            </MenuItem>
          )}
          <MenuItem>
            <button type="button" className={item} onClick={() => onAnother('words')}>
              Bring other words for it
            </button>
          </MenuItem>
          <MenuItem>
            <button type="button" className={item} onClick={() => onAnother('film')}>
              Bring another film
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
      {engineAt !== undefined && load.is === 'open' && (
        <CutEngine
          walk={walk}
          atS={engineAt}
          seconds={load.told.seconds}
          onClose={() => setEngineAt(undefined)}
        />
      )}
      {says && <Notice className="order-first w-full">{says}</Notice>}
    </>
  );
}
