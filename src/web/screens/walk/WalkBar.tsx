import { FileText, Gauge, History, Images, Signpost, Undo2 } from 'lucide-react';
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

// Made once: the bar is drawn anew with every tap.
const icons = {
  undo: <Undo2 aria-hidden size={22} />,
  log: <History aria-hidden size={22} />,
  plan: <Signpost aria-hidden size={22} />,
  readings: <Gauge aria-hidden size={22} />,
  pictures: <Images aria-hidden size={22} />,
  report: <FileText aria-hidden size={22} />,
};

export function WalkBar({ walk, onPlan, onLog, onUndo }: WalkBarProps) {
  const { car, walk: id } = walk.page;
  return (
    <Bar
      title={<span title={`${car.make} ${car.model}`}>{car.stockNumber}</span>}
      pageTitle={`Walk-round · ${car.stockNumber}`}
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
        {icons.undo}
        <span className="max-sm:hidden">Undo</span>
      </button>
      <button type="button" className={tool} onClick={onLog} aria-label="What was logged">
        {icons.log}
        <span className="max-sm:hidden">Log</span>
      </button>
      <button
        type="button"
        className={`${tool} max-sm:hidden`}
        onClick={onPlan}
        aria-label="Route, laps and conditions"
      >
        {icons.plan}
        <span className="max-sm:hidden">Route</span>
      </button>
      <Link to={`/walks/${id}/tyres`} className={`${tool} max-lg:hidden`}>
        {icons.readings}
        Readings
      </Link>
      <Link to={`/walks/${id}/pictures`} className={tool} aria-label="Pictures">
        {icons.pictures}
        <span className="max-sm:hidden">Pictures</span>
      </Link>
      <Link to={`/walks/${id}/report`} className={tool} aria-label="Report">
        {icons.report}
        <span className="max-sm:hidden">Report</span>
      </Link>
    </Bar>
  );
}
