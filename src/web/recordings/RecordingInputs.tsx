import { FileAudio, Mic, Square, Video } from 'lucide-react';
import { type ChangeEvent, useEffect, useId, useRef, useState } from 'react';
import { LONGEST_RECORDING_S, type RecordingKind } from '#core/walk';
import { Button, buttonLook } from '../components/Button';
import { hashPhoto } from '../sync/hashPhoto';
import { useSessions } from '../sync/SyncContext';
import { readLength } from './readLength';
import { lengthProblem, notPlayable, sizeProblem } from './recordingProblem';
import { type Recorded, useRecorder } from './useRecorder';

export interface Kept {
  sha256: string;
  of: RecordingKind;
  seconds: number;
}

/** Sound or a short video of what does not work, recorded here or from a file. */
export function RecordingInputs({ onKept }: { onKept: (kept: Kept) => void }) {
  const { outbox } = useSessions();
  const id = useId();
  const [refusal, setRefusal] = useState<string>();
  const keep = async ({ blob, of, seconds }: Recorded) => {
    const problem = sizeProblem(blob, 'The recording');
    setRefusal(problem);
    if (problem) return;
    await outbox.takeIn(async () => {
      const sha256 = await hashPhoto(blob);
      // Kept before anything is said about it: an entry must not name a recording that a crash can take away.
      await outbox.addRecording(sha256, blob);
      onKept({ sha256, of, seconds });
    });
  };
  const { state, problem, start, stop } = useRecorder(keep);
  const choose = async (event: ChangeEvent<HTMLInputElement>) => {
    const [file] = event.target.files ?? [];
    event.target.value = '';
    if (!file) return;
    setRefusal(sizeProblem(file, file.name));
    if (sizeProblem(file, file.name)) return;
    const read = await readLength(file);
    const wrong = read ? lengthProblem(read.seconds, file.name) : notPlayable(file.name);
    setRefusal(wrong);
    if (read && !wrong) await keep({ blob: file, of: read.of, seconds: Math.round(read.seconds * 10) / 10 });
  };
  if (state.status === 'recording')
    return (
      <div className="space-y-2">
        {state.of === 'video' && <Live stream={state.stream} />}
        <Button look="warn" className="min-h-16 w-full text-lg" onClick={stop}>
          <Square aria-hidden size={22} /> Stop <Seconds from={state.startedAt} /> of {LONGEST_RECORDING_S} s
        </Button>
      </div>
    );
  return (
    <div className="space-y-2">
      <div className="grid grid-cols-[1fr_1fr_3.5rem] gap-2">
        <Button disabled={state.status === 'asking'} onClick={() => start('sound')}>
          <Mic aria-hidden size={20} /> Record
        </Button>
        <Button disabled={state.status === 'asking'} onClick={() => start('video')}>
          <Video aria-hidden size={20} /> Film
        </Button>
        <label
          htmlFor={id}
          title="Choose a sound or video"
          className={`${buttonLook()} cursor-pointer px-0! focus-within:outline-3`}
        >
          <FileAudio aria-hidden size={20} />
          <span className="sr-only">Choose a sound or video</span>
          <input
            id={id}
            data-testid="recording-file"
            className="sr-only"
            type="file"
            accept="audio/*,video/*"
            onChange={choose}
          />
        </label>
      </div>
      <p className="text-sm text-soft">
        At most {LONGEST_RECORDING_S} seconds. Film the fault alone: plates, faces and papers in a video
        cannot be covered afterwards.
      </p>
      {(problem ?? refusal) && (
        <p role="alert" className="font-bold text-warn">
          {problem ?? refusal}
        </p>
      )}
    </div>
  );
}

function Live({ stream }: { stream: MediaStream }) {
  const video = useRef<HTMLVideoElement>(null);
  useEffect(() => {
    if (video.current) video.current.srcObject = stream;
  }, [stream]);
  return <video ref={video} autoPlay playsInline muted className="max-h-56 w-full bg-night object-contain" />;
}

function Seconds({ from }: { from: number }) {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 250);
    return () => clearInterval(timer);
  }, []);
  return <span className="tabular-nums">{Math.max(0, Math.floor((now - from) / 1000))}</span>;
}
