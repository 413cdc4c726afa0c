import { ChevronLeft, ChevronRight, Users, Wand2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { Button, buttonLook } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { If } from '../../../people/If';
import { dayName, spansOf } from './boardWeek';
import { CarsReady } from './CarsReady';
import { DayList } from './DayList';
import { TaskPanel } from './TaskPanel';
import { useBoard } from './useBoard';
import { WeekGrid } from './WeekGrid';

/** Cars with the day they are ready; the week as a grid at a desk, a day as a list on a phone; the job in hand with what it waits for. */
export function BoardView() {
  const board = useBoard();
  const { query, plan, move } = board;
  const [span, setSpan] = useState(0);
  const [chosen, setChosen] = useState<string>();
  const { data } = query;
  if (!data)
    return <main className="p-4">{query.error && <Notice look="warn">{query.error.message}</Notice>}</main>;
  const spans = spansOf(data);
  const days = spans[span] ?? [];
  const task = data.tasks.find(({ id }) => id === chosen);
  const problem = plan.error ?? move.error;
  return (
    <main className="mx-auto max-w-7xl space-y-4 p-3 lg:p-5">
      <div className="flex flex-wrap items-center gap-2">
        <Button
          look="main"
          disabled={plan.isPending || move.isPending || data.cars.length === 0}
          onClick={() => plan.mutate()}
        >
          <Wand2 aria-hidden size={20} /> {plan.isPending ? 'Looking for the best days…' : 'Plan it anew'}
        </Button>
        <If may="manage">
          <Link to="/crew" className={buttonLook()}>
            <Users aria-hidden size={20} /> Who works when
          </Link>
        </If>
      </div>
      {problem && <Notice look="warn">{problem.message}</Notice>}
      {!data.isCrewSet && (
        <Notice>Who works when are house figures to begin with: nobody has looked through them yet.</Notice>
      )}
      {data.cars.length === 0 ? (
        <p className="py-6">
          No car is on the board. Open a car’s <em>Putting it right</em>, choose how far to go, and put it on.
        </p>
      ) : (
        <>
          {plan.data && (
            <p role="status" className="text-sm text-soft">
              The best of {plan.data.tries.toLocaleString('en-GB')} plans.{' '}
              {plan.data.atMostBetter === 0
                ? 'No plan can be better.'
                : `How good it can be at best is known only roughly: no plan is better by more than ${plan.data.atMostBetter} %.`}
            </p>
          )}
          <CarsReady cars={data.cars} />
          {move.data && (
            <div role="status">
              <Notice>
                <ul>
                  {move.data.effects.map((each) => (
                    <li key={each}>{each}</li>
                  ))}
                </ul>
              </Notice>
            </div>
          )}
          {task && (
            <TaskPanel
              key={task.id}
              task={task}
              board={data}
              move={move}
              onClose={() => setChosen(undefined)}
            />
          )}
          <div className="flex items-center gap-2">
            <Button aria-label="Earlier days" disabled={span === 0} onClick={() => setSpan(span - 1)}>
              <ChevronLeft aria-hidden size={20} />
            </Button>
            <h2 className="min-w-0 flex-1 text-center text-lg font-bold">
              {days.length > 0
                ? `${dayName(days[0] ?? '')} to ${dayName(days.at(-1) ?? '')}`
                : 'Nobody works in these weeks'}
            </h2>
            <Button
              aria-label="Later days"
              disabled={span >= spans.length - 1}
              onClick={() => setSpan(span + 1)}
            >
              <ChevronRight aria-hidden size={20} />
            </Button>
          </div>
          <WeekGrid days={days} board={data} chosen={chosen} onChoose={setChosen} move={move} />
          <DayList days={days} board={data} chosen={chosen} onChoose={setChosen} />
        </>
      )}
    </main>
  );
}
