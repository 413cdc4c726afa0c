import { useState } from 'react';
import type { BoardPage } from '#core/api';
import { dayName, tasksIn } from './boardWeek';
import { TaskChip } from './TaskChip';
import type { Board } from './useBoard';

interface WeekGridProps {
  days: readonly string[];
  board: BoardPage;
  chosen: string | undefined;
  onChoose: (task: string) => void;
  move: Board['move'];
}

const halves = [
  [0, 'Morning'],
  [1, 'Afternoon'],
] as const;

/** People and bays down, days across, each day a morning and an afternoon. A job is dragged to another. */
export function WeekGrid({ days, board, chosen, onChoose, move }: WeekGridProps) {
  const [over, setOver] = useState<string>();
  return (
    <table className="hidden w-full table-fixed border-collapse lg:table">
      <thead>
        <tr>
          <th scope="col" className="w-36 border-b-2 border-ink p-2 text-left">
            Who
          </th>
          {days.map((day) => (
            <th key={day} scope="col" className="border-b-2 border-l border-ink border-l-line p-2 text-left">
              {dayName(day)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {board.crew.members.map(({ id, name }) => (
          <tr key={id} className="border-b border-line align-top">
            <th scope="row" className="p-2 text-left text-sm">
              {name}
              <a
                href={`/api/board/${encodeURIComponent(id)}/calendar.ics`}
                download
                aria-label={`Calendar of ${name}`}
                className="block min-h-6 font-normal text-accent underline underline-offset-4"
              >
                Calendar
              </a>
            </th>
            {days.map((day) => (
              <td key={day} className="border-l border-line p-0">
                {halves.map(([half, says]) => {
                  const key = `${id} ${day} ${half}`;
                  const tasks = tasksIn(board.tasks, id, day, half);
                  return (
                    // biome-ignore lint/a11y/noStaticElementInteractions: what is dragged here can be moved from its panel by keys too.
                    <div
                      key={half}
                      data-cell={key}
                      data-over={over === key || undefined}
                      title={says}
                      className="min-h-7 space-y-1 p-1 not-first:border-t not-first:border-line not-first:border-dotted data-over:bg-fill"
                      onDragOver={(event) => {
                        event.preventDefault();
                        setOver(key);
                      }}
                      onDragLeave={() => setOver(undefined)}
                      onDrop={(event) => {
                        event.preventDefault();
                        setOver(undefined);
                        const task = event.dataTransfer.getData('text/plain');
                        if (task) move.mutate({ task, to: { crew: id, day, half } });
                      }}
                    >
                      {tasks.map((task) => (
                        <TaskChip
                          key={task.id}
                          task={task}
                          board={board}
                          isChosen={task.id === chosen}
                          onChoose={onChoose}
                          goesOn={task.from?.day !== day || task.from.half !== half}
                        />
                      ))}
                    </div>
                  );
                })}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
