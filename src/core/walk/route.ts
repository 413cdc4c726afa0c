import { type BodyStyle, type FaceId, faceIds, type Part, type PartId, type PartKind } from '../car';

/** Part kinds of each face in the order a person meets them, nose to tail and ground to roof. */
const noseFirst: readonly PartKind[] = [
  'bumper-front',
  'foglamp',
  'grille',
  'headlamp',
  'bonnet',
  'wipers',
  'windscreen',
];
const tailOrder: readonly PartKind[] = ['rearglass', 'tailgate', 'bootlid', 'taillamp', 'bumper-rear'];
const topOrder: readonly PartKind[] = ['roof', 'hardtop', 'roofrail', 'aerial'];
const alongSide: readonly [PartKind, 'f' | 'r' | ''][] = [
  ['wing', 'f'],
  ['arch', 'f'],
  ['wheel', 'f'],
  ['tyre', 'f'],
  ['mirror', ''],
  ['pillar-a', ''],
  ['sideglass', 'f'],
  ['door', 'f'],
  ['sill', ''],
  ['pillar-b', ''],
  ['sideglass', 'r'],
  ['door', 'r'],
  ['quarterglass', 'r'],
  ['quarter', 'r'],
  ['fillerflap', ''],
  ['arch', 'r'],
  ['wheel', 'r'],
  ['tyre', 'r'],
];

/** A place to stand and a part to look at from there. */
export interface Stop {
  part: PartId;
  /** The face a person stands at; undefined for stops off the map. */
  face?: FaceId;
}

/**
 * The first route: nose, down the left side, tail, back up the right side, top, odometer.
 * Every part of the style is on it exactly once.
 */
export function firstRoute(style: BodyStyle): Stop[] {
  const stops = faceIds.flatMap((face) => stopsAt(style, face).map((part) => ({ part: part.id, face })));
  const offMap = [...style.parts.values()].filter((part) => !part.face);
  return [...stops, ...offMap.map((part) => ({ part: part.id }))];
}

function stopsAt(style: BodyStyle, face: FaceId): Part[] {
  const here = [...style.parts.values()].filter((part) => part.face === face);
  const rank = (part: Part): number => {
    switch (face) {
      case 'front':
        return noseFirst.indexOf(part.kind);
      case 'rear':
        return tailOrder.indexOf(part.kind);
      case 'top':
        return topOrder.indexOf(part.kind);
      case 'left':
        return alongRank(part);
      case 'right':
        return -alongRank(part);
    }
  };
  return here.sort((a, b) => rank(a) - rank(b));
}

function alongRank(part: Part): number {
  return alongSide.findIndex(
    ([kind, end]) => kind === part.kind && (end === '' || part.position?.startsWith(end)),
  );
}
