import { type BodyStyle, type FaceId, faceIds, type PartId } from '#core/car';
import { coverage, type Finding, firstRoute, partStatus, type Stop, type WalkState } from '#core/walk';
import type { MapFinding } from '../../map/FaceMap';
import type { FaceProgress } from '../../map/TurningPlan';
import type { OpenWalk } from '../../sync/useWalk';

/** What the lower half of the walk screen is for at the moment. */
export type Deck =
  | { mode: 'stop' }
  | { mode: 'kinds'; part: PartId; spot: Finding['spot'] }
  | { mode: 'refine'; finding: string }
  | { mode: 'not-seen' }
  | { mode: 'photos' }
  | { mode: 'left' }
  | { mode: 'log' };

export function toMapFinding(finding: Finding): MapFinding {
  const { id, number, part, spot, standing, details } = finding;
  return { id, number, part, spot, notice: details.notice, standing: standing.status };
}

export function progressOf(state: WalkState, style: BodyStyle): FaceProgress {
  const progress = Object.fromEntries(
    faceIds.map((face) => [face, { visited: 0, total: 0 }]),
  ) as FaceProgress;
  for (const { part, face } of firstRoute(style)) {
    if (!face) continue;
    progress[face].total++;
    if (partStatus(state, part) !== 'not-looked-at') progress[face].visited++;
  }
  return progress;
}

/** Stops left, in walking order from where the person stands. */
export function leftFrom(state: WalkState, style: BodyStyle, here: PartId): Stop[] {
  const { left } = coverage(state, style);
  const route = firstRoute(style).map((stop) => stop.part);
  const at = route.indexOf(here);
  const onward = (part: PartId) => (route.indexOf(part) - at + route.length) % route.length;
  return left.toSorted((a, b) => onward(a.part) - onward(b.part));
}

export function faceOf(style: BodyStyle, part: PartId): FaceId | undefined {
  return style.parts.get(part)?.face;
}

/** The part an entry is about: where to stand again after taking it back. */
export function partTouchedBy(
  { entries, state }: Pick<OpenWalk, 'entries' | 'state'>,
  id: string,
): PartId | undefined {
  const entry = entries.find((candidate) => candidate.id === id);
  if (!entry) return undefined;
  if ('part' in entry.body && entry.body.part) return entry.body.part;
  const finding = 'finding' in entry.body ? entry.body.finding : undefined;
  return state.findings.find((candidate) => candidate.id === finding)?.part;
}
