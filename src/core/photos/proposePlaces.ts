import type { BroughtPhoto, PhotoRole } from '../walk';
import { alignPhotos, type PlacedPhoto, type PlacingReason, type Visit } from './alignPhotos';
import { cameraMs } from './cameraTime';

/** Where a brought photo seems to belong, and what it seems to show. */
export interface Proposal extends PlacedPhoto {
  role: PhotoRole;
}

/** Taken longer than this before or after the walk, it is of another day, or the camera's clock is off: no place is proposed. */
const FARTHEST_S = 2 * 3600;
/** Nearer to the first stop than this, one stands at it already. */
const AT_THE_CAR_S = 10;

const awaySeconds = (reason: PlacingReason): number => ('seconds' in reason ? reason.seconds : 0);

/**
 * Proposes a place for every brought photo that carries a time. Of several of one finding all but the last show where it is, as people
 * come nearer while they shoot; one taken before the first stop is of the whole car, as every school begins with a loop round it.
 * Common practice, both.
 */
export function proposePlaces(
  brought: readonly BroughtPhoto[],
  visits: readonly Visit[],
  offsetMs: number,
): Proposal[] {
  const timed = brought.flatMap(({ sha256, takenAt }) =>
    takenAt ? [{ id: sha256, takenMs: cameraMs(takenAt) }] : [],
  );
  const placed = alignPhotos(timed, visits, offsetMs).filter(
    ({ reason }) => awaySeconds(reason) <= FARTHEST_S,
  );
  return placed.map((place, i) => {
    if (place.reason.code === 'before' && place.visit === 0 && place.reason.seconds > AT_THE_CAR_S) {
      const { finding: _, ...rest } = place;
      return { ...rest, role: 'whole-car' as const };
    }
    const isLastOfIts = !placed.slice(i + 1).some(({ finding }) => finding === place.finding);
    return { ...place, role: place.finding && isLastOfIts ? 'what' : 'where' };
  });
}
