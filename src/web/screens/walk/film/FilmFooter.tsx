import { CheckCheck, Undo2 } from 'lucide-react';
import { Link } from 'react-router';
import type { WalkFilm } from '#core/walk';
import { Button, buttonLook } from '../../../components/Button';
import type { FilmLoad } from '../../../film/useFilmFile';
import type { OpenWalk } from '../../../sync/useWalk';
import { FilmMore } from './FilmMore';
import type { FilmDeskState } from './useFilmDesk';

interface FilmFooterProps {
  walk: OpenWalk;
  film: WalkFilm;
  load: FilmLoad;
  desk: FilmDeskState;
  onAnother: (what: 'film' | 'words') => void;
  onDropped: () => void;
  /** Where the film stands, seconds. */
  now: () => number;
}

/** Where the thumb is: all as said at once, what comes after, and the way back. */
export function FilmFooter({ walk, film, load, desk, onAnother, onDropped, now }: FilmFooterProps) {
  const { group, counts, progress, isTaking, canUndo } = desk;
  const isOver = counts.said + counts.look + counts.ask === 0 && counts.done > 0;
  return (
    <footer className="flex shrink-0 flex-wrap items-center gap-2 border-t border-ink p-2">
      {progress.done < progress.of && (
        <p role="status" className="w-full text-sm text-soft tabular-nums">
          Looking for its pictures: {progress.done} of {progress.of}
        </p>
      )}
      {group === 'said' && counts.said > 0 && (
        <Button look="main" className="flex-1" disabled={isTaking} onClick={desk.acceptAll}>
          <CheckCheck aria-hidden size={20} />
          {isTaking ? 'Taking them…' : `Accept all ${counts.said}`}
          <span className="max-sm:sr-only">as said</span>
        </Button>
      )}
      {isOver && (
        <Link to={`/walks/${walk.page.walk}/report`} className={`${buttonLook('main')} flex-1`}>
          What is left, and the report
        </Link>
      )}
      <FilmMore walk={walk} film={film} load={load} onAnother={onAnother} onDropped={onDropped} now={now} />
      <Button look="tape" className="ml-auto" disabled={!canUndo} onClick={desk.undo}>
        <Undo2 aria-hidden size={20} /> Undo
      </Button>
    </footer>
  );
}
