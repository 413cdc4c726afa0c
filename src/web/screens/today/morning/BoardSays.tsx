import { dayName } from '../board/boardWeek';
import type { BoardLists } from './boardLists';
import { MorningList } from './MorningList';

/** So many of each list are told here; the board has them all. */
const SHOWN = 12;
const all = { to: '/board', label: 'All on the board' };
const listOf = <T,>(rows: readonly T[]) => ({ count: rows.length, rows: rows.slice(0, SHOWN) });

/** What the board has for the morning: promises that will be late, work that stands still or is to be looked at, and who comes when. */
export function BoardSays({ board: { willBeLate, cannot, toLookAt, waiting } }: { board: BoardLists }) {
  return (
    <>
      <MorningList
        title="Will be late for a promise"
        list={listOf(willBeLate)}
        to={({ walk }) => `/walks/${walk}/plan`}
        all={all}
        says={({ promised, lateDays, waits, isForCollection }) => (
          <span className="font-bold text-warn">
            {isForCollection ? 'Collected on' : 'Promised by'} {dayName(promised ?? '')}, ready {lateDays}{' '}
            {lateDays === 1 ? 'day' : 'days'} later
            {waits && `: it ${waits.startsWith('waits') ? waits : `is held up, ${waits}`}`}
          </span>
        )}
      />
      <MorningList
        title="Cannot be done"
        list={listOf(cannot.map(({ car, task }) => ({ ...car, task })))}
        to={({ walk }) => `/walks/${walk}/plan`}
        keyOf={({ task }) => task.id}
        all={all}
        says={({ task }) => `${task.says}: ${task.work?.why ?? ''} (${task.work?.by ?? ''})`}
      />
      <MorningList
        title="Done, to be looked at"
        list={listOf(toLookAt.map(({ car, jobs }) => ({ ...car, toSee: jobs })))}
        to={({ walk }) => `/walks/${walk}/second-walk`}
        all={all}
        says={({ toSee }) => `${toSee === 1 ? 'One job is' : `${toSee} jobs are`} said to be done`}
      />
      <MorningList
        title="Waiting for a trade"
        list={listOf(waiting.map(({ car, crew, day, says }) => ({ ...car, who: crew, day, task: says })))}
        to={({ who, day }) => `/board/sheet/${encodeURIComponent(who.id)}/${day}`}
        keyOf={({ walk, who, day, task }) => `${walk} ${who.id} ${day} ${task}`}
        all={all}
        says={({ who, day, task }) => (
          <>
            {who.name}, {dayName(day)}: <span className="text-soft">{task}</span>
          </>
        )}
      />
    </>
  );
}
