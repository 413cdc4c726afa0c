import { type RefObject, useEffect, useRef, useState } from 'react';

export interface Camera {
  isOn: boolean;
  /** Why there is no picture, in words that say what to do. */
  problem?: string;
  /** The frame now, as JPEG; undefined while there is none. */
  shoot: () => Promise<Blob | undefined>;
}

const QUALITY = 0.92;

/** The camera at the back of the phone, shown in `video` while this is mounted. */
export function useCamera(video: RefObject<HTMLVideoElement | null>): Camera {
  const [isOn, setOn] = useState(false);
  const [problem, setProblem] = useState<string>();
  const canvas = useRef<HTMLCanvasElement>(undefined);
  useEffect(() => {
    let stream: MediaStream | undefined;
    let isGone = false;
    const start = async () => {
      // Absent where the page came by plain HTTP from another machine.
      if (!navigator.mediaDevices) {
        setProblem('This browser gives no live camera here. Use “Take” or choose files instead.');
        return;
      }
      try {
        stream = await navigator.mediaDevices.getUserMedia({
          video: { facingMode: 'environment', width: { ideal: 4032 }, height: { ideal: 3024 } },
          audio: false,
        });
      } catch (error) {
        setProblem(problemOf(error));
        return;
      }
      if (isGone || !video.current) {
        for (const track of stream.getTracks()) track.stop();
        return;
      }
      video.current.srcObject = stream;
      video.current.onplaying = () => setOn(true);
    };
    void start();
    return () => {
      isGone = true;
      for (const track of stream?.getTracks() ?? []) track.stop();
    };
  }, [video]);
  const shoot = async (): Promise<Blob | undefined> => {
    const from = video.current;
    if (!from?.videoWidth) return undefined;
    canvas.current ??= document.createElement('canvas');
    const { current: to } = canvas;
    to.width = from.videoWidth;
    to.height = from.videoHeight;
    to.getContext('2d')?.drawImage(from, 0, 0);
    return new Promise((resolve) => to.toBlob((blob) => resolve(blob ?? undefined), 'image/jpeg', QUALITY));
  };
  return { isOn, ...(problem && { problem }), shoot };
}

function problemOf(error: unknown): string {
  switch ((error as { name?: unknown } | null)?.name) {
    case 'NotAllowedError':
      return 'The camera was refused. Allow it for this page in the browser’s settings, or use “Take” or choose files instead.';
    case 'NotFoundError':
    case 'OverconstrainedError':
      return 'This device has no camera. Choose files instead.';
    case 'NotReadableError':
      return 'Another app is using the camera. Close it and try again.';
    default:
      return 'The camera could not be started. Use “Take” or choose files instead.';
  }
}
