import { useMemo } from 'react';
import { vocabularyOf } from '#core/car';
import { kitLines, kitTable } from '#core/readings';
import { Notice } from '../../../components/Notice';
import type { OpenWalk } from '../../../sync/useWalk';
import { AddThing } from './AddThing';
import { Alterations } from './Alterations';
import { KitItem } from './KitItem';
import { SmellEntry } from './SmellEntry';

/** Things on one side, the nose and what was altered on the other. */
export function KitView({ walk }: { walk: OpenWalk }) {
  const { state, page, record } = walk;
  const table = useMemo(() => kitTable(state, page.car), [state, page.car]);
  const lines = useMemo(() => kitLines(state.kit, vocabularyOf(page.car)), [state.kit, page.car]);
  const there = table.rows.filter(({ counted }) => counted && counted.count > 0).length;
  const missing = table.rows.filter(({ counted }) => counted?.count === 0).length;
  return (
    <main className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[1fr_26rem] lg:overflow-hidden">
      <section aria-label="Things counted" className="p-3 lg:min-h-0 lg:overflow-y-auto lg:p-5">
        <p role="status" className="mb-2 font-bold tabular-nums">
          {there} there, {missing} not there, {table.left.length} to count
        </p>
        <ul>
          {table.rows.map((row) => (
            <KitItem key={row.id} row={row} walk={walk} say={record} />
          ))}
        </ul>
        <AddThing say={record} />
      </section>
      <div className="space-y-6 border-ink p-3 max-lg:border-t lg:min-h-0 lg:overflow-y-auto lg:border-l lg:bg-sheet lg:p-5">
        <SmellEntry walk={walk} />
        <Alterations walk={walk} lines={lines} />
        {lines.notes.map((note) => (
          <p key={note} className="text-soft">
            {note}
          </p>
        ))}
        {lines.cautions.map((caution) => (
          <Notice key={caution} look="warn">
            {caution}
          </Notice>
        ))}
      </div>
    </main>
  );
}
