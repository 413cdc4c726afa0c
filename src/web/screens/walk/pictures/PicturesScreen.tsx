import { WalkFrame } from '../../../shell/WalkFrame';
import { Pictures } from './Pictures';

/** All pictures of a walk: brought in, placed, put in order. */
export const PicturesScreen = () => (
  <WalkFrame title="Pictures">{(walk) => <Pictures walk={walk} />}</WalkFrame>
);
