import type { BoardPage } from '#core/api';
import { dayName, tasksIn } from './boardWeek';
import { TaskChip } from './TaskChip';

interface DayListProps {
  days: readonly string[];
  board: BoardPage;
  chosen: string | undefined;
  onChoose: (task: string) => void;
}

/** On a phone the days of the week one under another, with who does what in them. */
export function DayList({ days, board, chosen, onChoose }: DayListProps) {
  return (
    <div className="space-y-4 lg:hidden">
      {days.map((day) => {
        const rows = board.crew.members.flatMap(({ id, name }) => {
          const tasks = [0 as const, 1 as const].flatMap((half) =>
            tasksIn(board.tasks, id, day, half).filter(({ from }) => from?.day === day && from.half === half),
          );
          return tasks.length > 0 ? [{ id, name, tasks }] : [];
        });
        return (
          <section key={day} aria-label={dayName(day)}>
            <h3 className="border-b-2 border-ink py-1 font-bold">{dayName(day)}</h3>
            {rows.length === 0 && <p className="py-2 text-sm text-soft">Nothing planned.</p>}
            {rows.map(({ id, name, tasks }) => (
              <div key={id} className="grid grid-cols-[7rem_minmax(0,1fr)] gap-2 border-b border-line py-1.5">
                <p className="text-sm">{name}</p>
                <div className="space-y-1">
                  {tasks.map((task) => (
                    <TaskChip
                      key={task.id}
                      task={task}
                      board={board}
                      isChosen={task.id === chosen}
                      onChoose={onChoose}
                    />
                  ))}
                </div>
              </div>
            ))}
          </section>
        );
      })}
    </div>
  );
}
