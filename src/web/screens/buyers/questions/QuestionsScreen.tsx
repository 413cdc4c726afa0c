import { WalkFrame } from '../../../shell/WalkFrame';
import { QuestionsView } from './QuestionsView';

/** What buyers asked: a list to walk along, answered on the spot. */
export const QuestionsScreen = () => (
  <WalkFrame title="Second looks">{(walk) => <QuestionsView walk={walk} />}</WalkFrame>
);
