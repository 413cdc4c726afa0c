import { useEffect } from 'react';
import { startFilmWorker } from '../../../film/filmWorker';
import { WalkFrame } from '../../../shell/WalkFrame';
import { FilmOfWalk } from './FilmOfWalk';

/** A film of the walk, drafted from what is said in it, checked and taken into the record. */
export function FilmScreen() {
  // While the walk is being opened.
  useEffect(startFilmWorker, []);
  return (
    <WalkFrame title="Film of the walk" name="Film">
      {(walk) => <FilmOfWalk walk={walk} />}
    </WalkFrame>
  );
}
