import { Pin } from 'lucide-react';
import type { BoardPage } from '#core/api';
import type { BoardTask } from './boardWeek';

interface TaskChipProps {
  task: BoardTask;
  board: BoardPage;
  isChosen: boolean;
  onChoose: (task: string) => void;
  /** It began earlier and stays. */
  goesOn?: boolean;
}

/** A job on the board: which car, what, how long. Dragged at a desk, opened by a tap everywhere. */
export function TaskChip({ task, board, isChosen, onChoose, goesOn = false }: TaskChipProps) {
  const car = board.cars.find(({ walk }) => walk === task.walk);
  const isLate = (car?.lateDays ?? 0) > 0;
  return (
    <button
      type="button"
      draggable={!goesOn}
      onDragStart={(event) => {
        event.dataTransfer.setData('text/plain', task.id);
        event.dataTransfer.effectAllowed = 'move';
      }}
      aria-pressed={isChosen}
      onClick={() => onChoose(task.id)}
      className={`block min-h-11 w-full rounded-sm border px-2 py-1 text-left text-sm leading-tight aria-pressed:outline-3 aria-pressed:outline-accent ${
        goesOn
          ? 'border-line border-dashed bg-ground text-soft'
          : isLate
            ? 'border-warn bg-sheet'
            : 'border-ink bg-tape'
      }`}
    >
      <span className="flex items-center gap-1 font-bold">
        {car?.stockNumber}
        {task.isFixed && <Pin aria-label="put there by hand" size={13} />}
        {isLate && <span className="text-warn">late</span>}
      </span>
      <span className="block">{goesOn ? 'still there' : task.says}</span>
      {!goesOn && task.minutes > 0 && <span className="block tabular-nums">{task.minutes} min</span>}
    </button>
  );
}
