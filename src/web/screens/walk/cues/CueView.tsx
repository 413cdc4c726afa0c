import { Pause, Play, Printer } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { carTitle } from '#core/car';
import { speakDistanceBothWays } from '#core/measure';
import { cueSheet } from '#core/report';
import { Button } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import type { OpenWalk } from '../../../sync/useWalk';
import { type Pace, useAutoScroll } from './useAutoScroll';

const paces: readonly { value: Pace; label: string }[] = [
  { value: 'slow', label: 'Slow' },
  { value: 'normal', label: 'As one speaks' },
  { value: 'fast', label: 'Fast' },
];

/** Sentences in route order that roll by while one walks and films; or printed. */
export function CueView({ walk }: { walk: OpenWalk }) {
  const { state, style, page } = walk;
  const cues = useMemo(() => cueSheet(state, style, page.car), [state, style, page.car]);
  const [pace, setPace] = useState<Pace>('normal');
  const [isRolling, setRolling] = useState(false);
  const box = useRef<HTMLElement>(null);
  useAutoScroll(box, isRolling ? pace : undefined, () => setRolling(false));
  return (
    <>
      <main
        ref={box}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what rolls must be reachable by keys that roll it.
        tabIndex={0}
        className="min-h-0 flex-1 overflow-y-auto p-4 print:overflow-visible lg:px-[10%]"
      >
        <h1 className="text-3xl leading-tight">{carTitle(page.car)}</h1>
        {state.odometer && (
          <p className="mt-2 text-2xl">
            {speakDistanceBothWays(state.odometer.value, state.odometer.unit)} on the dashboard.
          </p>
        )}
        {cues.length === 0 && (
          <p className="mt-4 text-xl">
            Nothing was logged yet: walk round the car first, then read it out here.
          </p>
        )}
        {cues.map(({ heading, lines }, i) => (
          // A face may be met twice on a route: its place in the order tells it apart.
          // biome-ignore lint/suspicious/noArrayIndexKey: the order is what the list is.
          <section key={`${i} ${heading}`} className="mt-8">
            <h2 className="border-b-8 border-tape text-2xl">{heading}</h2>
            {lines.map((line) => (
              <p key={line} className="mt-4 text-2xl leading-snug sm:text-3xl">
                {line}
              </p>
            ))}
          </section>
        ))}
        <div aria-hidden className="h-[60dvh] print:hidden" />
      </main>
      <section
        aria-label="How it rolls"
        className="grid grid-cols-[1fr_auto] items-end gap-2 border-t border-ink bg-sheet p-2 pb-[max(0.5rem,env(safe-area-inset-bottom))] print:hidden sm:grid-cols-[1fr_auto_auto]"
      >
        <div className="col-span-2 sm:col-span-1">
          <Choice legend="It rolls" value={pace} options={paces} onChange={setPace} />
        </div>
        <Button look="main" className="min-h-14 text-lg" onClick={() => setRolling(!isRolling)}>
          {isRolling ? <Pause aria-hidden size={22} /> : <Play aria-hidden size={22} />}
          {isRolling ? 'Hold' : 'Roll'}
        </Button>
        <Button className="min-h-14" onClick={() => window.print()}>
          <Printer aria-hidden size={20} /> Print
        </Button>
      </section>
    </>
  );
}
