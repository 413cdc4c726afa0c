import { Minus, Plus } from 'lucide-react';
import { isKitItemId, type KitCondition, kitConditions, usualCount } from '#core/kit';
import type { KitRow } from '#core/readings';
import type { Fact, ItemCounted } from '#core/walk';
import { Button } from '../../../components/Button';
import { RemedyFold } from '../../../remedy/RemedyFold';
import type { OpenWalk } from '../../../sync/useWalk';

type Item = Extract<Fact, { kind: 'item-counted' }>['body']['item'];

/** A thing: not there, there, how many, in what condition. A tap each. */
export function KitItem({ row, walk, say }: { row: KitRow; walk: OpenWalk; say: (fact: Fact) => void }) {
  const { id, name, counted } = row;
  // Missing, worn or damaged: there is something to say of what becomes of it.
  const isWanting =
    counted?.count === 0 ||
    (counted?.condition !== undefined && counted.condition !== 'good') ||
    walk.state.remedies.has(`item ${id}`);
  const keep = (now: ItemCounted) => say({ kind: 'item-counted', body: { item: id as Item, ...now } });
  const usual = isKitItemId(id) ? usualCount(id) : 1;
  const withCount = (count: number): ItemCounted => ({
    ...(counted?.name && { name: counted.name }),
    ...(counted?.condition && count > 0 && { condition: counted.condition }),
    ...(counted?.says && { says: counted.says }),
    count,
  });
  const step = (by: number) => keep(withCount(Math.min(99, Math.max(0, (counted?.count ?? 0) + by))));
  return (
    <li aria-label={name} className="border-b border-line py-2">
      <div className="lg:flex lg:flex-row-reverse lg:items-center lg:gap-6">
        <div className="flex items-center gap-2 lg:order-last lg:min-w-0 lg:flex-1">
          <p className="min-w-0 flex-1 text-lg leading-tight">{name}</p>
          {counted === undefined ? (
            <>
              <Button className="px-3!" onClick={() => keep(withCount(0))}>
                Not there
              </Button>
              <Button className="min-w-20 px-3!" onClick={() => keep(withCount(usual))}>
                {usual === 1 ? 'There' : usual}
              </Button>
            </>
          ) : (
            <>
              <Button aria-label={`${name}: one less`} className="w-12 px-0!" onClick={() => step(-1)}>
                <Minus aria-hidden size={20} />
              </Button>
              <span className="w-20 text-center font-bold tabular-nums">
                {counted.count === 0 ? 'not there' : counted.count}
              </span>
              <Button aria-label={`${name}: one more`} className="w-12 px-0!" onClick={() => step(1)}>
                <Plus aria-hidden size={20} />
              </Button>
            </>
          )}
        </div>
        {counted !== undefined && counted.count > 0 && (
          <fieldset className="mt-1 grid grid-cols-4 lg:mt-0 lg:w-[26rem] overflow-hidden rounded-md border border-line">
            <legend className="sr-only">{name}: condition</legend>
            {kitConditions.map((condition: KitCondition) => (
              <button
                key={condition}
                type="button"
                aria-pressed={counted.condition === condition}
                onClick={() => {
                  const { condition: was, ...rest } = counted;
                  keep({ ...rest, ...(was !== condition && { condition }) });
                }}
                className="min-h-12 border-line not-first:border-l aria-pressed:bg-accent aria-pressed:text-on-accent"
              >
                {condition}
              </button>
            ))}
          </fieldset>
        )}
      </div>
      {isWanting && (
        <RemedyFold
          walk={walk}
          about={{ of: 'item', item: id as Item }}
          likely={['replace', 'refit', 'clean']}
        />
      )}
    </li>
  );
}
