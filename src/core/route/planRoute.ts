import { type BodyStyle, type FaceId, handOf, type Part, type PartId, type PartKind } from '../car';
import { cabinGroups, type DoorGroup } from './insideOrder';
import type { RouteRule } from './routeRuleSchema';

/** A place to stand and a part to look at from there. */
export interface Stop {
  part: PartId;
  /** The face a person stands at; undefined for stops off the map. */
  face?: FaceId;
  /** Extra stops of the route, to be done before this part. */
  reminders?: readonly string[];
}

type Loop = 'front' | 'left' | 'rear' | 'right';

/** Faces in the order an anticlockwise walk meets them, seen from above. */
const anticlockwise: readonly Loop[] = ['front', 'left', 'rear', 'right'];
/** The first face from each corner: the one that leads away from it in that direction. */
const firstFace: Record<RouteRule['direction'], Record<RouteRule['start'], Loop>> = {
  anticlockwise: { fr: 'front', fl: 'left', rl: 'rear', rr: 'right' },
  clockwise: { fl: 'front', fr: 'right', rr: 'rear', rl: 'left' },
};

const wheelKinds: ReadonlySet<PartKind> = new Set(['wheel', 'tyre', 'tyre-inner']);
const lowKinds: ReadonlySet<PartKind> = new Set([
  'wheel',
  'tyre',
  'tyre-inner',
  'arch',
  'flare',
  'mudguard',
  'mudflap',
  'sill',
  'sidestep',
  'cabstep',
  'skirt',
  'fueltank',
  'frame',
  'bumper-front',
  'bumper-rear',
  'foglamp',
  'guardbar',
  'towbar',
]);

const planned = new WeakMap<BodyStyle, Map<string, readonly Stop[]>>();

/**
 * The stops of a car in the order a rule asks for. Every part of the car is on it exactly once; the same car and rule give the
 * same stops. Pure; plans are kept, since screens ask for the same one again and again.
 */
export function planRoute(style: BodyStyle, rule: RouteRule): readonly Stop[] {
  let ofStyle = planned.get(style);
  if (!ofStyle) {
    ofStyle = new Map();
    planned.set(style, ofStyle);
  }
  const key = JSON.stringify(rule);
  let stops = ofStyle.get(key);
  if (!stops) {
    stops = plan(style, rule);
    ofStyle.set(key, stops);
  }
  return stops;
}

function plan(style: BodyStyle, rule: RouteRule): Stop[] {
  const order: Part[] = [];
  const boot = partsAt(style, 'boot');
  const faces = loopOf(rule);
  const atTail = (face: Loop) => (face === 'rear' && rule.bootAtTail ? boot : []);
  const { doors, rest } = cabinGroups(style, faces.findLast(isSide) === 'left' ? 'l' : 'r');
  const along = (face: Loop): Part[] =>
    rule.insideAsPassed
      ? withInsides(alongOutside(style, face, rule), doors)
      : alongOutside(style, face, rule);
  switch (rule.order) {
    case 'wheel-as-met':
      for (const face of faces) order.push(...along(face), ...atTail(face));
      break;
    case 'panels-then-wheels':
      for (const face of faces) {
        const here = along(face);
        // Down the side for the panels, back along it for the wheels.
        order.push(...here.filter(isPanel), ...here.filter(isWheel).reverse(), ...atTail(face));
      }
      break;
    case 'low-then-high':
      for (const face of faces) order.push(...along(face).filter(isLow));
      for (const face of faces) order.push(...along(face).filter(isHigh), ...atTail(face));
      break;
    case 'by-area':
      for (const face of faces) order.push(...along(face).filter(isPanel), ...atTail(face));
      for (const face of faces) order.push(...along(face).filter(isWheel));
      break;
    default:
      rule.order satisfies never;
  }
  const met = new Set(order);
  const cabin = [...doors.flatMap(({ parts }) => parts), ...rest];
  for (const area of rule.later) {
    if (area === 'cabin') order.push(...cabin.filter((part) => !met.has(part)));
    else if (area !== 'boot' || !rule.bootAtTail) order.push(...partsAt(style, area));
  }
  order.push(...[...style.parts.values()].filter((part) => !part.face));
  return withReminders(order, rule);
}

const isWheel = (part: Part) => wheelKinds.has(part.kind);
const isPanel = (part: Part) => !isWheel(part);
const isLow = (part: Part) => lowKinds.has(part.kind);
const isHigh = (part: Part) => !isLow(part);

const isSide = (face: Loop) => face === 'left' || face === 'right';

