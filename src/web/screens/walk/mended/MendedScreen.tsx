import { WalkFrame } from '../../../shell/WalkFrame';
import { MendedView } from './MendedView';

/** The second walk: what was to be mended, looked at again. */
export const MendedScreen = () => (
  <WalkFrame title="Second walk">{(walk) => <MendedView walk={walk} />}</WalkFrame>
);
