import { useEffect, useMemo, useState } from 'react';
import { standingOf } from '#core/filmed';
import type { WalkFilm } from '#core/walk';
import { type FilmRead, readFilmTalk } from '../../../film/filmWorker';
import { useTaughtWords } from '../../../heard/useTaughtWords';
import type { OpenWalk } from '../../../sync/useWalk';

const nothing: FilmRead = { drafts: [], passedOver: [] };

/** What the film's talk comes to, in the order spoken, with what became of each statement; undefined while it is being read. */
export function useFilmDrafts(film: WalkFilm | undefined, { page, state }: OpenWalk) {
  const taught = useTaughtWords();
  const [read, setRead] = useState<FilmRead>();
  const { talk, shiftS = 0 } = film ?? {};
  const pieces = talk?.pieces.size ?? 0;
  const { materials, metals, film: covers, begun } = state;
  const built = `${materials.size} ${metals.size} ${covers.size}`;
  // biome-ignore lint/correctness/useExhaustiveDependencies: replaying makes new maps each time; the talk is known by its id and its pieces.
  useEffect(() => {
    if (!talk || pieces < talk.of) return setRead(nothing);
    let isLeft = false;
    const { bodyStyle, extras } = begun ?? page.car;
    const { country, steering } = page.car;
    void readFilmTalk(
      { talk, shiftS },
      {
        style: { bodyStyle, steering, ...(extras && { extras }) },
        built: { materials, metals, film: covers },
        speech: { country, steering },
        taught,
      },
    ).then((told) => !isLeft && setRead(told));
    return () => {
      isLeft = true;
    };
  }, [talk?.id, pieces, shiftS, taught, built]);
  const drafts = useMemo(() => (read && film ? standingOf(read.drafts, film) : undefined), [read, film]);
  return { drafts, passedOver: read?.passedOver ?? nothing.passedOver };
}
