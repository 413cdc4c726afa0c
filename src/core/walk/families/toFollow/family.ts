import { familyOf } from '../family';
import type { ToFollow, toFollowBodies } from './bodies';

/** What was promised for later than the report, until it came. */
export const toFollow = familyOf<typeof toFollowBodies>()({
  empty: () => ({ toFollow: new Map<string, ToFollow>() }),
  noters: {
    'to-follow-noted': ({ state }, { body: { follow, ...told } }) => {
      state.toFollow.set(follow, told);
    },
    'to-follow-settled': ({ state }, { body: { follow } }) => {
      state.toFollow.delete(follow);
    },
  },
  words: {
    'to-follow-noted': ({ says }) => `To follow: ${says}`,
    'to-follow-settled': ({ is }) => (is === 'came' ? 'What was to follow has come' : 'No longer to follow'),
  },
});
