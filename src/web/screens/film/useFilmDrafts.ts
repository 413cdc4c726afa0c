import { useEffect, useMemo, useState } from 'react';
import { standingOf } from '#core/filmed';
import type { Draft } from '#core/speech';
import type { WalkFilm } from '#core/walk';
import { draftsOf } from '../../film/filmWorker';
import { useTaughtWords } from '../../heard/useTaughtWords';
import type { OpenWalk } from '../../sync/useWalk';

const none: readonly Draft[] = [];

/** What the film's talk comes to, in the order spoken, with what became of each statement; undefined while it is being read. */
export function useFilmDrafts(film: WalkFilm | undefined, { page, state }: OpenWalk) {
  const taught = useTaughtWords();
  const [drafts, setDrafts] = useState<readonly Draft[]>();
  const { talk, shiftS = 0 } = film ?? {};
  const pieces = talk?.pieces.size ?? 0;
  const { materials, metals, film: covers, begun } = state;
  const built = `${materials.size} ${metals.size} ${covers.size}`;
  // biome-ignore lint/correctness/useExhaustiveDependencies: replaying makes new maps each time; the talk is known by its id and its pieces.
  useEffect(() => {
    if (!talk || pieces < talk.of) return setDrafts(none);
    let isLeft = false;
    const { bodyStyle, extras } = begun ?? page.car;
    const { country, steering } = page.car;
    void draftsOf(
      { talk, shiftS },
      {
        style: { bodyStyle, steering, ...(extras && { extras }) },
        built: { materials, metals, film: covers },
        speech: { country, steering },
        taught,
      },
    ).then((read) => !isLeft && setDrafts(read));
    return () => {
      isLeft = true;
    };
  }, [talk?.id, pieces, shiftS, taught, built]);
  return useMemo(() => (drafts && film ? standingOf(drafts, film) : drafts && []), [drafts, film]);
}
