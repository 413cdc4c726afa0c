import { type PhotoCovers, photoCovers } from '#core/report';
import { type Entry, replay } from '#core/walk';
import type { Stores } from '../store/stores';

/** What a walk hides of its pictures by now. Asked for with every picture a link shows, so it is worked out once for a log. */
export function makeCovers({ walks }: Pick<Stores, 'walks'>): (walk: string) => PhotoCovers {
  const known = new WeakMap<readonly Entry[], PhotoCovers>();
  return (walk) => {
    const entries = walks.entriesOf(walk);
    const before = known.get(entries);
    if (before) return before;
    const covers = photoCovers(replay(walk, entries));
    known.set(entries, covers);
    return covers;
  };
}
