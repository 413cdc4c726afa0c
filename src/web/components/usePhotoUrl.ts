import { useEffect, useState } from 'react';
import { useOutbox, useSessions } from '../sync/SyncContext';

/** Where to show a photo from: the device while it waits to be sent, the server after. */
export function usePhotoUrl(sha256: string, width: 320 | 1600): string {
  const { outbox } = useSessions();
  useOutbox();
  const blob = outbox.photo(sha256);
  const [local, setLocal] = useState<string>();
  useEffect(() => {
    if (!blob) {
      setLocal(undefined);
      return;
    }
    const url = URL.createObjectURL(blob);
    setLocal(url);
    return () => URL.revokeObjectURL(url);
  }, [blob]);
  return local ?? `/api/photos/${sha256}/${width}`;
}
