import { type Material, type PartKind, partKindOf, type Zone } from '../partKinds';
import { handOf, type Position } from '../sides';
import { drawFront, drawRear, drawTop, planOutline } from './endFaces';
import { type Box, boxOf, innerPoint, type Point } from './geometry';
import { profiles } from './profiles';
import type { FaceDrawing, Scenery } from './shape';
import { drawSide } from './sideFace';

export const bodyStyleIds = Object.keys(profiles) as [BodyStyleId, ...BodyStyleId[]];
export type BodyStyleId = keyof typeof profiles;

/** The faces of the car a person stands at, in walking order. */
export const faceIds = ['front', 'left', 'rear', 'right', 'top'] as const;
export type FaceId = (typeof faceIds)[number];

/** `kind-position`, or the kind alone where a car has only one: `door-rr`, `bonnet`. */
export type PartId = string;

export interface Part {
  id: PartId;
  kind: PartKind;
  position?: Position;
  zone: Zone;
  material: Material;
  /** Where it is drawn; parts without an outline (the odometer) are not on the map. */
  face?: FaceId;
  outline: readonly Point[];
  box: Box;
  /** Where a mark on it is best seen, and the room there. */
  mark: { at: Point; radius: number };
}

export interface Face {
  id: FaceId;
  width: number;
  height: number;
  /** A person standing there sees x run the other way. */
  mirrored: boolean;
  scenery: readonly (Scenery & { leadsTo?: PartId })[];
}

export interface BodyStyle {
  id: BodyStyleId;
  faces: Readonly<Record<FaceId, Face>>;
  parts: ReadonlyMap<PartId, Part>;
  plan: { outline: readonly Point[]; width: number; length: number };
}

export const bodyStyleNames: Record<BodyStyleId, { uk: string; us: string }> = {
  'hatch-5': { uk: 'Five-door hatch', us: 'Five-door hatchback' },
  'hatch-3': { uk: 'Three-door hatch', us: 'Three-door hatchback' },
  saloon: { uk: 'Saloon', us: 'Sedan' },
  coupe: { uk: 'Coupé', us: 'Coupe' },
  convertible: { uk: 'Convertible with hard top', us: 'Convertible with hardtop' },
  estate: { uk: 'Estate', us: 'Station wagon' },
  suv: { uk: 'SUV', us: 'SUV' },
  van: { uk: 'Van with windows', us: 'Passenger van' },
  pickup: { uk: 'Double-cab pick-up', us: 'Crew cab pickup' },
};

export const partIdOf = (kind: PartKind, position?: Position): PartId =>
  position ? `${kind}-${position}` : kind;

const built = new Map<BodyStyleId, BodyStyle>();

/** The parts, outlines and faces of a body style. Built once, then shared: treat it as read-only. */
export function bodyStyle(id: BodyStyleId): BodyStyle {
  let style = built.get(id);
  if (!style) {
    style = build(id);
    built.set(id, style);
  }
  return style;
}

function build(id: BodyStyleId): BodyStyle {
  const profile = profiles[id];
  const drawings: Record<FaceId, FaceDrawing> = {
    front: drawFront(profile),
    left: drawSide(profile, 'l'),
    rear: drawRear(profile),
    right: drawSide(profile, 'r'),
    top: drawTop(profile),
  };
  const parts = new Map<PartId, Part>();
  for (const face of faceIds) {
    for (const shape of drawings[face].shapes) {
      const part = makePart(shape.kind, shape.position, face, shape.outline);
      parts.set(part.id, part);
    }
  }
  const odometer = makePart('odometer', undefined, undefined, []);
  parts.set(odometer.id, odometer);

  const faces = Object.fromEntries(
    faceIds.map((face) => [face, makeFace(face, drawings[face], parts)]),
  ) as Record<FaceId, Face>;
  const plan = { outline: planOutline(profile), width: profile.width, length: profile.length };
  return { id, faces, parts, plan };
}

function makeFace(id: FaceId, drawing: FaceDrawing, parts: ReadonlyMap<PartId, Part>): Face {
  return {
    id,
    width: drawing.width,
    height: drawing.height,
    mirrored: id === 'right' || id === 'front',
    scenery: drawing.scenery.map((piece) => {
      const leadsTo = piece.kind && partIdOf(piece.kind, piece.position);
      return leadsTo && parts.has(leadsTo) ? { ...piece, leadsTo } : piece;
    }),
  };
}

function makePart(
  kind: PartKind,
  position: Position | undefined,
  face: FaceId | undefined,
  outline: Point[],
): Part {
  const { zone, material } = partKindOf(kind);
  const box = outline.length > 0 ? boxOf(outline) : { x: 0, y: 0, width: 0, height: 0 };
  const side = position && handOf(position) === 'l' ? 'left' : 'right';
  return {
    id: partIdOf(kind, position),
    kind,
    position,
    zone: zone === 'side' ? side : zone,
    material,
    face,
    outline,
    box,
    // The wheel covers the middle of its tyre.
    mark:
      kind === 'tyre'
        ? { at: [box.x + box.width / 2, box.y + box.height * 0.92], radius: box.width * 0.07 }
        : markOf(outline),
  };
}

const markOf = (outline: readonly Point[]): Part['mark'] =>
  outline.length > 0 ? innerPoint(outline) : { at: [0, 0], radius: 0 };

/** The mark's place as a spot in the part's own box, for findings logged without pointing. */
export function middleOf({ box, mark }: Pick<Part, 'box' | 'mark'>): { u: number; v: number } {
  if (box.width === 0 || box.height === 0) return { u: 0.5, v: 0.5 };
  const share = (value: number) => Math.round(value * 1000) / 1000;
  return { u: share((mark.at[0] - box.x) / box.width), v: share((mark.at[1] - box.y) / box.height) };
}
