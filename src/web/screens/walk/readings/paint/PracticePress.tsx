import { useEffect, useRef, useState } from 'react';
import type { ProbeAt } from '../../../../../devices';
import { Button } from '../../../../components/Button';
import { SelectField } from '../../../../components/fields';
import type { Gauge } from '../../../../gauge/useGauge';

const PACES = [0, 1, 2, 5, 20] as const;

interface PracticePressProps {
  gauge: Gauge;
  /** Where the probe is held at this moment. */
  probe: () => ProbeAt;
}

/** The practice gauge's probe: pressed by hand, or by itself at a pace. It follows the panel in hand. */
export function PracticePress({ gauge, probe }: PracticePressProps) {
  const [pace, setPace] = useState(0);
  const latest = useRef({ gauge, probe });
  latest.current = { gauge, probe };
  useEffect(() => {
    if (pace === 0) return;
    const started = performance.now();
    let sent = 0;
    // Timers come late on a busy phone; what was missed is made up, as a gauge would go on beeping.
    const timer = setInterval(() => {
      const due = Math.floor(((performance.now() - started) * pace) / 1000);
      for (; sent < due; sent++) latest.current.gauge.press(latest.current.probe());
    }, 1000 / pace);
    return () => clearInterval(timer);
  }, [pace]);
  return (
    <div className="grid grid-cols-[1fr_9rem] items-end gap-2">
      <Button look="main" className="min-h-16 text-xl" onClick={() => gauge.press(probe())}>
        Press the probe
      </Button>
      <SelectField
        id="pace"
        label="By itself"
        value={pace}
        onChange={(event) => setPace(Number(event.target.value))}
      >
        {PACES.map((each) => (
          <option key={each} value={each}>
            {each === 0 ? 'no' : `${each} a second`}
          </option>
        ))}
      </SelectField>
    </div>
  );
}
