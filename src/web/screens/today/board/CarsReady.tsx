import { Link } from 'react-router';
import type { BoardPage } from '#core/api';
import { dayName } from './boardWeek';

/** Cars on the board, those that are late first, then by the day they are ready; with what each waits for. */
export function CarsReady({ cars }: Pick<BoardPage, 'cars'>) {
  const sorted = cars.toSorted(
    (a, b) => b.lateDays - a.lateDays || (a.ready?.day ?? '9').localeCompare(b.ready?.day ?? '9'),
  );
  return (
    <section aria-labelledby="ready">
      <h2 id="ready" className="text-xl">
        When each car is ready
      </h2>
      <ul className="mt-2 grid gap-x-6 border-t border-ink sm:grid-cols-2">
        {sorted.map(
          ({
            walk,
            stockNumber,
            title,
            ready,
            promised,
            lateDays,
            waits,
            jobs,
            jobsDone,
            isForCollection,
          }) => (
            <li key={walk} className="border-b border-line py-2">
              <Link
                to={`/walks/${walk}/plan`}
                className="flex flex-wrap items-baseline justify-between gap-x-3"
              >
                <span className="min-w-0">
                  <span className="font-bold">{stockNumber}</span> <span className="text-soft">{title}</span>
                </span>
                <span className="font-bold tabular-nums">
                  {ready ? dayName(ready.day) : jobs > 0 && jobs === jobsDone ? 'all done' : 'no day yet'}
                </span>
              </Link>
              {promised && (
                <p className={lateDays > 0 ? 'text-sm font-bold text-warn' : 'text-sm'}>
                  {isForCollection ? 'Collected on' : 'Promised by'} {dayName(promised)}
                  {lateDays > 0 && `: ${lateDays} ${lateDays === 1 ? 'day' : 'days'} late`}
                </p>
              )}
              {jobsDone > 0 && (
                <p className="text-sm tabular-nums">
                  {jobsDone} of {jobs} jobs said to be done
                </p>
              )}
              {waits && (
                <p className="text-sm text-soft">
                  It {waits.startsWith('waits') ? waits : `is held up: ${waits}`}.
                </p>
              )}
            </li>
          ),
        )}
      </ul>
    </section>
  );
}
