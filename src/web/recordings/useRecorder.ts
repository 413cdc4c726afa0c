import { useCallback, useEffect, useRef, useState } from 'react';
import { LONGEST_RECORDING_S, type RecordingKind } from '#core/walk';

export type Recorder =
  | { status: 'idle' }
  | { status: 'asking'; of: RecordingKind }
  | { status: 'recording'; of: RecordingKind; stream: MediaStream; startedAt: number };

export interface Recorded {
  of: RecordingKind;
  blob: Blob;
  seconds: number;
}

/** Formats browsers record, the most widely played first. */
const formats: Record<RecordingKind, readonly string[]> = {
  video: ['video/mp4', 'video/webm;codecs=vp8,opus', 'video/webm'],
  sound: ['audio/mp4', 'audio/webm;codecs=opus', 'audio/webm'],
};
/** Small enough that half a minute stays far under what may be sent. */
const BITS = { videoBitsPerSecond: 2_500_000, audioBitsPerSecond: 128_000 } as const;

/** Records from the microphone, or camera and microphone; stops by itself after `mostS` seconds. */
export function useRecorder(onRecorded: (recorded: Recorded) => void, mostS = LONGEST_RECORDING_S) {
  const [state, setState] = useState<Recorder>({ status: 'idle' });
  const [problem, setProblem] = useState<string>();
  const recorder = useRef<MediaRecorder>(undefined);
  const isGone = useRef(false);
  const stop = useCallback(() => {
    if (recorder.current?.state === 'recording') recorder.current.stop();
  }, []);
  const start = async (of: RecordingKind) => {
    setProblem(undefined);
    if (!navigator.mediaDevices || typeof MediaRecorder === 'undefined') {
      setProblem('This browser does not record here. Choose a file instead.');
      return;
    }
    setState({ status: 'asking', of });
    try {
      const stream = await navigator.mediaDevices.getUserMedia({
        audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
        video: of === 'video' && { facingMode: 'environment', width: { ideal: 1280 } },
      });
      const mimeType = formats[of].find((format) => MediaRecorder.isTypeSupported(format));
      const making = new MediaRecorder(stream, { ...(mimeType && { mimeType }), ...BITS });
      const pieces: Blob[] = [];
      const startedAt = Date.now();
      making.ondataavailable = ({ data }) => pieces.push(data);
      making.onstop = () => {
        for (const track of stream.getTracks()) track.stop();
        clearTimeout(limit);
        if (isGone.current) return;
        setState({ status: 'idle' });
        const seconds = Math.min(mostS, Math.max(0.1, (Date.now() - startedAt) / 1000));
        onRecorded({
          of,
          blob: new Blob(pieces, { type: (making.mimeType.split(';')[0] ?? '') || `${of}/webm` }),
          seconds: Math.round(seconds * 10) / 10,
        });
      };
      const limit = setTimeout(() => making.state === 'recording' && making.stop(), mostS * 1000);
      recorder.current = making;
      making.start(1000);
      setState({ status: 'recording', of, stream, startedAt });
    } catch (error) {
      setState({ status: 'idle' });
      setProblem(problemOf(error, of));
    }
  };
  useEffect(() => {
    isGone.current = false;
    return () => {
      isGone.current = true;
      stop();
    };
  }, [stop]);
  return { state, problem, start, stop };
}

function problemOf(error: unknown, of: RecordingKind): string {
  const what = of === 'video' ? 'camera and microphone' : 'microphone';
  switch ((error as { name?: unknown } | null)?.name) {
    case 'NotAllowedError':
      return `The ${what} was refused. Allow it for this page in the browser’s settings, or choose a file instead.`;
    case 'NotFoundError':
    case 'OverconstrainedError':
      return `This device has no ${what}. Choose a file instead.`;
    default:
      return `The ${what} could not be started. Choose a file instead.`;
  }
}
