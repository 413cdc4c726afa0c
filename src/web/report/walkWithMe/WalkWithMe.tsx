import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { ChevronLeft, ChevronRight, Pause, Play, X } from 'lucide-react';
import { type KeyboardEvent, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { type ReportDocument, type WalkStep, walkSteps } from '#core/report';
import { BackCloses } from '../../device/backCloses';
import { AskButton } from '../AskContext';
import type { PhotoUrl } from '../photoUrl';
import { ReportPhotoFigure } from '../ReportPhotoFigure';
import { WhereOnCar } from '../WhereOnCar';
import { readingMs } from './readingMs';

interface WalkWithMeProps {
  report: ReportDocument;
  photoUrl: PhotoUrl;
  onClose: () => void;
}

const button = 'grid size-12 place-items-center rounded-md border border-soft disabled:opacity-40';

/** The walk once more, as if one were there: stop by stop in its own order, where, what it looks like, what is said of it. A swipe or an arrow goes on; it also goes on by itself. */
export default function WalkWithMe({ report, photoUrl, onClose }: WalkWithMeProps) {
  const steps = useMemo(() => walkSteps(report), [report]);
  const [at, setAt] = useState(0);
  const [isPlaying, setPlaying] = useState(false);
  const row = useRef<HTMLOListElement>(null);
  const step = steps[at];
  // The map follows when the swipe is on the screen.
  const mapped = useDeferredValue(step);
  const isLast = at >= steps.length - 1;
  const go = (to: number) => {
    const panel = row.current?.children[to];
    panel?.scrollIntoView({ inline: 'start', block: 'nearest', behavior: smoothly() });
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: it goes on from where it stands.
  useEffect(() => {
    if (!isPlaying || !step) return;
    if (isLast) {
      setPlaying(false);
      return;
    }
    const timer = setTimeout(() => go(at + 1), readingMs(step.says, step.photos.length));
    return () => clearTimeout(timer);
  }, [isPlaying, at]);
  if (!step) return null;
  return (
    <Dialog
      open
      onClose={onClose}
      className="relative z-40"
      onKeyDown={({ key }: KeyboardEvent) => {
        if (key === 'ArrowRight' && !isLast) go(at + 1);
        if (key === 'ArrowLeft' && at > 0) go(at - 1);
      }}
    >
      <BackCloses close={onClose} />
      <DialogPanel className="fixed inset-0 flex flex-col bg-ground">
        <div className="flex items-center gap-3 border-b border-line px-4 py-2">
          <DialogTitle className="min-w-0 flex-1 text-xl leading-tight">{step.where}</DialogTitle>
          <span className="text-soft tabular-nums">
            {at + 1} of {steps.length}
          </span>
          <button type="button" className={button} aria-label="End the walk" onClick={onClose}>
            <X aria-hidden size={22} />
          </button>
        </div>
        {mapped?.part && mapped.face && (
          <WhereOnCar
            report={report}
            part={mapped.part}
            finding={mapped.finding}
            className="mx-auto h-32 w-full max-w-3xl px-4 py-2 sm:h-40"
          />
        )}
        <ol
          ref={row}
          className="flex min-h-0 flex-1 snap-x snap-mandatory overflow-x-auto"
          onPointerDown={() => setPlaying(false)}
          onScroll={({ currentTarget: { scrollLeft, clientWidth } }) => {
            const to = Math.round(scrollLeft / clientWidth);
            if (to !== at) setAt(to);
          }}
        >
          {steps.map((each, i) => (
            <li
              key={`${each.part} ${each.finding?.number}`}
              aria-label={`Stop ${i + 1} of ${steps.length}`}
              inert={i !== at}
              className="w-full shrink-0 snap-start snap-always overflow-y-auto px-4 pt-2"
            >
              {Math.abs(i - at) <= 2 && <Stop step={each} photoUrl={photoUrl} />}
            </li>
          ))}
        </ol>
        <div className="mx-auto grid w-full max-w-3xl grid-cols-[3rem_1fr_3rem] gap-3 px-4 py-3">
          <button
            type="button"
            className={button}
            aria-label="The stop before"
            disabled={at === 0}
            onClick={() => go(at - 1)}
          >
            <ChevronLeft aria-hidden size={22} />
          </button>
          <button
            type="button"
            className="inline-flex min-h-12 items-center justify-center gap-2 rounded-md border border-soft font-bold"
            onClick={() => setPlaying(!isPlaying)}
          >
            {isPlaying ? <Pause aria-hidden size={20} /> : <Play aria-hidden size={20} />}
            {isPlaying ? 'Stay here' : 'Go on by itself'}
          </button>
          <button
            type="button"
            className={button}
            aria-label="The next stop"
            disabled={isLast}
            onClick={() => go(at + 1)}
          >
            <ChevronRight aria-hidden size={22} />
          </button>
        </div>
      </DialogPanel>
    </Dialog>
  );
}

function Stop({ step, photoUrl }: { step: WalkStep; photoUrl: PhotoUrl }) {
  const { photos, says, finding, part, where } = step;
  return (
    <div className="mx-auto max-w-3xl pb-4">
      <p className="text-lg leading-snug">{says}</p>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        {photos.map((photo) => (
          <ReportPhotoFigure key={photo.number} photo={photo} photoUrl={photoUrl} />
        ))}
      </div>
      {photos.length === 0 && <p className="mt-2 text-soft">There is no picture of it.</p>}
      {part && (
        <AskButton
          about={finding?.id ? { finding: finding.id } : { part }}
          title={finding ? `finding ${finding.number}` : where}
        />
      )}
    </div>
  );
}

const smoothly = (): ScrollBehavior =>
  matchMedia('(prefers-reduced-motion: reduce)').matches ? 'instant' : 'smooth';
