import { type BodyStyle, type FaceId, faceIds, type Part, type PartId } from '#core/car';
import type { Stop } from '#core/route';
import {
  type Conditions,
  coverage,
  type Extent,
  type Finding,
  findingCaution,
  findingKindOf,
  isStanding,
  partStatus,
  routeOf,
  type WalkState,
} from '#core/walk';
import type { MapFinding } from '../../../map/FaceMap';
import type { FaceProgress } from '../../../map/PlanDrawing';
import type { OpenWalk } from '../../../sync/useWalk';

/** What the lower half of the walk screen is for at the moment. */
export type Deck =
  | { mode: 'stop' }
  | { mode: 'kinds'; part: PartId; spot: Finding['spot'] }
  | { mode: 'refine'; finding: string }
  | { mode: 'not-seen' }
  | { mode: 'photos' }
  | { mode: 'sweep' }
  | { mode: 'statement' }
  | { mode: 'left' }
  | { mode: 'log' }
  | { mode: 'plan' }
  | { mode: 'conditions' }
  | { mode: 'step-back' };

/** A finding as the map draws it; with its part, a mark when there is something to heed. */
export function toMapFinding(finding: Finding, partOf: Part | undefined): MapFinding {
  const { id, number, part, spot, standing, details } = finding;
  return {
    id,
    number,
    part,
    spot,
    standing: standing.status,
    ...(details.notice && { notice: details.notice }),
    ...(isStanding(finding) && findingCaution(finding, partOf) && { warns: true }),
    ...(details.extent && { extent: details.extent }),
  };
}

export function progressOf(state: WalkState, style: BodyStyle): FaceProgress {
  const progress = Object.fromEntries(
    faceIds.map((face) => [face, { visited: 0, total: 0 }]),
  ) as FaceProgress;
  for (const { part, face } of routeOf(state, style)) {
    if (!face) continue;
    progress[face].total++;
    if (partStatus(state, part) !== 'not-looked-at') progress[face].visited++;
  }
  return progress;
}

/** Stops left, in walking order from where the person stands. */
export function leftFrom(state: WalkState, style: BodyStyle, here: PartId): Stop[] {
  const { left } = coverage(state, style);
  const route = routeOf(state, style).map((stop) => stop.part);
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

/** How the extent of a finding is drawn with the finger: each one tapped, along it, round it, or round the rim. */
export function formOf(kind: Finding['kind'], part: Pick<Part, 'kind'>): Extent['form'] | undefined {
  const { measuredBy, isDotted } = findingKindOf(kind);
  switch (measuredBy) {
    case 'count':
      return isDotted ? 'dots' : undefined;
    case 'length':
      return part.kind === 'wheel' ? 'arc' : 'line';
    case 'diameter':
      return 'line';
    case 'area':
      return 'box';
    case 'gap':
      return undefined;
  }
}

/** The conditions where one stands: those of the side, or of the whole car. */
export function conditionsAt(state: WalkState, face: FaceId | undefined): Conditions | undefined {
  return (face && state.conditions.sides.get(face)) ?? state.conditions.whole;
}
