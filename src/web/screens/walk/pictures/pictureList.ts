import { cameraMs, type Proposal, proposePlaces, visitsOf } from '#core/photos';
import type { AttachedPhoto, BroughtPhoto } from '#core/walk';
import type { OpenWalk } from '../../../sync/useWalk';

/** A picture on the filmstrip: placed, or waiting with or without a proposal. */
export interface FilmFrame {
  sha256: string;
  placed?: AttachedPhoto;
  brought?: BroughtPhoto;
  proposal?: Proposal;
}

/** A guess until someone sets the camera’s clock: that it shows the time of this device’s zone. */
const zoneOffsetMs = (takenAt: string): number => Date.parse(takenAt) - cameraMs(takenAt);

export const offsetOf = ({ state }: OpenWalk): number => {
  const [first] = state.brought.flatMap(({ takenAt }) => takenAt ?? []);
  return state.cameraOffsetMs ?? (first ? zoneOffsetMs(first) : 0);
};

/** The filmstrip: what waits first, in the order it was taken, then what has its place, as attached. */
export function filmOf(walk: OpenWalk): FilmFrame[] {
  const { state, entries } = walk;
  const proposals = new Map(
    proposePlaces(state.brought, visitsOf(entries), offsetOf(walk)).map((place) => [place.photo, place]),
  );
  const waiting = state.brought
    .toSorted((a, b) => ((a.takenAt ?? '~') < (b.takenAt ?? '~') ? -1 : 1))
    .map((brought): FilmFrame => {
      const proposal = proposals.get(brought.sha256);
      return { sha256: brought.sha256, brought, ...(proposal && { proposal }) };
    });
  const seen = new Set<string>();
  const placed = state.photos
    .filter(({ sha256 }) => !seen.has(sha256) && seen.add(sha256))
    .map((photo): FilmFrame => ({ sha256: photo.sha256, placed: photo }));
  return [...waiting, ...placed];
}

/** Why a picture was put there, in words. */
export function reasonWords({ reason, confidence }: Proposal): string {
  const sure = confidence >= 0.7 ? 'Sure' : confidence >= 0.3 ? 'Likely' : 'A guess';
  switch (reason.code) {
    case 'during':
      return `${sure}: taken ${seconds(reason.secondsIn)} after you came to this stop`;
    case 'before':
      return `${sure}: taken ${seconds(reason.seconds)} before you came to this stop`;
    case 'after':
      return `${sure}: taken ${seconds(reason.seconds)} after you left this stop`;
    case 'burst':
      return `${sure}: shot in one go with others placed here`;
  }
}

const seconds = (s: number): string =>
  s < 90 ? `${s} s` : s < 5400 ? `${Math.round(s / 60)} min` : `${Math.round(s / 3600)} h`;
