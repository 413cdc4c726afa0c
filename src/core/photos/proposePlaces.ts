import type { BroughtPhoto, PhotoRole } from '../walk';
import { alignPhotos, type PlacedPhoto, type Visit } from './alignPhotos';
import { cameraMs } from './cameraTime';

/** Where a brought photo seems to belong, and what it seems to show. */
export interface Proposal extends PlacedPhoto {
  role: PhotoRole;
}

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
  const placed = alignPhotos(timed, visits, offsetMs);
  return placed.map((place, i) => {
    if (place.reason.code === 'before' && place.visit === 0) {
      const { finding: _, ...rest } = place;
      return { ...rest, role: 'whole-car' as const };
    }
    const isLastOfIts = !placed.slice(i + 1).some(({ finding }) => finding === place.finding);
    return { ...place, role: place.finding && isLastOfIts ? 'what' : 'where' };
  });
}
