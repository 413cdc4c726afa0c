import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useMemo } from 'react';
import type { PartId } from '#core/car';
import { speakPaint } from '#core/measure';
import { CHANGED, type PaintHistory, type PaintTable, paintChanges } from '#core/readings';
import { getJson } from '../../../../api/client';
import { localDay } from '../../../../words/times';
import { changesOption } from './changesOption';
import { ROW_PX } from './rankingOption';

const Chart = lazy(() => import('../../../../charts/Chart'));

interface PaintEarlierProps {
  car: string;
  unit: PaintTable['unit'];
  nameOf: (part: PartId) => string;
}

/** How the paint of a car has changed over its walks. */
export function PaintEarlier({ car, unit, nameOf }: PaintEarlierProps) {
  const history = useQuery({
    queryKey: ['paint', car],
    queryFn: () => getJson<PaintHistory>(`/api/cars/${car}/paint`),
  });
  const changes = useMemo(() => (history.data ? paintChanges(history.data) : []), [history.data]);
  const option = useMemo(() => changesOption(changes, unit, nameOf), [changes, unit, nameOf]);
  if (history.error) return <p role="alert">{history.error.message}</p>;
  if (!history.data) return <p>Looking…</p>;
  if (history.data.walks.length < 2)
    return (
      <p className="text-soft">
        Only one walk of this car has paint readings, so there is nothing to compare yet.
      </p>
    );
  const moved = changes.filter(({ change }) => Math.abs(change) > CHANGED);
  return (
    <div className="space-y-3">
      {moved.length === 0 ? (
        <p>No panel has changed by more than {CHANGED * 100} % between walks.</p>
      ) : (
        <ul className="space-y-1">
          {moved.map(({ part, walks, change }) => (
            <li key={part}>
              <span className="font-bold">{nameOf(part)}</span>:{' '}
              {walks.map(({ begunAt, um }) => `${speakPaint(um, unit)} on ${localDay(begunAt)}`).join(', ')}.{' '}
              {change > 0
                ? 'Thicker: painted in between, or read at another place.'
                : 'Thinner: polished in between, or read at another place.'}
            </li>
          ))}
        </ul>
      )}
      <Suspense fallback={null}>
        <Chart
          label={`Medians of ${changes.length} panels in ${history.data.walks.length} walks`}
          option={option}
          heightPx={changes.length * ROW_PX + 44}
        />
      </Suspense>
      <p className="text-sm text-soft">
        Medians in {unit === 'um' ? 'µm' : 'mil'}. Open rings are the earlier walks, the yellow bar the
        latest.
      </p>
    </div>
  );
}
