import type { BodyStyle, PartId } from '../car';
import { nearestLeft, planRoute, type Stop, usualRoute } from '../route';
import { type Finding, isDismissed, type WalkState } from './walkState';

export type PartStatus = 'not-looked-at' | 'clear' | 'findings' | 'not-seen' | 'second-look';

/** Findings by part, sorted out once for each state: a screen asks about every part. */
const sorted = new WeakMap<WalkState, ReadonlyMap<PartId, readonly Finding[]>>();

function findingsOn(state: WalkState, part: PartId): readonly Finding[] {
  let byPart = sorted.get(state);
  if (!byPart) {
    byPart = grouped(state.findings);
    sorted.set(state, byPart);
  }
  return byPart.get(part) ?? none;
}

const none: readonly Finding[] = [];

function grouped(findings: readonly Finding[]): Map<PartId, Finding[]> {
  const byPart = new Map<PartId, Finding[]>();
  for (const finding of findings) {
    const here = byPart.get(finding.part);
    if (here) here.push(finding);
    else byPart.set(finding.part, [finding]);
  }
  return byPart;
}

/** What the map shows of a part at a glance. A dismissed suspicion is not a finding; it leaves its part looked at. */
export function partStatus(state: WalkState, part: PartId): PartStatus {
  const here = findingsOn(state, part);
  if (here.some((finding) => finding.standing.status === 'suspected')) return 'second-look';
  if (here.some((finding) => finding.standing.status === 'confirmed')) return 'findings';
  const look = state.looks.get(part);
  if (look) return look.status;
  if (here.some(isDismissed) || state.treads.has(part)) return 'clear';
  if (part === 'odometer' && state.odometer) return 'clear';
  return 'not-looked-at';
}

/** The stops of a walk, in the order of the route chosen for it. */
export const routeOf = (state: Pick<WalkState, 'route'>, style: BodyStyle): readonly Stop[] =>
  planRoute(style, state.route ?? usualRoute);

/** A picture a reader will miss. */
export type PhotoLeft =
  | { why: 'finding-close-up'; part: PartId; finding: string; number: number }
  | { why: 'odometer'; part: PartId }
  | { why: 'whole-car'; have: number };

/** So many whole-car pictures, one from each corner, are wanted. Common practice. */
export const WHOLE_CAR_PHOTOS = 4;

export interface Coverage {
  total: number;
  /** Looked at, or a reason was given why not. */
  visited: number;
  /** Really looked at. */
  looked: number;
  /** Stops not looked at yet, in walking order. */
  left: Stop[];
  notSeen: { part: PartId; why: string }[];
  /** Tyres without a tread depth, in walking order. */
  treadsLeft: PartId[];
  odometerLeft: boolean;
  photosLeft: PhotoLeft[];
  unresolved: PartId[];
}

/** What has and has not been looked at, and which readings are missing. */
export function coverage(state: WalkState, style: BodyStyle): Coverage {
  const route = routeOf(state, style);
  const statuses = new Map(route.map((stop) => [stop.part, partStatus(state, stop.part)]));
  const left = route.filter((stop) => statuses.get(stop.part) === 'not-looked-at');
  const notSeen = route.flatMap(({ part }) => {
    const look = state.looks.get(part);
    return look?.status === 'not-seen' ? [{ part, why: look.why }] : [];
  });
  const hidden = [...statuses.values()].filter((status) => status === 'not-seen').length;
  return {
    total: route.length,
    visited: route.length - left.length,
    looked: route.length - left.length - hidden,
    left,
    notSeen,
    treadsLeft: route
      .map((stop) => stop.part)
      .filter((part) => part.startsWith('tyre-') && !state.treads.has(part)),
    odometerLeft: state.odometer === undefined,
    photosLeft: photosLeft(state),
    unresolved: route.map((stop) => stop.part).filter((part) => statuses.get(part) === 'second-look'),
  };
}

function photosLeft({ findings, photos }: WalkState): PhotoLeft[] {
  const wanted: PhotoLeft[] = [];
  const have = photos.filter(({ role }) => role === 'whole-car').length;
  if (have < WHOLE_CAR_PHOTOS) wanted.push({ why: 'whole-car', have });
  for (const { id, part, number, standing } of findings)
    if (
      standing.status === 'confirmed' &&
      !photos.some((photo) => photo.finding === id && photo.role === 'what')
    )
      wanted.push({ why: 'finding-close-up', part, finding: id, number });
  if (!photos.some(({ part }) => part === 'odometer')) wanted.push({ why: 'odometer', part: 'odometer' });
  return wanted;
}

/** Where to go next: onward on the route, or off it to the nearest part left; undefined when nothing is left. */
export function nextLeft(state: WalkState, style: BodyStyle, from: PartId | undefined): Stop | undefined {
  return nearestLeft(
    style,
    routeOf(state, style),
    (part) => partStatus(state, part) === 'not-looked-at',
    from,
  );
}
