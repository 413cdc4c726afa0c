import { useMemo, useState } from 'react';
import { captionsOf } from '#core/walk';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { useFilmFile } from '../../../film/useFilmFile';
import type { OpenWalk } from '../../../sync/useWalk';
import { BringFilm } from './BringFilm';
import { FilmDesk } from './FilmDesk';

/** The film brought last: its words are asked for first, then what they say is checked. */
export function FilmOfWalk({ walk }: { walk: OpenWalk }) {
  /** What is being brought in place of what there is. */
  const [bringing, setBringing] = useState<'film' | 'words'>();
  const [version, setVersion] = useState(0);
  const last = [...walk.state.walkFilms.values()].at(-1);
  const film = bringing === 'film' ? undefined : last;
  const load = useFilmFile(film, version);
  const [notes, setNotes] = useState<readonly string[]>([]);
  const brought = {
    onFilm: () => {
      setBringing(undefined);
      setVersion((before) => before + 1);
    },
    onNew: () => setBringing(undefined),
    onNotes: (more: readonly string[]) => setNotes((before) => [...new Set([...before, ...more])]),
  };
  const captions = useMemo(() => film && captionsOf(film), [film]);
  if (film && captions && !bringing)
    return (
      <FilmDesk
        key={film.id}
        walk={walk}
        film={film}
        captions={captions}
        load={load}
        brought={brought}
        notes={notes}
        onAnother={(what) => {
          setNotes([]);
          setBringing(what);
        }}
      />
    );
  const file = load.is === 'open' ? load.file : undefined;
  return (
    <main className="min-h-0 flex-1 overflow-y-auto">
      {load.is === 'broken' && <Notice look="warn">{load.why}</Notice>}
      {film && <p className="mx-auto max-w-xl px-4 pt-4 font-bold">{film.name}</p>}
      {notes.map((note) => (
        <Notice key={note}>{note}</Notice>
      ))}
      {bringing && (
        <div className="mx-auto max-w-xl px-4 pt-4">
          <Button onClick={() => setBringing(undefined)}>Back to the film</Button>
        </div>
      )}
      <BringFilm walk={walk} film={film} file={file} brought={brought} />
    </main>
  );
}
