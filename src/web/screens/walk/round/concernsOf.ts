import { partConcerns } from '#core/readings';
import type { OpenWalk } from '../../../sync/useWalk';

/** What is known of parts besides their look, for the deck and the map alike. */
export const concernsOf = ({ state, style, page }: Pick<OpenWalk, 'state' | 'style' | 'page'>) =>
  partConcerns(state, style, page.car, new Date());