/** With each door, what is behind it; a seat without a door of its own is reached through the front one. */
function withInsides(outside: readonly Part[], groups: readonly DoorGroup[]): Part[] {
  const doors = outside.filter(({ kind }) => kind === 'door');
  const isOf = ({ hand, row }: DoorGroup, { position }: Part) =>
    position !== undefined && handOf(position) === hand && position[0] === row[0];
  const behind = (door: Part): Part[] => {
    const own = groups.filter((group) => isOf(group, door));
    const shared = groups.filter(
      (group) => own.some(({ hand }) => hand === group.hand) && !doors.some((other) => isOf(group, other)),
    );
    return [...own, ...shared].flatMap(({ parts }) => parts);
  };
  return outside.flatMap((part) => [part, ...(part.kind === 'door' ? behind(part) : [])]);
}

function loopOf({ start, direction }: RouteRule): Loop[] {
  const order = direction === 'anticlockwise' ? anticlockwise : anticlockwise.toReversed();
  const at = order.indexOf(firstFace[direction][start]);
  return [...order.slice(at), ...order.slice(0, at)];
}

/** Parts of an outside face in the order one passes them. */
function alongOutside(style: BodyStyle, face: Loop, { direction }: RouteRule): Part[] {
  const parts = partsAt(style, face);
  const sense = direction === 'anticlockwise' ? 1 : -1;
  switch (face) {
    // Anticlockwise, the left side is walked from nose to tail and the right side back.
    case 'left':
    case 'right': {
      const way = sense * (face === 'left' ? 1 : -1);
      return parts.sort((a, b) => way * (alongX(a, style) - alongX(b, style)) || rank(a) - rank(b));
    }
    // At the ends: from the ground up at the nose, from the glass down at the tail.
    case 'front':
      return parts.sort((a, b) => lowerEdge(b) - lowerEdge(a) || sense * (middleX(b) - middleX(a)));
    case 'rear':
      return parts.sort((a, b) => middleY(a) - middleY(b) || sense * (middleX(a) - middleX(b)));
  }
}

/** Parts of a face from its upper edge down. */
function partsAt(style: BodyStyle, face: FaceId): Part[] {
  return [...style.parts.values()]
    .filter((part) => part.face === face)
    .sort((a, b) => middleY(a) - middleY(b) || middleX(a) - middleX(b));
}

const middleX = ({ box }: Part) => box.x + box.width / 2;
const lowerEdge = ({ box }: Part) => box.y + box.height;
const middleY = ({ box }: Part) => box.y + box.height / 2;
/** What belongs to one wheel is looked at together, arch first. */
const wheelOrder: readonly PartKind[] = ['arch', 'mudguard', 'flare', 'mudflap', 'wheel', 'tyre'];
const rank = (part: Part) => wheelOrder.indexOf(part.kind);

/** Where along the side a part is met; what belongs to a wheel is met at its hub. */
function alongX(part: Part, style: BodyStyle): number {
  if (!wheelOrder.includes(part.kind) || !part.position) return middleX(part);
  const hub = style.parts.get(`wheel-${part.position}`);
  return hub ? middleX(hub) : middleX(part);
}

function withReminders(order: readonly Part[], { reminders }: RouteRule): Stop[] {
  const done = new Set<FaceId>();
  return order.map((part): Stop => {
    const face = part.face;
    const stop: Stop = { part: part.id, ...(face && { face }) };
    if (!face || done.has(face)) return stop;
    done.add(face);
    const words = reminders.filter(({ at }) => at === face).map((reminder) => reminder.words);
    return words.length > 0 ? { ...stop, reminders: words } : stop;
  });
}

/**
 * Where on the ground one stands for a part: millimetres along the rim of the car's plan, anticlockwise from the front right
 * corner. Inside places are reached from the nose, the tail or a door.
 */
export function standsAt(style: BodyStyle, part: Part): number {
  const { width, length } = style.plan;
  const share = (at: number, of: number) => (of > 0 ? Math.min(1, Math.max(0, at / of)) : 0.5);
  const { faces } = style;
  switch (part.face) {
    case 'front':
      return width * (1 - share(middleX(part), faces.front.width));
    case 'left':
      return width + length * share(middleX(part), faces.left.width);
    case 'rear':
      return width + length + width * share(middleX(part), faces.rear.width);
    case 'right':
      return 2 * width + length + length * (1 - share(middleX(part), faces.right.width));
    case 'boot':
      return width * 1.5 + length;
    case 'engine':
      return width / 2;
    default: {
      // The top, the cabin and underneath are reached from the side the part is on.
      const lengthwise = length * share(middleY(part), part.face ? faces[part.face].height : 0);
      return part.position && handOf(part.position) === 'r'
        ? 2 * width + length + (length - lengthwise)
        : width + lengthwise;
    }
  }
}

/** Length of the rim of the car's plan, millimetres. */
export const rimOf = ({ plan: { width, length } }: BodyStyle): number => 2 * (width + length);
