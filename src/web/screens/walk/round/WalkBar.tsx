import { FileText, Gauge, History, Images, Signpost, Undo2 } from 'lucide-react';
import { memo } from 'react';
import { Link } from 'react-router';
import { Bar } from '../../../shell/Bar';
import { OutboxBadge } from '../../../shell/OutboxBadge';
import type { OpenWalk } from '../../../sync/useWalk';

interface WalkBarProps {
  /** Only what the bar shows of it: it is not drawn anew with every tap. */
  walk: string;
  car: OpenWalk['page']['car'];
  canUndo: boolean;
  onPlan: () => void;
  onLog: () => void;
  onUndo: () => void;
}

const tool =
  'flex min-h-12 min-w-12 items-center max-[359px]:min-w-11 justify-center gap-x-2 rounded-md font-bold max-sm:flex-col max-sm:text-xs max-sm:leading-none max-sm:gap-y-1 sm:px-2 disabled:text-soft';

// Made once: the bar is drawn anew with every tap.
const icons = {
  undo: <Undo2 aria-hidden size={22} />,
  log: <History aria-hidden size={22} />,
  plan: <Signpost aria-hidden size={22} />,
  readings: <Gauge aria-hidden size={22} />,
  pictures: <Images aria-hidden size={22} />,
  report: <FileText aria-hidden size={22} />,
};

export const WalkBar = memo(function WalkBar({
  walk: id,
  car,
  canUndo,
  onPlan,
  onLog,
  onUndo,
}: WalkBarProps) {
  return (
    <Bar
      title={<span title={`${car.make} ${car.model}`}>{car.stockNumber}</span>}
      pageTitle={`Walk-round · ${car.stockNumber}`}
      scrolls
      back={{ to: `/cars/${car.id}`, label: 'Back to the car' }}
    >
      <OutboxBadge />
      <button type="button" className={tool} onClick={onUndo} disabled={!canUndo}>
        {icons.undo}
        Undo
      </button>
      <button type="button" className={tool} onClick={onLog} aria-label="Log: what was logged">
        {icons.log}
        Log
      </button>
      <button
        type="button"
        className={`${tool} max-sm:hidden`}
        onClick={onPlan}
        aria-label="Where to: route, laps and conditions"
      >
        {icons.plan}
        Where to
      </button>
      <Link to={`/walks/${id}/tyres`} className={`${tool} max-lg:hidden`}>
        {icons.readings}
        Readings
      </Link>
      <Link to={`/walks/${id}/pictures`} className={tool}>
        {icons.pictures}
        Pictures
      </Link>
      <Link to={`/walks/${id}/report`} className={tool}>
        {icons.report}
        Report
      </Link>
    </Bar>
  );
});
