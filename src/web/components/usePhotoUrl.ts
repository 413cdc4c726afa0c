import { useEffect, useState } from 'react';
import { useOutbox, useSessions } from '../sync/SyncContext';

/**
 * Where to show a photo from: the device while it waits to be sent, the server after. Undefined for the
 * moment it takes to open a waiting photo: asking the server for it then would fail, and the failure would
 * be remembered for when the server does have it.
 */
export const usePhotoUrl = (sha256: string, width: 320 | 1600): string | undefined =>
  useKeptUrl(sha256, `/api/photos/${sha256}/${width}`);

/** Where to play a recording from, likewise. */
export const useRecordingUrl = (sha256: string): string | undefined =>
  useKeptUrl(sha256, `/api/recordings/${sha256}`);

function useKeptUrl(sha256: string, path: string): string | undefined {
  const { outbox } = useSessions();
  useOutbox();
  const blob = outbox.photo(sha256);
  const [local, setLocal] = useState<{ blob: Blob; url: string }>();
  useEffect(() => {
    if (!blob) return;
    const url = URL.createObjectURL(blob);
    setLocal({ blob, url });
    return () => URL.revokeObjectURL(url);
  }, [blob]);
  if (!blob) return path;
  return local?.blob === blob ? local.url : undefined;
}
