import { WalkFrame } from '../../../shell/WalkFrame';
import { PlanView } from './PlanView';

/** What is put right of a car: what it takes to a standard, what that costs, what stays. */
export const PlanScreen = () => (
  <WalkFrame title="Putting it right">{(walk) => <PlanView walk={walk} />}</WalkFrame>
);
