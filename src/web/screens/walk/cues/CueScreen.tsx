import { WalkFrame } from '../../../shell/WalkFrame';
import { CueView } from './CueView';

/** What to say while filming the walk, in large type. */
export const CueScreen = () => <WalkFrame title="Cue sheet">{(walk) => <CueView walk={walk} />}</WalkFrame>;
