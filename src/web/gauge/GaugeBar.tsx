import { Cable, Unplug } from 'lucide-react';
import { Button } from '../components/Button';
import type { Gauge } from './useGauge';

/** Whether a gauge is on, and how to bring one on. What it says last stands beneath until the next reading. */
export function GaugeBar({ gauge }: { gauge: Gauge }) {
  const { state } = gauge;
  return (
    <section aria-label="Gauge" className="border-b border-line bg-sheet px-2 py-1">
      <div className="flex flex-wrap items-center gap-2">
        {state.status === 'on' ? (
          <>
            <p className="min-w-0 flex-1 px-1 font-bold">
              {state.isPractice ? 'Practice gauge: invented values' : `${state.name} connected`}
            </p>
            <Button aria-label="Disconnect the gauge" className="px-3" onClick={gauge.disconnect}>
              <Unplug aria-hidden size={20} />
            </Button>
          </>
        ) : (
          <>
            {gauge.canConnect && (
              <Button
                className="flex-1 px-2 whitespace-nowrap"
                onClick={gauge.connect}
                disabled={state.status === 'connecting'}
              >
                <Cable aria-hidden size={20} /> Connect gauge
              </Button>
            )}
            <Button className="flex-1 px-2 whitespace-nowrap" onClick={gauge.practise}>
              Practice gauge
            </Button>
          </>
        )}
      </div>
      {state.status !== 'connecting' && state.says && (
        <p role="alert" className="px-1 py-1 font-bold text-warn">
          {state.says}
        </p>
      )}
    </section>
  );
}
