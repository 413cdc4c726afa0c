import { Link } from 'react-router';
import type { CarSummary } from '#core/api';
import { bodyStyleNames, carTitle, countryOf } from '#core/car';
import { Silhouette } from '../../map/Silhouette';

/** A car in the stock list, with how far its latest walk has come. */
export function StockRow({ summary: { car, walk } }: { summary: CarSummary }) {
  return (
    <li className="border-b border-line">
      <Link
        to={`/cars/${car.id}`}
        className="grid min-h-18 grid-cols-[6rem_1fr_auto] items-center gap-x-3 px-1 py-2.5 hover:bg-fill sm:grid-cols-[6rem_minmax(0,5fr)_minmax(0,3fr)_10rem]"
      >
        <Silhouette bodyStyle={car.bodyStyle} paintTone={car.paintTone} />
        <span className="min-w-0">
          <span className="block truncate font-bold">{carTitle(car)}</span>
          <span className="block truncate text-sm text-soft">
            {car.stockNumber}
            {car.plate && ` · ${car.plate}`}
          </span>
        </span>
        <span className="truncate text-sm text-soft max-sm:hidden">
          {bodyStyleNames[car.bodyStyle][countryOf(car.country).vocabulary]}, {car.colour.toLowerCase()} ·{' '}
          {countryOf(car.country).name}
        </span>
        <Stage walk={walk} />
      </Link>
    </li>
  );
}

function Stage({ walk }: Pick<CarSummary, 'walk'>) {
  if (!walk) return <span className="text-right text-sm">Not walked</span>;
  const share = walk.parts > 0 ? walk.looked / walk.parts : 0;
  const says = walk.revision
    ? `Report, revision ${walk.revision}`
    : walk.looked < walk.parts
      ? `${walk.parts - walk.looked} parts left`
      : 'Walked';
  return (
    <span className="text-right text-sm tabular-nums">
      <span className="block font-bold">{says}</span>
      <span className="block text-soft">
        {walk.findings} {walk.findings === 1 ? 'finding' : 'findings'}
      </span>
      <span aria-hidden className="mt-1 ml-auto block h-1.5 w-24 bg-fill">
        <span className="block h-full bg-clear-ink" style={{ width: `${share * 100}%` }} />
      </span>
    </span>
  );
}
