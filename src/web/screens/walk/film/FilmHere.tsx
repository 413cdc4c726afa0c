import { Square, Video } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import type { Caption } from '#core/captions';
import { vocabularyOf } from '#core/car';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { browserListener, canListen } from '../../../listening/browserListener';
import { useRecorder } from '../../../recordings/useRecorder';
import type { OpenWalk } from '../../../sync/useWalk';
import { clockOf } from './groups';
import { HeardWhile } from './heardWhile';

/** Longer than any walk is filmed; memory of a phone is not endless. */
const MOST_S = 20 * 60;

interface FilmHereProps {
  walk: OpenWalk;
  onMade: (file: File, captions: readonly Caption[]) => void;
  onClose: () => void;
}

/** Films the walk with this device's camera; its words are taken down meanwhile, where the browser may listen. */
export function FilmHere({ walk, onMade, onClose }: FilmHereProps) {
  const heard = useRef(new HeardWhile());
  const [perhaps, setPerhaps] = useState('');
  const [listens, setListens] = useState(canListen());
  const [why, setWhy] = useState<string>();
  const view = useRef<HTMLVideoElement>(null);
  const { state, problem, start, stop } = useRecorder(({ blob }) => {
    const kind = blob.type.includes('mp4') ? 'mp4' : 'webm';
    onMade(
      new File([blob], `walk-${new Date().toISOString().slice(0, 10)}.${kind}`, { type: blob.type }),
      heard.current.captions,
    );
  }, MOST_S);
  const isFilming = state.status === 'recording';
  const startedAt = isFilming ? state.startedAt : 0;
  const now = useSeconds(isFilming, startedAt);

  useEffect(() => {
    if (view.current && isFilming) view.current.srcObject = state.stream;
  }, [isFilming, state]);
  const lang = vocabularyOf(walk.page.car) === 'us' ? 'en-US' : 'en-GB';
  useEffect(() => {
    if (!isFilming || !listens) return;
    heard.current = new HeardWhile();
    const listener = browserListener(lang, {
      onPiece: (piece) => setPerhaps(heard.current.hear(piece, (Date.now() - startedAt) / 1000)),
      onEnd: setWhy,
    });
    listener.start();
    return () => listener.stop();
  }, [isFilming, listens, lang, startedAt]);

  return (
    <section aria-label="Film it here" className="space-y-3">
      {isFilming ? (
        <>
          <video
            ref={view}
            autoPlay
            muted
            playsInline
            aria-label="What the camera sees"
            className="max-h-[50dvh] w-full rounded-md bg-night object-contain"
          />
          <p className="flex min-h-7 gap-3 text-lg">
            <span className="tabular-nums">{clockOf(now)}</span>
            <span className="min-w-0 truncate text-soft italic">
              {perhaps || heard.current.captions.at(-1)?.text}
            </span>
          </p>
          {why && <Notice look="warn">{why} The film goes on; its words can be brought later.</Notice>}
          <Button look="main" className="min-h-16 w-full" onClick={stop}>
            <Square aria-hidden size={22} /> That is all
          </Button>
        </>
      ) : (
        <>
          {canListen() && (
            <label className="flex min-h-12 items-center gap-3">
              <input
                type="checkbox"
                className="size-6 shrink-0 accent-accent"
                checked={listens}
                onChange={({ target }) => setListens(target.checked)}
              />
              Take down what I say. The browser does this, not Zelk, and many send what they hear to their
              maker.
            </label>
          )}
          {problem && <Notice look="warn">{problem}</Notice>}
          <Button
            look="main"
            className="w-full"
            disabled={state.status === 'asking'}
            onClick={() => void start('video')}
          >
            <Video aria-hidden size={20} /> Start filming
          </Button>
          <Button className="w-full" onClick={onClose}>
            Not here
          </Button>
        </>
      )}
    </section>
  );
}

function useSeconds(isRunning: boolean, startedAt: number): number {
  const [seconds, setSeconds] = useState(0);
  useEffect(() => {
    if (!isRunning) return;
    const timer = setInterval(() => setSeconds((Date.now() - startedAt) / 1000), 500);
    return () => clearInterval(timer);
  }, [isRunning, startedAt]);
  return seconds;
}
