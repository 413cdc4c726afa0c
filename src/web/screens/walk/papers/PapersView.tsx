import { lazy, Suspense, useMemo } from 'react';

import { lineOf, papersTable, tellFor } from '#core/readings';

import { Fold } from '../../../components/Fold';
import { Notice } from '../../../components/Notice';
import { RemedyFold } from '../../../remedy/RemedyFold';
import type { OpenWalk } from '../../../sync/useWalk';
import { PapersForm } from './PapersForm';
import { ServiceEntry } from './ServiceEntry';
import { timelineOption, timelineSigns } from './timelineOption';
import { todayIs } from './today';
import { useOdometerElsewhere } from './useOdometerElsewhere';

const Chart = lazy(() => import('../../../charts/Chart'));

/** What the papers say, typed on one side, judged on the other. */
export function PapersView({ walk }: { walk: OpenWalk }) {
  const { state, page } = walk;
  const others = useOdometerElsewhere(page.car.id);
  const table = useMemo(() => papersTable(state, page.car, todayIs(), others), [state, page.car, others]);
  const tell = tellFor(page.car);
  const option = useMemo(() => timelineOption(table), [table]);
  const hasChart = table.odometer.points.length > 1;
  return (
    <main className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[26rem_1fr]">
      <div className="space-y-4 bg-sheet p-3 lg:border-r lg:border-ink">
        <ServiceEntry walk={walk} table={table} />
        <Fold title="Keys, certificate, numbers" isOpen>
          <PapersForm walk={walk} table={table} />
        </Fold>
        <RemedyFold walk={walk} about={{ of: 'papers' }} likely={['find-out', 'mechanical']} />
      </div>
      <section aria-label="What they come to" className="space-y-4 p-3 lg:p-5">
        {table.asks.length > 0 && (
          <Notice look="warn">
            <ul className="space-y-1">
              {table.asks.map(({ says }) => (
                <li key={tell(says)}>{tell(lineOf(says))}</li>
              ))}
            </ul>
          </Notice>
        )}
        {hasChart && (
          <Suspense fallback={<div className="h-72" />}>
            <Chart
              label={`Distance over time in ${table.unit === 'mi' ? 'miles' : 'km'}, ${table.odometer.points.length} dated figures, ${table.odometer.flags.length} that do not fit`}
              option={option}
              heightPx={288}
            />
            <p className="text-sm text-soft">
              {table.unit === 'mi' ? 'Miles' : 'Kilometres'} over time. {timelineSigns(table)}. From each
              service, a green field up to where the next falls due.
            </p>
          </Suspense>
        )}
        {table.says.map((line) => (
          <p key={tell(line)}>{tell(line)}</p>
        ))}
        {table.isUsualInterval && table.services.length > 0 && (
          <p className="text-soft">Held against the house’s usual interval; enter the maker’s to be sure.</p>
        )}
        {table.isEmpty && (
          <p className="text-soft">
            Nothing was said of the papers yet. Type the service record as you would read it out.
          </p>
        )}
      </section>
    </main>
  );
}
