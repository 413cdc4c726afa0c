import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import type { BoardPage, CarSummary } from '#core/api';
import { bodyStyleNames, carTitle, countryOf, vocabularyOf } from '#core/car';
import { Silhouette } from '../../../map/Silhouette';
import { dayName } from '../../today/board/boardWeek';
import { RowBadges } from './RowBadges';

// What money is told with belongs to planning: the list opens without it.
const RowMoney = lazy(() => import('./RowMoney').then((file) => ({ default: file.RowMoney })));

/** A car in the stock list: its picture, how far its latest walk has come, what waits there, when it is ready and what that costs. */
export function StockRow({
  summary: { car, walk },
  isWaiting = false,
  onBoard,
}: {
  summary: CarSummary;
  /** Added on this device, and not with the server yet. */
  isWaiting?: boolean;
  /** Of a car that is worked on: when it is ready, and what it costs; for who may see that. */
  onBoard?: BoardPage['cars'][number] | undefined;
}) {
  return (
    // Rows out of sight are laid out when they come near: three hundred of them are as quick as ten.
    <li className="border-b border-line [contain-intrinsic-size:auto_5rem] [content-visibility:auto]">
      <Link
        to={`/cars/${car.id}`}
        className="grid min-h-18 grid-cols-[6rem_minmax(0,1fr)] items-center gap-x-3 px-1 py-2.5 hover:bg-fill sm:grid-cols-[6rem_minmax(0,5fr)_minmax(0,3fr)_10rem]"
      >
        {walk?.cover ? (
          <img
            src={`/api/photos/${walk.cover}/320`}
            alt=""
            loading="lazy"
            className="h-16 w-24 bg-fill object-cover"
          />
        ) : (
          <Silhouette bodyStyle={car.bodyStyle} paintTone={car.paintTone} tint={car.tint} />
        )}
        <span className="min-w-0">
          <span className="block truncate font-bold">{carTitle(car)}</span>
          <span className="block truncate text-sm text-soft">
            {car.stockNumber}
            {car.plate && ` · ${car.plate}`}
            {!isWaiting && ` · ${stoodWords(car.createdAt, new Date())}`}
          </span>
          {walk && <RowBadges walk={walk} />}
        </span>
        <span className="min-w-0 text-sm max-sm:col-start-2">
          <span className="block truncate text-soft max-sm:hidden">
            {bodyStyleNames[car.bodyStyle][countryOf(car.country).vocabulary]}, {car.colour.toLowerCase()} ·{' '}
            {countryOf(car.country).name}
          </span>
          {onBoard && (
            <span className={`block truncate ${onBoard.lateDays > 0 ? 'font-bold text-warn' : ''}`}>
              {readyWords(onBoard)}
            </span>
          )}
          {onBoard && onBoard.cost.high > 0 && (
            <Suspense fallback={null}>
              <RowMoney cost={onBoard.cost} vocabulary={vocabularyOf(car)} />
            </Suspense>
          )}
        </span>
        <Stage walk={walk} isWaiting={isWaiting} />
      </Link>
    </li>
  );
}

function readyWords({ ready, lateDays, jobs, jobsDone }: BoardPage['cars'][number]): string {
  if (jobs > 0 && jobs === jobsDone) return 'All jobs done';
  const late = lateDays > 0 ? `, ${lateDays} ${lateDays === 1 ? 'day' : 'days'} late` : '';
  return `${ready ? `Ready ${dayName(ready.day)}` : 'On the board, no day yet'}${late}`;
}

/** "here since today", "23 days here" */
function stoodWords(createdAt: string, now: Date): string {
  const days = Math.floor((now.getTime() - Date.parse(createdAt)) / 86_400_000);
  return days < 1 ? 'came today' : `${days} ${days === 1 ? 'day' : 'days'} here`;
}

function Stage({ walk, isWaiting }: Pick<CarSummary, 'walk'> & { isWaiting: boolean }) {
  if (!walk)
    return (
      <span className="text-sm max-sm:col-start-2 max-sm:text-soft sm:text-right">
        {isWaiting ? 'Kept here, sent when there is signal' : 'Not walked'}
      </span>
    );
  const share = walk.parts > 0 ? walk.visited / walk.parts : 0;
  const says = walk.revision
    ? `Report, revision ${walk.revision}`
    : walk.visited < walk.parts
      ? `${walk.parts - walk.visited} ${walk.parts - walk.visited === 1 ? 'part' : 'parts'} left`
      : 'Walked';
  return (
    <span className="min-w-0 text-sm tabular-nums max-sm:col-start-2 max-sm:flex max-sm:flex-wrap sm:whitespace-nowrap max-sm:items-center max-sm:gap-2 sm:text-right">
      <span className="font-bold sm:block">{says}</span>
      <span className="text-soft sm:block">
        {walk.findings} {walk.findings === 1 ? 'finding' : 'findings'}
      </span>
      <span
        aria-hidden
        className={`ml-auto h-1.5 w-12 bg-fill sm:mt-1 sm:block sm:w-24 ${walk.revision ? 'max-sm:hidden' : 'block'}`}
      >
        <span className="block h-full bg-clear-ink" style={{ width: `${share * 100}%` }} />
      </span>
    </span>
  );
}
