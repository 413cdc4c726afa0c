import { WalkFrame } from '../../../shell/WalkFrame';
import { FunctionsView } from './FunctionsView';

/** Does it work: everything that can be tried on the car, one tap each. */
export const FunctionsScreen = () => (
  <WalkFrame title="Does it work">{(walk) => <FunctionsView walk={walk} />}</WalkFrame>
);
