import { FileText, History, Signpost, Undo2 } from 'lucide-react';
import { Link } from 'react-router';
import { Bar } from '../../shell/Bar';
import { OutboxBadge } from '../../shell/OutboxBadge';
import type { OpenWalk } from '../../sync/useWalk';

interface WalkBarProps {
  walk: OpenWalk;
  onPlan: () => void;
  onLog: () => void;
  onUndo: () => void;
}

const tool =
  'flex min-h-12 min-w-12 items-center justify-center gap-2 rounded-md font-bold sm:px-2 disabled:text-soft';

export function WalkBar({ walk, onPlan, onLog, onUndo }: WalkBarProps) {
  const { car, walk: id } = walk.page;
  return (
    <Bar
      title={<span title={`${car.make} ${car.model}`}>{car.stockNumber}</span>}
      back={{ to: `/cars/${car.id}`, label: 'Back to the car' }}
    >
      <OutboxBadge />
      <button
        type="button"
        className={tool}
        onClick={onUndo}
        disabled={walk.state.undoable.length === 0}
        aria-label="Undo"
      >
        <Undo2 aria-hidden size={22} />
        <span className="max-sm:hidden">Undo</span>
      </button>
      <button type="button" className={tool} onClick={onLog} aria-label="What was logged">
        <History aria-hidden size={22} />
        <span className="max-sm:hidden">Log</span>
      </button>
      <button type="button" className={tool} onClick={onPlan} aria-label="Route, laps and conditions">
        <Signpost aria-hidden size={22} />
        <span className="max-sm:hidden">Route</span>
      </button>
      <Link to={`/walks/${id}/report`} className={tool} aria-label="Report">
        <FileText aria-hidden size={22} />
        <span className="max-sm:hidden">Report</span>
      </Link>
    </Bar>
  );
}
