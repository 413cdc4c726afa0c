import { X } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { BoardPage } from '#core/api';
import { Button } from '../../../components/Button';
import { SelectField, TextField } from '../../../components/fields';
import { type BoardTask, dayName } from './boardWeek';
import type { Board } from './useBoard';

interface TaskPanelProps {
  task: BoardTask;
  board: BoardPage;
  move: Board['move'];
  onClose: () => void;
}

/** The job in hand: where it stands, what it waits for, and to put it elsewhere without dragging. */
export function TaskPanel({ task, board, move, onClose }: TaskPanelProps) {
  const car = board.cars.find(({ walk }) => walk === task.walk);
  const able = board.crew.members.filter(({ trades }) => (trades as readonly string[]).includes(task.trade));
  const [crew, setCrew] = useState(task.crew ?? able[0]?.id ?? '');
  const [day, setDay] = useState(task.from?.day ?? board.days[0] ?? '');
  const [half, setHalf] = useState<'0' | '1'>(task.from?.half === 1 ? '1' : '0');
  return (
    <section aria-label="The job in hand" className="space-y-3 border-2 border-ink bg-sheet p-3">
      <div className="flex items-start justify-between gap-2">
        <div className="min-w-0">
          <p className="font-bold">
            {car?.stockNumber}: {task.says}
          </p>
          <p className="text-sm">
            {task.from
              ? `${dayName(task.from.day)}, ${task.from.half === 0 ? 'morning' : 'afternoon'}`
              : 'No place yet'}
            {task.minutes > 0 && `, ${task.minutes} min`}
            {task.waits && `. ${task.waits[0]?.toUpperCase()}${task.waits.slice(1)}.`}
          </p>
          {task.crew && task.from && (
            <Link
              to={`/board/sheet/${encodeURIComponent(task.crew)}/${task.from.day}`}
              className="mr-4 inline-flex min-h-11 items-center text-sm font-bold text-accent underline underline-offset-4"
            >
              Job sheet of that day
            </Link>
          )}
          {car && task.id.endsWith('second-walk') && (
            <Link
              to={`/walks/${car.walk}/second-walk`}
              className="mr-4 inline-flex min-h-11 items-center text-sm font-bold text-accent underline underline-offset-4"
            >
              Look at what was mended
            </Link>
          )}
          {car && (
            <Link
              to={`/walks/${car.walk}/plan`}
              className="inline-flex min-h-11 items-center text-sm font-bold text-accent underline underline-offset-4"
            >
              {car.title}
            </Link>
          )}
        </div>
        <button
          type="button"
          aria-label="Close"
          className="grid size-12 shrink-0 place-items-center"
          onClick={onClose}
        >
          <X aria-hidden size={20} />
        </button>
      </div>
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          move.mutate({ task: task.id, to: { crew, day, half: half === '1' ? 1 : 0 } });
        }}
      >
        {able.length > 1 && (
          <SelectField id="to-crew" label="Who" value={crew} onChange={({ target }) => setCrew(target.value)}>
            {able.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </SelectField>
        )}
        <TextField
          id="to-day"
          label="Day"
          type="date"
          min={board.days[0]}
          max={board.days.at(-1)}
          value={day}
          onChange={({ target }) => setDay(target.value)}
        />
        <SelectField
          id="to-half"
          label="When"
          value={half}
          onChange={({ target }) => setHalf(target.value === '1' ? '1' : '0')}
        >
          <option value="0">Morning</option>
          <option value="1">Afternoon</option>
        </SelectField>
        <Button type="submit" look="tape" disabled={move.isPending || able.length === 0}>
          Put it there
        </Button>
        {task.isFixed && (
          <Button disabled={move.isPending} onClick={() => move.mutate({ task: task.id, to: null })}>
            Let Zelk choose
          </Button>
        )}
      </form>
      {able.length === 0 && (
        <p className="text-sm text-warn">
          Nobody of the yard does this work. Set who does under “Who works when”.
        </p>
      )}
    </section>
  );
}
