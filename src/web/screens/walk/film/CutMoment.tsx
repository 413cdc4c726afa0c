import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { type PointerEvent, useEffect, useId, useRef, useState } from 'react';
import { Button } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import { TextField } from '../../../components/fields';
import { Notice } from '../../../components/Notice';
import { BackCloses } from '../../../device/backCloses';
import type { Cut } from '../../../film/cutFilm';
import type { FrameSource } from '../../../film/frameSource';
import { Player } from '../../../recordings/Player';
import { clockOf } from './groups';
import { type CutMade, useCutting } from './useCutting';

export interface CutWanted {
  /** What it is of, in words. */
  title: string;
  atS: number;
  filmS: number;
  of: Cut['of'];
  /** Where its pictures come from; a sound needs none. */
  frames?: FrameSource;
  hasSound: boolean;
  /** What is done with it when somebody has seen or heard it. */
  keep: (made: CutMade) => void;
  keepLabel: string;
}

const lengths = ['5', '8', '15', '25'] as const;

/** Cuts some seconds of the film for readers: what is not for them is covered by a finger first, and it is played before it is kept. */
export function CutMoment({
  title,
  atS,
  filmS,
  of: first,
  frames,
  hasSound,
  keep,
  keepLabel,
  onClose,
}: CutWanted & { onClose: () => void }) {
  const id = useId();
  const [of, setOf] = useState(first);
  const [length, setLength] = useState<(typeof lengths)[number]>('8');
  const [from, setFrom] = useState(String(Math.max(0, Math.round((atS - 2) * 10) / 10)));
  const [boxes, setBoxes] = useState<Cut['boxes']>([]);
  const { made, problem, isCutting, cut, drop } = useCutting();
  const fromS = Math.min(Math.max(0, filmS - 1), Math.max(0, Number(from.replace(',', '.')) || 0));
  const toS = Math.min(filmS, fromS + Number(length));
  const change =
    <T,>(set: (value: T) => void) =>
    (value: T) => {
      set(value);
      drop();
    };
  return (
    <Dialog open onClose={onClose} className="relative z-40">
      <BackCloses close={onClose} />
      <div className="fixed inset-0 grid place-items-center overflow-y-auto bg-night/60 p-2">
        <DialogPanel className="w-full max-w-xl space-y-3 rounded-md border border-ink bg-sheet p-4">
          <DialogTitle className="text-xl font-bold">{title}</DialogTitle>
          {hasSound && (
            <Choice
              legend="What of it"
              value={of}
              options={[
                { value: 'video', label: 'Picture, without sound' },
                { value: 'sound', label: 'Sound alone' },
              ]}
              onChange={change(setOf)}
            />
          )}
          <div className="grid grid-cols-2 gap-2">
            <TextField
              id={`${id}-from`}
              label="From, seconds into the film"
              hint={clockOf(fromS)}
              inputMode="decimal"
              value={from}
              onChange={({ target }) => change(setFrom)(target.value)}
            />
            <Choice
              legend="How long, seconds"
              value={length}
              options={lengths.map((value) => ({ value, label: value }))}
              onChange={change(setLength)}
            />
          </div>
          {of === 'video' && !made && frames && (
            <CoverBoxes frames={frames} atS={fromS} boxes={boxes} onBoxes={setBoxes} />
          )}
          {made && (
            <>
              <Player of={made.of} url={made.url} label={title} />
              <p className="text-sm text-soft">
                {made.of === 'sound'
                  ? 'Play it: voices and names that are heard in it go along.'
                  : 'Play it: plates, faces and papers that move out from under their boxes can be seen.'}
              </p>
            </>
          )}
          {problem && <Notice look="warn">{problem}</Notice>}
          <div className="flex flex-wrap gap-2">
            {made ? (
              <Button
                look="main"
                onClick={() => {
                  keep(made);
                  onClose();
                }}
              >
                {keepLabel}
              </Button>
            ) : (
              <Button
                look="main"
                disabled={isCutting}
                onClick={() => void cut({ fromS, toS, of, boxes: of === 'video' ? boxes : [] })}
              >
                {isCutting ? 'Cutting…' : `Cut ${Math.round(toS - fromS)} s`}
              </Button>
            )}
            {made && <Button onClick={drop}>Cut it anew</Button>}
            <Button onClick={onClose}>Close</Button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

/** The first frame of the cut: a finger drags boxes over what nobody outside the yard gets to see. */
function CoverBoxes({
  frames,
  atS,
  boxes,
  onBoxes,
}: {
  frames: FrameSource;
  atS: number;
  boxes: Cut['boxes'];
  onBoxes: (boxes: Cut['boxes']) => void;
}) {
  const [url, setUrl] = useState<string>();
  const began = useRef<{ x: number; y: number }>(undefined);
  const [drawn, setDrawn] = useState<Cut['boxes'][number]>();
  useEffect(() => {
    let made: string | undefined;
    let isLeft = false;
    void frames.one(atS).then((frame) => {
      if (!frame || isLeft) return;
      made = URL.createObjectURL(frame.jpeg);
      setUrl(made);
    });
    return () => {
      isLeft = true;
      if (made) URL.revokeObjectURL(made);
    };
  }, [frames, atS]);
  const placeOf = (event: PointerEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const share = (value: number) => Math.min(1, Math.max(0, value));
    return {
      x: share((event.clientX - box.left) / box.width),
      y: share((event.clientY - box.top) / box.height),
    };
  };
  return (
    <div className="space-y-1">
      <div
        data-testid="cover-boxes"
        className="relative cursor-crosshair touch-none overflow-hidden rounded-md bg-night"
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          began.current = placeOf(event);
        }}
        onPointerMove={(event) => {
          const start = began.current;
          if (!start || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
          const to = placeOf(event);
          setDrawn({
            x: Math.min(start.x, to.x),
            y: Math.min(start.y, to.y),
            width: Math.abs(to.x - start.x),
            height: Math.abs(to.y - start.y),
          });
        }}
        onPointerUp={() => {
          if (drawn && drawn.width > 0.01 && drawn.height > 0.01) onBoxes([...boxes, drawn]);
          began.current = undefined;
          setDrawn(undefined);
        }}
      >
        {url ? (
          <img src={url} alt="" draggable={false} className="block w-full" />
        ) : (
          <div className="aspect-video" />
        )}
        {[...boxes, ...(drawn ? [drawn] : [])].map((box) => (
          <span
            key={`${box.x} ${box.y}`}
            aria-hidden
            className="absolute border border-white bg-night"
            style={{
              left: `${box.x * 100}%`,
              top: `${box.y * 100}%`,
              width: `${box.width * 100}%`,
              height: `${box.height * 100}%`,
            }}
          />
        ))}
      </div>
      <p className="text-sm text-soft">
        Drag a box over plates, faces and papers: they are covered in every frame.
        {boxes.length > 0 && (
          <button type="button" className="ml-2 min-h-11 font-bold underline" onClick={() => onBoxes([])}>
            Take the boxes off
          </button>
        )}
      </p>
    </div>
  );
}
