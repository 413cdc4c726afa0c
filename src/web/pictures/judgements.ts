import { useSyncExternalStore } from 'react';
import type { WalkPage } from '#core/api';
import { faultsOf, hashDistance, type PictureFault, SAME_PICTURE_BITS } from '#core/photos';
import type { Judged } from './picture.worker';

/** What this device has found out of its photos, by SHA-256. The server’s word arrives with the walk when it is next opened. */
const found = new Map<string, Judged>();
const listeners = new Set<() => void>();
let version = 0;

export function keepJudgement(sha256: string, judged: Judged): void {
  found.set(sha256, judged);
  version++;
  for (const listener of listeners) listener();
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export interface PictureFacts {
  faults: readonly PictureFault[];
  likeness?: string;
  takenAt?: string;
}

/** What is known of a walk’s pictures, from this device or the server. */
export function usePictureFacts(page: WalkPage): (sha256: string) => PictureFacts {
  useSyncExternalStore(subscribe, () => version);
  return (sha256) => {
    const own = found.get(sha256);
    const record = page.photos.find((photo) => photo.record.sha256 === sha256)?.record;
    const quality = own?.quality ?? record?.quality;
    const likeness = own?.likeness ?? record?.likeness;
    const takenAt = own?.takenAt ?? record?.takenAt;
    return {
      faults: quality ? faultsOf(quality) : [],
      ...(likeness && { likeness }),
      ...(takenAt && { takenAt }),
    };
  };
}

/** The first of the earlier pictures that looks like a copy of this one. */
export function twinAmong(
  sha256: string,
  earlier: readonly string[],
  factsOf: (sha256: string) => PictureFacts,
): string | undefined {
  const own = factsOf(sha256).likeness;
  if (!own) return undefined;
  return earlier.find((other) => {
    const its = factsOf(other).likeness;
    return other !== sha256 && its !== undefined && hashDistance(own, its) <= SAME_PICTURE_BITS;
  });
}
