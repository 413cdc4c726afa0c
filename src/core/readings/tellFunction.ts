import { functionOf, isFunctionId } from '../functions';
import { own, type Text } from '../told';
import type { WalkState } from '../walk';
import { say } from './say';

/** The name of a function, of the catalogue or of one's own. */
export function functionTold({ added }: Pick<WalkState['functions'], 'added'>, id: string): Text {
  const { name } = added.get(id) ?? {};
  return name ? own(name) : say(isFunctionId(id) ? `function.${id}` : 'function.added');
}
/** The same, spoken of as a fault where it was found faulty and has words for that. */
export function faultTold(run: WalkState['functions'], id: string): Text {
  const isFaulty = run.tried.get(id)?.state === 'faulty';
  return isFaulty && isFunctionId(id) && functionOf(id).facts.wrong
    ? say(`functionWrong.${id}`)
    : functionTold(run, id);
}
