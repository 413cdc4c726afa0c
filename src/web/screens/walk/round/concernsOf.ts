import { partConcerns } from '#core/readings';
import type { WalkState } from '#core/walk';
import type { OpenWalk } from '../../../sync/useWalk';

const known = new WeakMap<WalkState, ReturnType<typeof partConcerns>>();

/** What is known of parts besides their look: worked out once for a state, for the deck and the map alike. */
export function concernsOf({ state, style, page }: Pick<OpenWalk, 'state' | 'style' | 'page'>) {
  let concerns = known.get(state);
  if (!concerns) {
    concerns = partConcerns(state, style, page.car, new Date());
    known.set(state, concerns);
  }
  return concerns;
}
