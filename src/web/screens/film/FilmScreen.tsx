import { WalkFrame } from '../../shell/WalkFrame';
import { FilmOfWalk } from './FilmOfWalk';

/** A film of the walk, drafted from what is said in it, checked and taken into the record. */
export const FilmScreen = () => (
  <WalkFrame title="Film of the walk" name="Film">
    {(walk) => <FilmOfWalk walk={walk} />}
  </WalkFrame>
);
