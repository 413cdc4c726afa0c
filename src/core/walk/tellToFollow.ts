import { own, type Text } from '../told';
import type { ToFollow } from './families/toFollow/bodies';
import { say } from './words';

/** "a film by 9 December 2026: the underside on the lift". */
export const toFollowTold = ({ what, says, by }: ToFollow): Text =>
  by
    ? say('toFollow.by', { what, says: own(says), by: { day: by } })
    : say('toFollow', { what, says: own(says) });
