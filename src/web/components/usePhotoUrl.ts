import { useEffect, useState } from 'react';
import { useOutbox, useSessions } from '../sync/SyncContext';

/**
 * Where to show a photo from: the device while it waits to be sent, the server after. Undefined for the
 * moment it takes to open a waiting photo: asking the server for it then would fail, and the failure would
 * be remembered for when the server does have it.
 */
export function usePhotoUrl(sha256: string, width: 320 | 1600): string | undefined {
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
  if (!blob) return `/api/photos/${sha256}/${width}`;
  return local?.blob === blob ? local.url : undefined;
}
