import { useQuery } from '@tanstack/react-query';
import type { WalkWork } from '#core/api';
import { toLookAtAgain } from '#core/mending';
import { getJson } from '../../../api/client';
import { Notice } from '../../../components/Notice';
import type { OpenWalk } from '../../../sync/useWalk';
import { MendedItem } from './MendedItem';

/** Everything that was promised or worked on, one after another: gone, better or still there, with a picture of how it is now. */
export function MendedView({ walk }: { walk: OpenWalk }) {
  const { page, state, style } = walk;
  // What the workshop said stands beside; without signal one looks all the same.
  const work = useQuery({
    queryKey: ['work', page.walk],
    queryFn: () => getJson<WalkWork>(`/api/walks/${page.walk}/work`),
  });
  const said = work.data?.said ?? [];
  const items = toLookAtAgain(state, style, page.car, new Set(said.flatMap(({ mends }) => mends)));
  const done = items.filter(({ checked }) => checked).length;
  return (
    <main className="min-h-0 flex-1 overflow-y-auto">
      <div className="mx-auto max-w-3xl p-3 pb-16">
        {work.error && (
          <Notice look="warn">
            What the workshop and the trades said cannot be shown now. What you see yourself can be said all
            the same.
          </Notice>
        )}
        {items.length === 0 ? (
          <p className="py-6 text-lg">
            Nothing was promised or worked on yet: there is nothing to look at again.
          </p>
        ) : (
          <p className="py-2 text-lg" role="status">
            <span className="font-bold tabular-nums">
              {done} of {items.length}
            </span>{' '}
            looked at again
          </p>
        )}
        <ul className="border-t border-ink">
          {items.map((item) => (
            <MendedItem
              key={item.id}
              item={item}
              walk={walk}
              said={said.filter(({ mends }) => mends.includes(item.id)).map((each) => each.work)}
            />
          ))}
        </ul>
      </div>
    </main>
  );
}
