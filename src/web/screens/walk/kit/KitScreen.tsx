import { WalkFrame } from '../../../shell/WalkFrame';
import { KitView } from './KitView';

/** What comes with the car: things counted, what was altered, and what the cabin smells of. */
export const KitScreen = () => (
  <WalkFrame title="What comes with it">{(walk) => <KitView walk={walk} />}</WalkFrame>
);
