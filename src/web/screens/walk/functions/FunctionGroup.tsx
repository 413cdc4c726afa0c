import { CheckCheck } from 'lucide-react';
import { type FunctionState, functionStateWords } from '#core/walk';
import { Button } from '../../../components/Button';
import { timeLeftMs, timeLeftWords } from './timers';
import type { TriedGroup } from './triedGroups';

const looks: Record<FunctionState, string> = {
  works: 'bg-clear',
  faulty: 'bg-warn-fill font-bold text-warn',
  'not-fitted': 'bg-fill',
  'not-tried': 'bg-tape-pale',
};

interface FunctionGroupProps {
  group: TriedGroup;
  hand: string | undefined;
  now: number;
  onHand: (id: string) => void;
  onAllWork: (ids: string[]) => void;
}

/** A group of functions: what was said of each, and one tap for all that is left. */
export function FunctionGroup({ group, hand, now, onHand, onAllWork }: FunctionGroupProps) {
  const left = group.rows.filter(({ tried }) => tried === undefined);
  return (
    <section aria-label={group.name} className="border-b border-line">
      <div className="flex min-h-14 items-center gap-2 px-3">
        <h2 className="min-w-0 flex-1 text-lg leading-tight">{group.name}</h2>
        {left.length > 0 ? (
          <Button className="px-3!" onClick={() => onAllWork(left.map(({ id }) => id))}>
            <CheckCheck aria-hidden size={20} />
            {left.length === group.rows.length ? 'All work' : `${left.length} left work`}
          </Button>
        ) : (
          <span className="text-soft">all said</span>
        )}
      </div>
      <ul className="grid grid-cols-1 gap-x-2 px-2 pb-2 sm:grid-cols-2">
        {group.rows.map(({ id, name, tried, begunAt, facts }) => (
          <li key={id}>
            <button
              type="button"
              aria-pressed={id === hand}
              onClick={() => onHand(id)}
              className="flex min-h-12 w-full items-center gap-2 rounded-md border border-transparent px-2 text-left aria-pressed:border-accent"
            >
              <span className="min-w-0 flex-1 leading-tight">
                {name}
                {tried?.says && <span className="block text-sm text-soft">{tried.says}</span>}
              </span>
              {begunAt && facts?.takes !== undefined && !tried && (
                <span className="text-sm font-bold tabular-nums">
                  {timeLeftWords(timeLeftMs(begunAt, facts.takes, now), facts.takes)}
                </span>
              )}
              {tried && (
                <span className={`shrink-0 rounded-sm px-2 py-0.5 text-sm ${looks[tried.state]}`}>
                  {functionStateWords[tried.state]}
                </span>
              )}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
