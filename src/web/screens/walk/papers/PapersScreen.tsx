import { WalkFrame } from '../../../shell/WalkFrame';
import { PapersView } from './PapersView';

/** Service record, odometer, certificate, keys and numbers. */
export const PapersScreen = () => (
  <WalkFrame title="Papers">{(walk) => <PapersView walk={walk} />}</WalkFrame>
);
