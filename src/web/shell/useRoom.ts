import { useEffect, useState } from 'react';
import { useOutbox } from '../sync/SyncContext';

/** Bytes of a photo as phones take them. */
export const A_PHOTO = 4 * 1024 * 1024;
/** Less than this is said in red. */
export const SCARCE = 50 * A_PHOTO;

/** Bytes this device still has for Zelk; undefined where the browser does not tell. Asked again as things are taken in. */
export function useRoom(): number | undefined {
  // Some things more or less change little: it is not asked with every tap.
  const taken = Math.ceil(useOutbox().waiting / 10);
  const [room, setRoom] = useState<number>();
  // biome-ignore lint/correctness/useExhaustiveDependencies: what waits takes room.
  useEffect(() => {
    void navigator.storage?.estimate?.().then(
      ({ quota, usage }) => setRoom(quota === undefined ? undefined : Math.max(0, quota - (usage ?? 0))),
      () => undefined,
    );
  }, [taken]);
  return room;
}

/** Photos that fit, as a round figure: nobody counts on the last one. */
export function aboutPhotos(room: number): string {
  const photos = room / A_PHOTO;
  const step = 10 ** Math.max(1, Math.floor(Math.log10(Math.max(photos, 10))));
  return (Math.floor(photos / step) * step).toLocaleString('en-GB');
}
