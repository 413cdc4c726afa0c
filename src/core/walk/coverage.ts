import type { BodyStyle, PartId } from '../car';
import { FEWEST_READINGS } from '../paint';
import { nearestLeft, planRoute, type Stop, usualRoute } from '../route';
import type { Text } from '../told';
import { isGauged } from './readable';
import { spotStanding } from './spotStanding';
import { type Finding, isStanding, type WalkState } from './walkState';

export type PartStatus =
  | 'not-looked-at'
  | 'clear'
  /** Read, or cleared and yet something is known of it: looked at, and not simply clear. */
  | 'looked-at'
  | 'findings'
  | 'not-seen'
  | 'second-look';

/** What is known of a part beside its findings: readings, smells, functions. */
export type Concerns = ReadonlyMap<PartId, readonly Text[]>;
const noConcerns: Concerns = new Map();

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

/** What the map shows of a part at a glance. What was dismissed or put right is no finding any more; it leaves its part looked at. */
export function partStatus(state: WalkState, part: PartId, concerns: Concerns = noConcerns): PartStatus {
  const here = findingsOn(state, part);
  if (here.some((finding) => finding.standing.status === 'suspected')) return 'second-look';
  if (here.some((finding) => finding.standing.status === 'confirmed')) return 'findings';
  const look = state.looks.get(part);
  const isKnown = (concerns.get(part) ?? []).length > 0;
  if (look) return look.status === 'clear' && isKnown ? 'looked-at' : look.status;
  // Nobody said "clear": a depth was read, or what was seen there came to nothing.
  if (here.some((finding) => !isStanding(finding)) || state.treads.has(part) || state.treadLooks.has(part))
    return 'looked-at';
  if (part === 'odometer' && state.odometer) return 'clear';
  // Only some faults were said not to be there.
  if (state.notThere.has(part)) return 'looked-at';
  // What the nose noticed is told as such; the place itself was visited.
  if (part === 'smell' && state.kit.smells) return isKnown ? 'looked-at' : 'clear';
  return 'not-looked-at';
}

/** The stops of a walk, in the order of the route chosen for it. */
export const routeOf = (state: Pick<WalkState, 'route'>, style: BodyStyle): readonly Stop[] =>
  planRoute(style, state.route ?? usualRoute);

/** A picture a reader will miss. */
export type PhotoLeft =
  | {
      why: 'finding-close-up' | 'finding-place' | 'finding-after';
      part: PartId;
      finding: string;
      number: number;
    }
  /** A part whose look is proven by a picture even when it is clear. */
  | { why: 'part'; part: PartId }
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
  /** A paint gauge was used in this walk. */
  isPaintRead: boolean;
  /** Panels a gauge is held to with fewer readings than say anything, in walking order. */
  paintLeft: PartId[];
  photosLeft: PhotoLeft[];
  /** Pictures on which a number plate is likely, and nobody has said whether there is something to hide. */
  plates: string[];
  /** Pictures without a place yet. */
  brought: number;
  unresolved: PartId[];
  /** What such cars are known for and nobody has looked for yet, in walking order. */
  spotsLeft: { part: PartId; spot: string; title: string }[];
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
    isPaintRead: state.paint.size > 0,
    paintLeft: route.map(({ part }) => part).filter((part) => isPaintLeft(state, style, part)),
    photosLeft: photosLeft(state, route),
    plates: platesToCheck(state),
    brought: state.brought.length,
    unresolved: route.map((stop) => stop.part).filter((part) => statuses.get(part) === 'second-look'),
    spotsLeft: [...state.weakSpots.values()].flatMap((asked) =>
      spotStanding(state, asked).status === 'left'
        ? [{ part: asked.part, spot: asked.spot, title: asked.title }]
        : [],
    ),
  };
}

function isPaintLeft({ paint }: WalkState, style: BodyStyle, id: PartId): boolean {
  const part = style.parts.get(id);
  const have = (paint.get(id) ?? []).reduce((sum, { um }) => sum + um.length, 0);
  return part !== undefined && isGauged(part) && have < FEWEST_READINGS;
}

/** Kinds of part a reader wants to see even when there is nothing to say. Common practice. */
const shownWhenClear: ReadonlySet<string> = new Set([
  'tyre',
  'seat',
  'bootfloor',
  'loaddeck',
  'bedfloor',
  'idplate',
]);

function photosLeft(
  { findings, photos, pictures, looks, treads }: WalkState,
  route: readonly Stop[],
): PhotoLeft[] {
  const wanted: PhotoLeft[] = [];
  const have = photos.filter(({ role }) => role === 'whole-car').length;
  if (have < WHOLE_CAR_PHOTOS) wanted.push({ why: 'whole-car', have });
  const placed = new Set(photos.flatMap(({ sha256 }) => [...(pictures.get(sha256)?.spots.keys() ?? [])]));
  const shown = new Set(photos.flatMap(({ part }) => part ?? []));
  for (const { id, part, number, standing } of findings) {
    const own = photos.filter((photo) => photo.finding === id);
    // What was promised and done is proven by a picture.
    if (standing.status === 'put-right' && !own.some(({ role }) => role === 'after'))
      wanted.push({ why: 'finding-after', part, finding: id, number });
    if (standing.status !== 'confirmed') continue;
    for (const { part: seen } of own) shown.add(seen ?? part);
    if (!own.some(({ role }) => role === 'what'))
      wanted.push({ why: 'finding-close-up', part, finding: id, number });
    if (!placed.has(id) && !own.some(({ role }) => role === 'where'))
      wanted.push({ why: 'finding-place', part, finding: id, number });
  }
  for (const { part } of route) {
    const isLookedAt = looks.get(part)?.status === 'clear' || treads.has(part);
    if (isLookedAt && shownWhenClear.has(part.split('-')[0] as string) && !shown.has(part))
      wanted.push({ why: 'part', part });
  }
  if (!shown.has('odometer')) wanted.push({ why: 'odometer', part: 'odometer' });
  return wanted;
}

/** Kinds of part whose context shots often hold a plate. */
const plateCarriers: ReadonlySet<string> = new Set([
  'bumper',
  'tailgate',
  'swingdoor',
  'bootlid',
  'bonnet',
  'grille',
  'headlamp',
  'taillamp',
]);

/** A reminder, no detection: whole cars, and bumpers and tailgates seen from farther off, are where plates show. */
function platesToCheck({ photos, pictures }: WalkState): string[] {
  const likely = photos.filter(
    ({ sha256, role, part }) =>
      pictures.get(sha256)?.boxes === undefined &&
      (role === 'whole-car' ||
        (role === 'where' && part !== undefined && plateCarriers.has(part.split('-')[0] as string))),
  );
  return [...new Set(likely.map(({ sha256 }) => sha256))];
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
