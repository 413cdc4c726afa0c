import { Pause, Play } from 'lucide-react';
import { type PointerEvent, useEffect, useRef, useState } from 'react';
import type { FilmCaption } from '#core/walk';
import type { FilmLoad } from '../../../film/useFilmFile';
import { clockOf } from './groups';
import type { ChosenFrame } from './useFrames';

export interface StageHandle {
  seek: (atS: number) => void;
  toggle: () => void;
  now: () => number;
}

interface FilmStageProps {
  load: Extract<FilmLoad, { is: 'open' }>;
  captions: readonly FilmCaption[];
  shiftS: number;
  /** The ring of the statement in hand, where its picture is of this moment. */
  frame: ChosenFrame | undefined;
  handle: { current: StageHandle | undefined };
  /** A ring was drawn at this second. */
  onMark?: ((atS: number, mark: NonNullable<ChosenFrame['mark']>) => void) | undefined;
  /** The browser has no player for it. */
  onFailed: () => void;
}

/** Less than this, of the width, is a tap and no ring. */
const LEAST_RADIUS = 0.012;
/** A frame is of this moment when it is so near. */
const SAME_MOMENT_S = 0.3;

/** The film, its words running beneath it, and a finger that draws a ring on it. */
export function FilmStage({ load, captions, shiftS, frame, handle, onMark, onFailed }: FilmStageProps) {
  const { told, url } = load;
  const video = useRef<HTMLVideoElement>(null);
  const wanted = useRef<number>(undefined);
  const [at, setAt] = useState(0);
  const [isPlaying, setPlaying] = useState(false);
  const [ring, setRing] = useState<ChosenFrame['mark']>();
  const isSeen = told.width !== undefined && told.height !== undefined;

  useEffect(() => {
    handle.current = {
      seek: (seconds) => {
        const player = video.current;
        if (!player) return;
        player.pause();
        const to = Math.max(0, Math.min(told.seconds - 0.05, seconds));
        setAt(to);
        // A slider asks for more places than a film can be shown at: the last of them counts.
        if (player.seeking) wanted.current = to;
        else player.currentTime = to;
      },
      toggle: () =>
        // A play that is broken off by a pause is no failure; one that fails is told by the player itself.
        video.current?.paused ? void video.current.play().catch(() => undefined) : video.current?.pause(),
      now: () => wanted.current ?? video.current?.currentTime ?? 0,
    };
    return () => {
      handle.current = undefined;
    };
  }, [handle, told.seconds]);

  const placeOf = (event: PointerEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const share = (value: number) => Math.min(1, Math.max(0, Math.round(value * 1000) / 1000));
    return {
      x: share((event.clientX - box.left) / box.width),
      y: share((event.clientY - box.top) / box.height),
      ratio: box.height / box.width,
    };
  };
  const shown = ring ?? (frame && Math.abs(frame.atS - at) < SAME_MOMENT_S ? frame.mark : undefined);
  return (
    <section aria-label="The film" className="flex min-h-0 flex-col">
      <div
        className="relative mx-auto min-h-0 w-full overflow-hidden rounded-md bg-night"
        style={
          isSeen
            ? {
                aspectRatio: `${told.width} / ${told.height}`,
                maxWidth: `calc(44dvh * ${(told.width ?? 16) / (told.height ?? 9)})`,
              }
            : {}
        }
      >
        {/* biome-ignore lint/a11y/useMediaCaption: its captions run beneath it, larger than a player shows them. */}
        <video
          ref={video}
          src={url}
          playsInline
          preload="auto"
          aria-label="Film of the walk"
          className={isSeen ? 'size-full' : 'h-12 w-full'}
          onTimeUpdate={({ currentTarget }) => !currentTarget.seeking && setAt(currentTarget.currentTime)}
          onSeeked={({ currentTarget }) => {
            const to = wanted.current;
            wanted.current = undefined;
            if (to !== undefined) currentTarget.currentTime = to;
          }}
          onPlay={() => setPlaying(true)}
          onPause={() => setPlaying(false)}
          onError={onFailed}
        />
        {isSeen && onMark && (
          <div
            data-testid="mark-on-film"
            className="absolute inset-0 cursor-crosshair touch-none"
            onPointerDown={(event) => {
              video.current?.pause();
              event.currentTarget.setPointerCapture(event.pointerId);
              const { x, y } = placeOf(event);
              setRing({ at: { x, y }, radius: LEAST_RADIUS });
            }}
            onPointerMove={(event) => {
              if (!ring || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
              const { x, y, ratio } = placeOf(event);
              const radius = Math.hypot(x - ring.at.x, (y - ring.at.y) * ratio);
              setRing({ ...ring, radius: Math.min(0.5, Math.max(LEAST_RADIUS, radius)) });
            }}
            onPointerUp={() => {
              if (ring && ring.radius > LEAST_RADIUS) onMark(video.current?.currentTime ?? at, ring);
              setRing(undefined);
            }}
            onPointerCancel={() => setRing(undefined)}
          />
        )}
        {shown && (
          <span
            aria-hidden
            className="pointer-events-none absolute -translate-1/2 rounded-full border-4 border-tape shadow-[0_0_0_2px_#14181c]"
            style={{
              left: `${shown.at.x * 100}%`,
              top: `${shown.at.y * 100}%`,
              width: `${shown.radius * 200}%`,
              aspectRatio: '1',
            }}
          />
        )}
      </div>
      <div className="flex items-center gap-2 pt-1">
        <button
          type="button"
          aria-label={isPlaying ? 'Pause' : 'Play'}
          onClick={() => handle.current?.toggle()}
          className="grid size-12 shrink-0 place-items-center rounded-md border border-line bg-sheet"
        >
          {isPlaying ? <Pause aria-hidden size={22} /> : <Play aria-hidden size={22} />}
        </button>
        <input
          type="range"
          aria-label="Where in the film"
          aria-valuetext={clockOf(at)}
          className="h-12 min-w-0 flex-1 accent-accent"
          min={0}
          max={told.seconds}
          step={0.1}
          value={at}
          onChange={({ target }) => handle.current?.seek(Number(target.value))}
        />
        <span className="shrink-0 tabular-nums text-soft">
          {clockOf(at)} of {clockOf(told.seconds)}
        </span>
      </div>
      <Running captions={captions} at={at - shiftS} />
    </section>
  );
}

/** What is being said now; the room is kept while nobody speaks. */
function Running({ captions, at }: { captions: readonly FilmCaption[]; at: number }) {
  const now = captions.findLast(({ startS }) => startS !== undefined && startS <= at + 0.05);
  const isOver = now?.endS !== undefined && at > now.endS + 1.5;
  return (
    <p className="min-h-7 truncate text-lg italic" aria-live="off">
      {now && !isOver ? `“${now.text.replaceAll('\n', ' ')}”` : ''}
    </p>
  );
}
