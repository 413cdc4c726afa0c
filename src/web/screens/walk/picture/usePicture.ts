import { useEffect, useState } from 'react';
import { useSessions } from '../../../sync/SyncContext';

/** Screens never need more than this to look at; to measure, all of it is fetched. */
export interface LoadedPicture {
  image: HTMLImageElement;
  /** The pixels of the upright original. */
  width: number;
  height: number;
}

/** The picture itself: from the device while it waits to be sent, the server after; whole where it is measured on. */
export function usePicture(
  sha256: string,
  size: { width: number; height: number } | undefined,
  whole: boolean,
): { picture?: LoadedPicture; failed: boolean } {
  const { outbox } = useSessions();
  const [picture, setPicture] = useState<LoadedPicture>();
  const [failed, setFailed] = useState(false);
  const [width, height] = [size?.width, size?.height];
  useEffect(() => {
    const blob = outbox.photo(sha256);
    const own = blob && URL.createObjectURL(blob);
    const image = new Image();
    image.onload = () => {
      setFailed(false);
      setPicture({
        image,
        width: width ?? image.naturalWidth,
        height: height ?? image.naturalHeight,
      });
    };
    image.onerror = () => setFailed(true);
    image.src = own ?? `/api/photos/${sha256}/${whole ? 'whole' : '1600'}`;
    return () => {
      image.onload = null;
      if (own) URL.revokeObjectURL(own);
    };
  }, [outbox, sha256, whole, width, height]);
  return { ...(picture && { picture }), failed };
}

/** The bytes measured on, for the worker. */
export async function wholeBlob(local: Blob | undefined, sha256: string): Promise<Blob> {
  if (local) return local;
  const answer = await fetch(`/api/photos/${sha256}/whole`);
  if (!answer.ok) throw new Error('The whole picture could not be fetched.');
  return answer.blob();
}
