import { useMemo, useState } from 'react';
import { vocabularyOf } from '#core/car';
import { isFunctionId } from '#core/functions';
import { functionTable } from '#core/readings';
import { cautionSays, type FunctionState } from '#core/walk';
import { Notice } from '../../components/Notice';
import type { OpenWalk } from '../../sync/useWalk';
import { AddFunction } from './AddFunction';
import { FunctionGroup } from './FunctionGroup';
import { FunctionInHand } from './FunctionInHand';
import { useNow } from './timers';

const DRIVE_CAUTION =
  'A drive only by an insured, licensed driver with trade cover, phone away. Local law and the house’s rules come first.';

/** One function in hand above, all of them by group below. */
export function FunctionsView({ walk }: { walk: OpenWalk }) {
  const { state, page, record } = walk;
  const table = useMemo(() => functionTable(state, page.car), [state, page.car]);
  const rows = table.groups.flatMap((group) => group.rows);
  const [chosen, setChosen] = useState<string>();
  const hand = rows.find(({ id }) => id === chosen) ?? table.left[0];
  const now = useNow(state.functions.timers.size > 0);
  const known = useMemo(() => new Set(rows.map(({ id }) => id)), [rows]);
  const tried = (id: string, result: FunctionState, says?: string) => {
    record({ kind: 'functions-tried', body: { functions: [id], state: result, ...(says && { says }) } });
    // On to the next in order that nobody has said anything of.
    const at = rows.findIndex((row) => row.id === id);
    const onward = [...rows.slice(at + 1), ...rows.slice(0, at)];
    setChosen(onward.find((row) => row.tried === undefined)?.id);
  };
  const count = (of: FunctionState) => rows.filter((row) => row.tried?.state === of).length;
  return (
    <main className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[26rem_1fr] lg:overflow-hidden">
      <div className="lg:min-h-0 lg:overflow-y-auto lg:border-r lg:border-ink lg:bg-sheet">
        <p role="status" className="px-3 py-2 font-bold tabular-nums">
          {count('works')} work, {count('faulty')} faulty, {table.left.length} left
        </p>
        {hand?.group === 'start' && (
          <Notice look="warn" className="mx-3 mb-2">
            {cautionSays('engine', vocabularyOf(page.car))}
          </Notice>
        )}
        {hand?.group === 'drive' && (
          <Notice look="warn" className="mx-3 mb-2">
            {DRIVE_CAUTION}
          </Notice>
        )}
        {hand ? (
          <FunctionInHand
            key={hand.id}
            row={hand}
            now={now}
            onTried={(result, says) => tried(hand.id, result, says)}
            onTimer={() => {
              if (isFunctionId(hand.id)) record({ kind: 'timer-begun', body: { function: hand.id } });
            }}
          />
        ) : (
          <p className="px-3 pb-3">Something was said of every function. Tap one to change it.</p>
        )}
        <AddFunction car={page.car} known={known} say={record} />
      </div>
      <div className="lg:min-h-0 lg:overflow-y-auto">
        {table.groups
          .filter((group) => group.rows.length > 0)
          .map((group) => (
            <FunctionGroup
              key={group.id}
              group={group}
              hand={hand?.id}
              now={now}
              onHand={setChosen}
              onAllWork={(functions) => {
                record({ kind: 'functions-tried', body: { functions, state: 'works' } });
                setChosen(undefined);
              }}
            />
          ))}
      </div>
    </main>
  );
}
